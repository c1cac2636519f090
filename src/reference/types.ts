/** The reference tables as data: every row names the SR24 rows it was made from. */

/** Composition in grams per gram. Rows of SR24 need not sum to one. */
export interface Composition {
  readonly water: number;
  readonly protein: number;
  readonly fat: number;
  readonly ash: number;
}

export type Species = 'beef' | 'lamb' | 'pork';

export interface Cut {
  readonly id: string;
  readonly name: string;
  readonly species: Species;
  readonly family: string;
  /** Raw and cooked flesh, without bone (published). */
  readonly raw: Composition;
  readonly cooked: Composition;
  /** Bone of purchased weight, 0 to 1; derived from the balance and the published 1-lb yield. */
  readonly boneShare: number;
  /** Cooked weight without bone, of purchased weight (published), where there is a 1-lb yield. */
  readonly cookedOfPurchased?: number;
  /** Lean-only share of the cooked boneless weight, from the two published cooked weights. */
  readonly leanShare: number;
  /** The relative whose lean share it is, where this cut has none of its own: an estimate. */
  readonly leanShareLike?: string;
  /** Time to tender against beef chuck = 1 (estimate). */
  readonly toughness: number;
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
  readonly role: 'liquid' | 'solid';
  readonly per: IngredientComposition;
  /** Weight of one piece, g (published household measure). */
  readonly pieceG?: number;
  /** g/ml from the published cup, where there is one. */
  readonly density?: number;
  readonly source: string;
}

export interface Reference {
  readonly version: string;
  readonly cuts: readonly Cut[];
  readonly separableFat: Readonly<Record<Species, Composition>>;
  readonly ingredients: readonly Ingredient[];
}
