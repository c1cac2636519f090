import { shredInScoop, type Scoop } from '../../batch/index.ts';
import type { Portion } from '../../order/index.ts';
import type { Measure } from './wanted.ts';

/** Nobody fills a plate with more scoops than this. */
const MOST = 3;

/** What a scoop holds of shred, g: as it was weighed, else by its volume. */
export const gramsOfScoop = (scoop: Scoop): number => scoop.shredG ?? shredInScoop(scoop);

/**
 * The level measures that a portion may be made of: one, two or three of one scoop or ladle, between the smallest and the
 * largest; where none fits, the one that comes nearest to what is wanted.
 */
export function measuresFor(
  scoops: readonly Scoop[],
  kind: Scoop['kind'],
  { min, want, max }: Portion,
): readonly Measure[] {
  if (!(want > 0)) return [];
  const all = scoops
    .filter((scoop) => scoop.kind === kind)
    .flatMap((scoop): Measure[] => {
      const one = kind === 'scoop' ? gramsOfScoop(scoop) : scoop.ml;
      return Array.from({ length: MOST }, (_, i) => ({
        id: scoop.id,
        name: scoop.name,
        times: i + 1,
        amount: one * (i + 1),
      }));
    });
  const fitting = all.filter(({ amount }) => amount >= min && amount <= max);
  if (fitting.length > 0) return fitting;
  const away = ({ amount, times }: Measure) => Math.abs(amount - want) + times * 1e-6;
  const [nearest] = [...all].sort((a, b) => away(a) - away(b));
  return nearest ? [nearest] : [];
}
