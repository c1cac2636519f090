import type { Heat, Lid, OwnTask, Picking, Skim, Step } from '../../batch/schema.ts';

/** What a batch asks of the day. Minutes of the pot are counted from when it is hot. */
export interface DayBatch {
  readonly id: string;
  readonly name: string;
  /** Epoch ms: when its lid went on. */
  readonly lidOn: number | undefined;
  /** Tasks that are over, without the batch's name. */
  readonly over: ReadonlySet<string>;
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
  readonly moments: readonly { readonly key: string; readonly words: string; readonly at: number }[];
  readonly lids: readonly { readonly at: number; readonly lid: Lid }[];
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

/** How many of a kind of thing there are, or each of them by itself. */
export interface DayRoom {
  readonly name: string;
  readonly amount: number;
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
  readonly rooms: readonly DayRoom[];
  readonly over: ReadonlySet<string>;
}
