/**
 * What cooks call what the tables hold (common practice, no source): by id its everyday, regional and label names, in the singular,
 * and what is known of it beside its row: a name of its own, one of it in g, what its bunch, bulb or slice weighs (estimates; from
 * memory), and whether it is sold in the tins that are usual where one cooks.
 */
export interface NamedRow {
  readonly id: string;
  /** With "|" between them. */
  readonly names: string;
  /** What it is shown as, where the published table's name is no cook's. */
  readonly name?: string;
  readonly pieceG?: number;
  readonly pieces?: Readonly<Record<string, number>>;
  readonly tinned?: true;
}

export const row = (id: string, names: string, more: Omit<NamedRow, 'id' | 'names'> = {}): NamedRow => ({
  id,
  names,
  ...more,
});
export const tinned = { tinned: true } as const;
