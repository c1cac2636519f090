/** A table as it was read. */
export interface CsvTable {
  readonly name: string;
  readonly heads: readonly string[];
  readonly rows: readonly (readonly string[])[];
}
