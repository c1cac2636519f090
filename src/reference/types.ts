/** The reference tables as data: every row names the SR24 rows it was made from. */

/** Composition in grams per gram. Rows of SR24 need not sum to one. */
export interface Composition {
  readonly water: number;
  readonly protein: number;
  readonly fat: number;
  readonly ash: number;
}

export type Species = 'beef' | 'veal' | 'lamb' | 'goat' | 'pork' | 'bison' | 'venison';

export interface Cut {
  readonly id: string;
  readonly name: string;
  readonly species: Species;
  readonly family: string;
  /** Raw flesh, without bone. */
  readonly raw: Composition;
  /** The cooked row of the same meat (published), where there is one. */
  readonly cooked?: Composition;
  /** Fat-free cooked per fat-free raw, and fat retained of the raw fat: core/meat/cookedModel. */
  readonly fatFreeYield: number;
  readonly retention: number;
  /** Fat that stays of the raw fat in the flows, below 1: core/meat/keptFat. */
  readonly keptFat: number;
  /** Bone of purchased weight, 0 to 1; from the model and the published 1-lb yield, or an estimate. */
  readonly boneShare: number;
  /** Bone of purchased weight where a boneless cut is bought with its bone (estimate). */
  readonly boneIn?: number;
  /** Cooked weight without bone, of purchased weight (published), where there is a 1-lb yield. */
  readonly cookedOfPurchased?: number;
  /** Lean-only share of the cooked boneless weight, from the two published cooked weights. */
  readonly leanShare: number;
  /** Fat of that lean, of the cooked whole's: from the same rows. */
  readonly leanFat: number;
  /** Time to tender against beef chuck = 1 (estimate). */
  readonly toughness: number;
  /** What it is good for (common practice, no source). */
  readonly goodFor: readonly string[];
  /** Which of its figures are estimates, and whose they are; empty where all are published. */
  readonly estimates: readonly string[];
  /** A name that covers several: the ids of those that it may be, pooled; its figures are their means. */
  readonly pools?: readonly string[];
  /** How far those lie apart: the standard deviation of the log of what is served of the purchased weight. */
  readonly apart?: number;
  readonly source: string;
}

/** grams per gram, closed to one: what a flow's vector needs. */
export interface IngredientComposition {
  readonly water: number;
  readonly protein: number;
  readonly fat: number;
  readonly ash: number;
  readonly salt: number;
  readonly other: number;
  readonly alcohol: number;
}

export interface Ingredient {
  readonly id: string;
  readonly name: string;
  /** The published row's own name, where it is shown by another. */
  readonly row?: string;
  readonly role: 'liquid' | 'solid';
  readonly per: IngredientComposition;
  /** Weight of one piece, g (published household measure). */
  readonly pieceG?: number;
  /** What its bunch, bulb or slice weighs, g (estimates). */
  readonly pieces?: Readonly<Record<string, number>>;
  /** It is sold in the tins that are usual where one cooks. */
  readonly tinned?: true;
  /** g/ml from the published cup, where there is one. */
  readonly density?: number;
  /** What some guests must not have (common practice, no source; the label decides). */
  readonly holds?: readonly string[];
  /** It is made in many ways: what else is in it only its label says. */
  readonly unsure?: true;
  /** What each prep takes off, of the weight as bought. */
  readonly off?: Readonly<Partial<Record<string, number>>>;
  /** What usually becomes of it in the pot; absent: it stays. */
  readonly fate?: 'stays' | 'comes out' | 'puréed';
  /** What it does in the pan or the pot: the order of adding hangs on it. */
  readonly does?: 'gives off water' | 'browns' | 'burns' | 'is fried' | 'boils down' | 'thickens' | 'soaks';
  /** Where it stands in a shop, and what one pack usually holds, g (estimate). */
  readonly section: string;
  readonly packG?: number;
  readonly source: string;
}

export interface Reference {
  readonly version: string;
  readonly cuts: readonly Cut[];
  readonly separableFat: Readonly<Record<Species, Composition>>;
  readonly ingredients: readonly Ingredient[];
}
