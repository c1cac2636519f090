/** A table as it was opened; its rows stay in the thread that reads them. */
export interface CsvTable {
  readonly name: string;
  readonly heads: readonly string[];
  readonly rows: number;
}
