import type { Portion } from '../../order/index.ts';
import type { FromBatch } from '../out.ts';

/** A level scoop or ladle as often as it goes into one serving. */
export interface Measure {
  readonly id: string;
  readonly name: string;
  readonly times: number;
  /** g of shred, or ml of liquid, of all of them. */
  readonly amount: number;
}

/** A dish that is to be shared out. */
export interface ShareDish {
  readonly id: string;
  readonly name: string;
  /** Servings that were ordered, less those that went out already. */
  readonly count: number;
  readonly meat: Portion;
  readonly liquid: Portion;
  /** ml of liquid that the shred holds, of its own weight in g. */
  readonly held: number;
  /** 1 is served first. */
  readonly priority: number;
  /** The part that must not run short; undefined: both. */
  readonly firm: 'meat' | 'liquid' | undefined;
  /** Batches that it may draw on; undefined: all. */
  readonly from: readonly string[] | undefined;
  /** Portions that the cook has set and that stay, g and ml. */
  readonly lockedG: number | undefined;
  readonly lockedMl: number | undefined;
  /** It gets what is left, up to its largest. */
  readonly grows: boolean;
  /** Level measures that its portions may be made of; empty: by weight. */
  readonly scoops: readonly Measure[];
  readonly ladles: readonly Measure[];
}

/** What one batch has for the plates, g and ml. */
export interface ShareSource {
  readonly batch: string;
  readonly shredG: number;
  readonly liquidMl: number;
  /** The meat is back in its sauce: a ladle gives both in the pot's proportion. */
  readonly mixed: boolean;
}

export interface Sharing {
  readonly dishes: readonly ShareDish[];
  readonly sources: readonly ShareSource[];
  /** Nothing is left: portions grow to their largest. */
  readonly evenOut: boolean;
}

/** Both strands: g of shred, ml of liquid. */
export interface Both {
  readonly shredG: number;
  readonly liquidMl: number;
}

/** What one dish gets. */
export interface DishShare {
  readonly dish: string;
  readonly name: string;
  readonly servings: number;
  readonly of: number;
  /** For one serving: shred, g, liquid with what the shred holds, and that alone, ml. */
  readonly meatG: number;
  readonly liquidMl: number;
  readonly heldMl: number;
  readonly ladledMl: number;
  /** Between these its meat may lie, g: a largest that nobody has written is a third above what is wanted. */
  readonly smallestG: number;
  readonly largestG: number;
  readonly scoop: Measure | undefined;
  readonly ladle: Measure | undefined;
  /** One serving by the batches that it comes from. */
  readonly from: readonly FromBatch[];
}

export interface ShareOut {
  readonly dishes: readonly DishShare[];
  /** What there is to share, and what is left of it. */
  readonly there: Both;
  readonly left: Both;
  /** The same of each batch. */
  readonly leftBy: readonly (Both & { readonly batch: string })[];
  /** What is lacking for those that go without, g and ml. */
  readonly short: { readonly servings: number; readonly meatG: number; readonly liquidMl: number };
  /** No other sharing serves more, or comes nearer to what was wanted. */
  readonly proved: boolean;
}
