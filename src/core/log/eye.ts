import type { Logged } from './digest.ts';
import { knownOf } from './learn.ts';

/** A guess of the shred of one batch, the cook's and the program's, off what was weighed: .1 is a tenth too much. */
export interface Guessed {
  readonly digest: Logged;
  readonly cut: string;
  readonly cook: number;
  readonly program: number;
}

/** So many of the latest are told. */
const TOLD = 24;

/** How far the cook's guesses and the program's were off, oldest first: the program's by what the log had taught before. */
export function guessesOf(digests: readonly Logged[]): readonly Guessed[] {
  const guessed = digests.filter(
    ({ guessG, weighed, leftOut }) => guessG !== undefined && weighed && !leftOut,
  );
  return guessed.slice(-TOLD).flatMap((digest): Guessed[] => {
    const shredG = digest.cuts.reduce((sum, one) => sum + one.shredG, 0);
    if (!(shredG > 0) || digest.guessG === undefined) return [];
    const before = digests.filter(({ at, leftOut }) => !leftOut && at < digest.at);
    const known = knownOf(
      'y',
      before.flatMap(({ evidence }) => evidence.filter(({ what }) => what === 'y')),
    );
    const foretold = digest.cuts.reduce(
      (sum, { cut, plannedG }) => sum + plannedG * Math.exp((known.groups.get(cut) ?? known.unseen).mean),
      0,
    );
    return [
      {
        digest,
        cut: digest.cuts[0]?.name ?? '',
        cook: digest.guessG / shredG - 1,
        program: foretold / shredG - 1,
      },
    ];
  });
}

/** Mean of how far guesses were off, either way, over the first and over the latest five of them. */
export function offBy(
  guesses: readonly number[],
): { readonly first: number; readonly latest: number } | undefined {
  if (guesses.length === 0) return undefined;
  const mean = (some: readonly number[]) => some.reduce((sum, one) => sum + Math.abs(one), 0) / some.length;
  return { first: mean(guesses.slice(0, FEW)), latest: mean(guesses.slice(-FEW)) };
}
const FEW = 5;
