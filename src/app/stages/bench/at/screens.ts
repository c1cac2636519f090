import type { BatchReckoning } from '@/core/reckoning/index.ts';
import type { ComponentType } from 'react';
import type { AfterWhat } from '@/core/meal/index.ts';
import type { ComesOut } from '@/core/pot/index.ts';
import type { BenchCard, DayPlan } from '@/core/answers/index.ts';
import type { AfterStepOf } from '@/core/work/index.ts';

/** An act on a step: its name, and the step after it. */
export type ChangeStep<W extends AfterWhat> = (
  words: string,
  changes: (step: AfterStepOf<W>) => AfterStepOf<W>,
  field?: string,
) => void;

export interface HowProps<W extends AfterWhat> {
  readonly step: AfterStepOf<W>;
  /** The liquids that are set apart somewhere in the list. */
  readonly liquids: readonly string[];
  /** What the step is called. */
  readonly name: string;
  readonly onChange: ChangeStep<W>;
}

export interface AtProps {
  readonly card: BenchCard;
  readonly day: DayPlan | undefined;
  /** Something else is on the scale: what goes back. */
  readonly scaleTaken: boolean;
  readonly onTakeScale: (taken: boolean) => void;
}

/** What is known for the line under a card's title. */
export interface Known {
  readonly reckoning: BatchReckoning;
  readonly mass: (grams: number) => string;
  readonly volume: (ml: number) => string;
  /** Bones that somebody has counted. */
  readonly counted: readonly ComesOut[];
}

/** What stands on the card of a thing to do, about its weighing. */
export interface CardScreens {
  readonly Before?: ComponentType<AtProps>;
  readonly After?: ComponentType<AtProps>;
  /** Beneath what the balance could not account for. */
  readonly Last?: ComponentType<AtProps>;
}

/** All that is shown of a kind of step: what it leaves open, in the list; and its card. */
export interface StepScreens<W extends AfterWhat> extends CardScreens {
  readonly How: ComponentType<HowProps<W>> | undefined;
  /** What else has to be known for it, in one line. */
  readonly under?: (step: AfterStepOf<W>, known: Known) => string;
}
