/** A row of the SR24 extract as it stands in the file. */
export interface Food {
  readonly ndb: string;
  readonly name: string;
  readonly group: string;
  readonly per100g: {
    readonly water: number;
    readonly protein: number;
    readonly fat: number;
    readonly ash: number;
    readonly carbohydrate: number;
    readonly alcohol: number;
    readonly sodiumMg: number;
  };
  readonly measures: readonly { readonly amount: number; readonly unit: string; readonly grams: number }[];
  readonly yield?: { readonly rawG: number; readonly cookedG: number; readonly rawIncludesRefuse: boolean };
}
