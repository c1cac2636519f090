import type { BeyondLimit, Lid } from '../meal/index.ts';
import type { OwnCutFault } from '../meat/index.ts';
import type { PortionFault } from '../order/index.ts';
import type { MisfitSays, Remedy as FitRemedy } from '../pot/index.ts';
import type { Quantity } from '../quantity/index.ts';

/** Something in the input that a cook has to look at: what it is, with its figures, and where it stands. */
export interface Problem {
  readonly batch?: string;
  readonly lot?: string;
  readonly item?: string;
  readonly dish?: string;
  /** A guest must not have it: said of the pot and at the order, not of the field. */
  readonly guest?: true;
  /** Where it is the cook's concern, if not wherever the batch is. */
  readonly stage?: 'pot' | 'clock' | 'bench' | 'broth';
  /** It is said on every sheet of the batch. */
  readonly everywhere?: true;
  readonly says: Says;
  /** What can be done about it with one press. */
  readonly remedies?: readonly Remedy[];
}

/** Each thing that may be wrong, by its code, with the figures that its sentence tells. */
export type Says =
  | BeyondLimit
  | OwnCutFault
  | PortionFault
  | MisfitSays
  | { readonly what: 'unknown cut' | 'unknown ingredient'; readonly id: string }
  | { readonly what: 'never weighed empty'; readonly vessel: string }
  | { readonly what: 'more bone than meat'; readonly bone: string; readonly lot: string }
  | { readonly what: 'price without weight'; readonly price: string }
  | { readonly what: 'guest: animal'; readonly pot: string; readonly species: string }
  | {
      readonly what: 'guest: ingredient';
      readonly pot: string;
      readonly name: string;
      readonly holds: readonly string[];
    }
  | {
      readonly what: 'guest: not known';
      readonly where: string;
      readonly name: string;
      readonly avoid: readonly string[];
    }
  | {
      readonly what: 'guest: dish';
      readonly dish: string;
      readonly name: string;
      readonly holds: readonly string[];
    }
  | {
      readonly what: 'reduced too far';
      readonly text: string;
      readonly askedMl: number;
      readonly solidsMl: number;
    }
  | { readonly what: 'too few pieces'; readonly wanted: number; readonly have: number }
  | { readonly what: 'never tender'; readonly setting: string | undefined; readonly cut: string }
  | {
      readonly what: 'salt: refused' | 'salt: too much';
      readonly liquid: LiquidName;
      readonly finished: number;
      /** What was written, and the most that anyone eats. */
      readonly typed: string;
      readonly most: number;
      readonly lessG: number;
      readonly bestG: number;
    }
  | {
      readonly what: 'salt: brought in';
      readonly liquid: LiquidName;
      readonly finished: number;
      readonly itemsG: number;
      /** Absent: water alone does not do it. */
      readonly thinMl?: number;
    }
  | {
      readonly what: 'boils dry';
      /** Quite, or nearly. */
      readonly dry: boolean;
      readonly lackedMl: number;
      readonly steamMl: number;
      /** What helps is offered beside it. */
      readonly isOffered?: boolean;
    }
  | { readonly what: 'longer than a day'; readonly cut: string }
  | {
      readonly what: 'cold too long';
      readonly cut: string;
      readonly hours: number;
    }
  | {
      readonly what: 'still in';
      readonly things: readonly { readonly name: string; readonly left: number; readonly of: number }[];
    }
  | {
      readonly what: 'slow cooker keeps it';
      readonly leftMl: number;
      readonly needMl: number;
      /** Undefined where nothing can be poured less any more. */
      readonly lessMl?: number;
      readonly boilMin: number;
    };

type LiquidName = 'broth' | 'sauce';

/** What can be done with one press. */
export type Remedy =
  | FitRemedy
  | { readonly what: 'pour less'; readonly item: string; readonly amount: Quantity; readonly lessMl: number }
  | {
      readonly what: 'pour more';
      readonly item: string;
      readonly amount: Quantity;
      readonly moreMl: number;
    }
  /** The lid goes on; as it was only for the last minutes, if it says so. */
  | {
      readonly what: 'cover';
      readonly openLast?: { readonly lid: Exclude<Lid, 'on'>; readonly minutes: number };
    }
  | { readonly what: 'heat'; readonly setting: Quantity; readonly celsius: number }
  | { readonly what: 'salt'; readonly grams: number };
