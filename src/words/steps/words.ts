import type { AfterWhat } from '@/core/meal/index.ts';
import type { AfterStepOf, WeighedStep } from '@/core/work/index.ts';

/** What is known at the bench beside the step: bones still to find, where they were counted, and how many are out. */
export interface AtTheBench {
  readonly bonesLeft: number | undefined;
  readonly back: number;
}

/** What is said of a kind of step. */
export type StepWords<W extends AfterWhat> = {
  /** As an act. */
  readonly act: string;
  /** In a list, in the fewest words, with what was written of it. */
  readonly short: (step: AfterStepOf<W>) => string;
  /** What is asked for at the bench; absent: the act. */
  readonly title?: (step: AfterStepOf<W>, at: AtTheBench) => string;
} & (W extends WeighedStep
  ? {
      /** What lies on the scale: for the name of the reading, and in the bowl. */
      readonly weighed: { readonly reading: string; readonly inBowl: string };
    }
  : unknown);

/** What of it is said, with a space between. */
export const said = (...parts: readonly (string | false | undefined)[]): string =>
  parts.filter((part) => typeof part === 'string' && part !== '').join(' ');
