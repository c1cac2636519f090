import type { Scoop } from '../../meal/index.ts';
import type { Portion } from '../../order/index.ts';
import type { Measure } from './wanted.ts';

/** Nobody fills a plate with more scoops than this. */
const MOST = 3;

/** What so many weighings of a scoop or a handful say: their mean, and how far one lies from it, g. */
export function weighedScoops(weighed: readonly number[]): {
  readonly mean: number;
  readonly spread: number;
} {
  const n = Math.max(1, weighed.length);
  const mean = weighed.reduce((sum, g) => sum + g, 0) / n;
  const off = weighed.reduce((sum, g) => sum + (g - mean) ** 2, 0);
  return { mean, spread: weighed.length > 1 ? Math.sqrt(off / (n - 1)) : 0 };
}

/**
 * The level measures that a portion may be made of: one, two or three of one scoop or ladle, between the smallest and the
 * largest; where none fits, the one that comes nearest to what is wanted.
 * @param gramsOf what a scoop holds of shred, g
 */
export function measuresFor(
  scoops: readonly Scoop[],
  kind: Scoop['kind'],
  { min, want, max }: Portion,
  gramsOf: (scoop: Scoop) => number,
): readonly Measure[] {
  if (!(want > 0)) return [];
  const all = scoops
    // A handful is a measure once it was weighed.
    .filter((scoop) => scoop.kind === kind || (kind === 'scoop' && scoop.kind === 'hand' && scoop.shredG))
    .flatMap((scoop): Measure[] => {
      const one = kind === 'scoop' ? gramsOf(scoop) : scoop.ml;
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

/** The least of some levels that is as much as is wanted, else the most there is; undefined: there are none. */
export const levelFor = (want: number, levels: readonly number[]): number | undefined =>
  levels.find((level) => level >= want) ?? levels.at(-1);
