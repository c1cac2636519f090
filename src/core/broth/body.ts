/** Chilled, gelatin above this sets, and above the other it is felt on the lips, g/l (estimates). */
const SETS = 15;
const FELT = 7;

/** What gelatin makes of a liquid: how much there is in a litre, g, and what that feels like. */
export interface Body {
  readonly gPerL: number;
  readonly feels: 'thin' | 'silky' | 'sets when cold';
}

/** The body of a finished liquid, from the gelatin dissolved in it, g, and how much of it there is, ml. */
export function bodyOf(gelatinG: number, ml: number): Body {
  const gPerL = ml > 0 ? (1000 * gelatinG) / ml : 0;
  return { gPerL, feels: gPerL >= SETS ? 'sets when cold' : gPerL >= FELT ? 'silky' : 'thin' };
}
