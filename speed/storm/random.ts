import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** Numbers of a seed: what went wrong with them goes wrong again. */
export function randomOf(seed: number) {
  const random = xoroshiro128plus(seed);
  return {
    upTo: (most: number) => uniformInt(random, 0, most),
    oneOf: <T>(all: readonly [T, ...T[]]): T => all[uniformInt(random, 0, all.length - 1)] as T,
  };
}
export type Random = ReturnType<typeof randomOf>;
