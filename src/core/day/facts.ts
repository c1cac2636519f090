import type { Heat, OwnTask, Picking, Skim, Step } from '../batch/index.ts';
import type { Resource } from './resources.ts';
import type { BatchTaskKind, Doing } from './task.ts';

/** What a batch asks of the day. Minutes of the pot are counted from when it is hot. */
export interface DayBatch {
  readonly id: string;
  readonly name: string;
  /** Epoch ms: when its lid went on. */
  readonly lidOn: number | undefined;
  /** Its tasks that are over. */
  readonly over: ReadonlySet<BatchTaskKind>;
  readonly rawG: number;
  readonly steps: readonly { readonly what: Step; readonly minutes: number | undefined }[];
  /** What is soaked, and what is chopped, g. */
  readonly soaks: readonly string[];
  readonly chopG: number;
  /** What is boiled down before it goes in, min. */
  readonly boilFirstMin: number;
  readonly sear:
    { readonly panfuls: number; readonly minutes: number; readonly pan: string | undefined } | undefined;
  readonly smokeMin: number | undefined;
  readonly heat: Heat;
  /** °C of an oven or a smoker; of a slow cooker its word. */
  readonly setting: number | 'low' | 'high' | undefined;
  readonly vessels: readonly { readonly id: string; readonly name: string; readonly widthCm: number }[];
  readonly toHeatMin: number;
  /** Until it is ready at the chance that was asked. */
  readonly braiseMin: number;
  /** When to look, if each look says "not yet". */
  readonly looks: readonly number[];
  /** The lot to look at first. */
  readonly lookAt: string | undefined;
  /** What goes in and comes out on the way, and where the lid is moved. */
  readonly moments: readonly { readonly key: string; readonly does: Doing; readonly at: number }[];
  /** Torn and put back so many minutes before the end. */
  readonly tearMin: number | undefined;
  readonly stir: boolean;
  readonly turn: boolean;
  readonly cookedG: number;
  readonly picking: Picking;
  readonly strain: boolean;
  readonly skim: Skim;
  readonly liquidMl: number;
  readonly reduceMin: number;
  readonly shredG: number;
}

/** What a day is planned from. */
export interface DayFacts {
  readonly batches: readonly DayBatch[];
  readonly dishes: readonly {
    readonly id: string;
    readonly name: string;
    readonly kind: string;
    readonly count: number;
  }[];
  readonly own: readonly OwnTask[];
  readonly hands: number;
  /** Minutes of the day between which somebody works. */
  readonly awake: readonly [number, number];
  readonly zone: string;
  /** Epoch ms. */
  readonly serving: number | undefined;
  readonly forward: boolean;
  readonly minutes: Readonly<Record<string, number>>;
  readonly pins: Readonly<Record<string, number>>;
  readonly resources: readonly Resource[];
  /** Ids of tasks that were ticked as done. */
  readonly over: ReadonlySet<string>;
}
