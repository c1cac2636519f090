/** Chilled, gelatin above this sets, and above the other it is felt on the lips, g/l (estimates). */
const SETS = 15;
const FELT = 7;

/** What gelatin makes of a liquid. */
export type Body = 'thin' | 'silky' | 'sets when cold';

/**
 * The body of a finished liquid.
 * @param gelatinG dissolved in it, g; ml of the liquid
 */
export function bodyOf(gelatinG: number, ml: number): Body {
  const perLitre = ml > 0 ? (1000 * gelatinG) / ml : 0;
  return perLitre >= SETS ? 'sets when cold' : perLitre >= FELT ? 'silky' : 'thin';
}
