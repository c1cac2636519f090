import type { Amount, FlowId, Pool, Weighable } from '../ledger/index.ts';
import type { Fields, ValuesOf } from './fields.ts';
import type { Liquid } from './liquid.ts';

/** What is known of an ingredient that is stirred in: what a gram is made of, and g/ml. */
export interface Ingredient {
  readonly perGram: Amount;
  readonly density: number;
}

/** Where a step finds itself when it is planned. */
export interface StepSetting {
  /** The liquid that it is done to. */
  readonly of: string;
  /** An ingredient by its id; undefined where the kitchen has none such. */
  readonly find: (ref: string) => Ingredient | undefined;
}

/** What a step works with: the liquid that it names, and the pool that what it takes goes into. */
export interface StepRun {
  /** Solids and what was blended in, as they went into the pot. */
  readonly plan: { readonly solids: Amount; readonly blended: Amount };
  /** Water in the cooked meat, g. */
  readonly meat: { readonly meatWater: number };
  /** What solids hold and what a skim takes, of the usual. */
  readonly draw: { readonly held: number; readonly skim: number };
  readonly out: StepOut;
  readonly liquid: Liquid;
  readonly taken: Pool;
  /** What a cook weighed of it, g; NaN if nobody did. */
  readonly weighed: number;
}

/** What steps write beside the liquids. */
export interface StepOut {
  readonly liquids: readonly Liquid[];
  /** Salt in a gram of the meat's water; the water that it displaces joins the liquid. */
  saltOfMeatWater: number;
  /** Strained out, or in the sauce. */
  solids: number;
  /** What lies in the sieve, with the liquid that it holds, and what of that no sieve lets through. */
  readonly strainer: { readonly pool: Pool; readonly dry: Pool };
}

/** A task of the usual day. */
export type UsualTask = 'cool' | 'pull' | 'strain' | 'skim' | 'reduce' | 'together';

/**
 * What a step is in the day: one of the usual tasks; a piece of one; so many minutes of somebody's hands (common practice, no
 * source); or no time of its own.
 */
export type InDay =
  | { readonly task: UsualTask }
  | { readonly within: 'pot' | 'pull' }
  | { readonly minutes: number }
  | undefined;

/** What a step wrote, as its kind knows it. */
export type Written<F extends Fields> = ValuesOf<F> & { readonly id: string };

/**
 * A kind of step: all that the core knows of it.
 * F: what it leaves open; P: what it does to a liquid, with its figures; G: what is put on the scale at it.
 */
export interface StepKind<
  F extends Fields,
  P extends object,
  G extends Weighable | undefined = Weighable | undefined,
> {
  /** What the cook may say of it. */
  readonly fields: F;
  /** Whose next step waits for it. */
  readonly works: 'meat' | 'liquid' | 'both';
  readonly inDay: InDay;
  /** What is put on the scale at it. */
  readonly weighs: G;
  /** A step that is new to a list goes behind the last of these that the list has. */
  readonly behind?: readonly string[];
  /** It is done with all of a liquid: what is stirred in comes before. */
  readonly last?: true;
  /** A liquid stands apart after it, under the name it gives. */
  readonly makes?: true;
  /** As the liquid it stands apart under, where it makes one that was in no pot. */
  readonly apart?: (written: Written<F>) => string | undefined;
  readonly liquid?: {
    /** The flow that carries what it took; none where it takes nothing that is not the lots' own. */
    readonly flow: FlowId | undefined;
    /** What it does, with its figures; undefined where too much is open. */
    readonly plan: (written: Written<F>, setting: StepSetting) => P | undefined;
    /** Does it. */
    readonly run: (planned: P, run: StepRun) => void;
  };
}

/** A kind of step; one that does nothing to a liquid says nothing of it. */
export const stepKind = <
  const F extends Fields,
  const G extends Weighable | undefined,
  P extends object = never,
>(
  kind: StepKind<F, P, G>,
): StepKind<F, P, G> => kind;
