import type { AfterWhat, DishKind, Heat, OwnTask, Picking, Round, Skim, BeforeWhat } from '../meal/index.ts';
import type { ItemWork } from '../pot/index.ts';
import type { Strands } from '../work/index.ts';
import type { Resource } from './resources.ts';
import type { BatchTaskKind, Doing } from './task.ts';

/** An ingredient with what hands do to it; grams as bought. */
export interface DayItem extends Omit<ItemWork, 'softenMin'> {
  readonly marinade: boolean;
  /** It goes in once the pot is hot. */
  readonly later: boolean;
  readonly grams: number;
}

/** What a batch asks of the day. Minutes of the pot are counted from when it is hot. */
export interface DayBatch {
  readonly id: string;
  readonly name: string;
  /** The kitchen that it is cooked in; empty: the one where it is served. */
  readonly at: string;
  /** Epoch ms: when its lid went on. */
  readonly lidOn: number | undefined;
  /** Its tasks that are over. */
  readonly over: ReadonlySet<BatchTaskKind>;
  readonly rawG: number;
  /** All that lies in its pots once they are filled, g. */
  readonly filledG: number;
  readonly steps: readonly {
    readonly what: BeforeWhat;
    /** As long as was written, min; absent: as usual. */
    readonly least: number | undefined;
    readonly most: number | undefined;
  }[];
  /** What is left of its marinade goes into the pot, boiled for so long; undefined: it is thrown away, or there is none. */
  readonly boilMarinadeMin: number | undefined;
  /** What is in it beside the meat, in the order of the list. */
  readonly items: readonly DayItem[];
  /** What is softened in the fat, one after the other: what lies there equally long, together. */
  readonly softens: readonly { readonly names: readonly string[]; readonly minutes: number }[];
  /** What is boiled down before it goes in; 0 min: nothing. */
  readonly boilsFirst: { readonly names: readonly string[]; readonly minutes: number };
  /** Scum is taken off as it comes to the boil. */
  readonly skimsScum: boolean;
  readonly sear:
    | {
        readonly panfuls: number;
        readonly minutes: number;
        readonly pan: string | undefined;
        /** What the pan is loosened with, by name. */
        readonly loosenWith: { readonly name: string; readonly grams: number } | undefined;
      }
    | undefined;
  readonly smokeMin: number | undefined;
  /** Done at intervals while it lies in the open smoke, min. */
  readonly smokeRounds: readonly { readonly what: Round; readonly every: number }[];
  /** Put on the meat there, min after it went into the smoke. */
  readonly smokeMoments: readonly { readonly key: string; readonly does: Doing; readonly at: number }[];
  /** One heat after the other, min of a hot pot; the setting in °C of an oven or a smoker, of a slow cooker its word. */
  readonly heats: readonly {
    readonly heat: Heat;
    readonly setting: number | 'low' | 'high' | undefined;
    readonly from: number;
    readonly to: number;
  }[];
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
    | readonly ({
        readonly id: string;
        readonly what: AfterWhat;
        readonly minutes: number | undefined;
      } & Strands)[]
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

/** When and how some of the dishes reach their guests. */
export interface DaySitting {
  readonly id: string;
  /** Epoch ms; undefined: nobody has said. */
  readonly serving: number | undefined;
  /** Filled here, from hot boxes as they are asked for, or sent out. */
  readonly place: 'here' | 'kept hot' | 'sent out';
  readonly sent: { readonly road: number; readonly packing: number | undefined; readonly cold: boolean };
}

/** A further kitchen, with its own hands and hours. */
export interface DayKitchen {
  readonly id: string;
  readonly name: string;
  /** Min from there to where it is served. */
  readonly road: number;
  readonly hands: number;
  /** Ids of those who work there and have names. */
  readonly cooks: readonly string[];
  readonly awake: readonly [number, number];
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
    /** It is built on nothing that would be boiled or toasted. */
    readonly bare: boolean;
    /** The sitting at which it is served. */
    readonly sitting: string;
    /** The batches that it is filled from, where the cook has said; undefined: from any. */
    readonly from: readonly string[] | undefined;
  }[];
  /** The meal's own sitting, and those of an event beside it. */
  readonly sittings: readonly DaySitting[];
  readonly own: readonly OwnTask[];
  readonly hands: number;
  /** Ids of those who cook and have names: at most as many as there are hands. */
  readonly cooks: readonly string[];
  /** Whose a task is by the cook's word, by task. */
  readonly whose: Readonly<Record<string, string>>;
  /** Minutes of the day between which somebody works. */
  readonly awake: readonly [number, number];
  /** Minute of the day by which all go home on days on which nobody is served; undefined: as on the others. */
  readonly home: number | undefined;
  readonly zone: string;
  readonly forward: boolean;
  readonly minutes: Readonly<Record<string, number>>;
  /** How long the hands of this kitchen take at a kind of task, of the usual: by `paceGroup`. */
  readonly paces: Readonly<Record<string, number>>;
  readonly pins: Readonly<Record<string, number>>;
  readonly resources: readonly Resource[];
  /** Beside the one where it is served. */
  readonly kitchens: readonly DayKitchen[];
  /** Ids of tasks that were ticked as done. */
  readonly over: ReadonlySet<string>;
}
