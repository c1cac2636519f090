import type { Both, EventFigures } from '@/core/event/index.ts';
import { bothWords, listed, type Writes } from '@/words/index.ts';

/* What is said in the drawing of an event. */

/** Of more pots than so many only the larger part of what is over is told: the table has it whole. */
const MANY = 6;
export const overWords = ({ g, ml }: Both, { mass, volume }: Writes, pots: number): string => {
  const parts = [...(g >= 1 ? [mass(g)] : []), ...(ml >= 1 ? [volume(ml)] : [])];
  return pots > MANY ? ((ml > g ? parts.at(-1) : parts[0]) ?? '') : `over ${parts.join(', ')}`;
};

/** There is room for so many letters above a strand. */
export const shortName = (name: string, pots: number): string => {
  const most = Math.max(6, Math.floor(110 / pots));
  return name.length > most ? `${name.slice(0, most - 1)}…` : name;
};

/** "Friday's beef, 18 kg raw: 9 kg of shred and 1.2 l of broth for Saturday supper". */
export function givesWords({ pots, gives, sittings }: EventFigures, id: string, writes: Writes): string {
  const pot = pots.find((one) => one.id === id);
  const parts = gives
    .filter((one) => one.pot === id)
    .map(
      (one) => `${bothWords(one, writes)} for ${sittings.find((to) => to.id === one.sitting)?.name ?? ''}`,
    );
  const raw = `${pot?.name ?? ''}, ${writes.mass(pot?.rawG ?? 0)} raw`;
  return parts.length > 0 ? `${raw}: ${listed(parts)}` : raw;
}
