import type { AfterWhat, DishKind, Heat, OwnTask, Picking, Round, Skim, Step } from '../meal/index.ts';
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
  readonly steps: readonly {
    readonly what: Step;
    /** As long as was written, min; absent: as usual. */
    readonly least: number | undefined;
    readonly most: number | undefined;
  }[];
  /** What is left of its marinade goes into the pot, boiled. */
  readonly boilsMarinade: boolean;
  /** By name: what is toasted, ground, soaked, blended and sieved before the pot, blistered and peeled. */
  readonly toasts: readonly string[];
  readonly grinds: readonly string[];
  readonly soaks: readonly string[];
  readonly blends: readonly string[];
  readonly sieves: readonly string[];
  readonly blisters: readonly string[];
  /** Some of what is cut up lies in the marinade. */
  readonly chopsMarinade: boolean;
  /** What a knife is taken to, and what a processor cuts, g. */
  readonly chopG: number;
  readonly processorG: number;
  /** What is softened in the fat, one after the other. */
  readonly softens: readonly { readonly name: string; readonly minutes: number }[];
  /** Blended after the pot, and lifted out whole as it ends. */
  readonly purées: readonly string[];
  readonly liftsOut: readonly string[];
  /** What is boiled down before it goes in, min. */
  readonly boilFirstMin: number;
  readonly sear:
    | { readonly panfuls: number; readonly minutes: number; readonly pan: string | undefined }
    | undefined;
  readonly smokeMin: number | undefined;
  readonly heat: Heat;
  /** °C of an oven or a smoker; of a slow cooker its word. */
  readonly setting: number | 'low' | 'high' | undefined;
  /** sideCm: the shorter side of a pan or tray without handles at its sides. */
  readonly vessels: readonly {
    readonly id: string;
    readonly name: string;
    readonly widthCm: number;
    readonly sideCm?: number;
  }[];
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
  /** Done at intervals, min, from and to min of a hot pot. */
  readonly rounds: readonly {
    readonly what: Round | 'tend the fire';
    readonly every: number;
    readonly from: number;
    readonly to: number;
  }[];
  /** More of it is sliced than pulls. */
  readonly firm: boolean;
  readonly cookedG: number;
  readonly picking: Picking;
  readonly strain: boolean;
  readonly skim: Skim;
  /** It goes into the cold before it is used. */
  readonly chilled: boolean;
  /** And stays there for the night; else it is only cooled through. */
  readonly overnight: boolean;
  /** It leaves the house cold and is reheated there. */
  readonly sentCold: boolean;
  /** The cook's own order once it is tender; undefined: the usual. */
  readonly after:
    | readonly { readonly id: string; readonly what: AfterWhat; readonly minutes: number | undefined }[]
    | undefined;
  /** It is pulled in its pot, and never lifted out. */
  readonly staysInPot: boolean;
  /** Until it can be touched, min, and how fast it is pulled, of the usual. */
  readonly coolMin: number;
  readonly pace: number;
  /** The same of skimming. */
  readonly skimPace: number;
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
    readonly kind: DishKind;
    readonly count: number;
    /** Guests build it: it is set out, not filled. */
    readonly built: boolean;
  }[];
  /** Filled here, from hot boxes as they are asked for, or sent out. */
  readonly place: 'here' | 'kept hot' | 'sent out';
  readonly sent: { readonly road: number; readonly packing: number | undefined; readonly cold: boolean };
  readonly own: readonly OwnTask[];
  readonly hands: number;
  /** Minutes of the day between which somebody works. */
  readonly awake: readonly [number, number];
  readonly zone: string;
  /** Epoch ms. */
  readonly serving: number | undefined;
  readonly forward: boolean;
  readonly minutes: Readonly<Record<string, number>>;
  /** How long the hands of this kitchen take at a kind of task, of the usual: by `paceGroup`. */
  readonly paces: Readonly<Record<string, number>>;
  readonly pins: Readonly<Record<string, number>>;
  readonly resources: readonly Resource[];
  /** Ids of tasks that were ticked as done. */
  readonly over: ReadonlySet<string>;
}
