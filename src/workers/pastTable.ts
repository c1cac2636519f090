import papa from 'papaparse';
import {
  type CsvMapping,
  type CsvReading,
  csvColumnFor,
  type CsvUnits,
  type PastMeal,
  readPastRows,
} from '@/core/log/index.ts';
import type { Kitchen } from '@/core/meal/index.ts';
import type { readQuantity } from '@/core/quantity/index.ts';
import { reference } from '@/reference/index.ts';

/** A table as it was opened. */
export interface TableHeads {
  readonly heads: readonly string[];
  readonly rows: number;
  /** The columns as their headings say. */
  readonly mapping: CsvMapping;
}

/** How the cook has said that it is to be read. */
export interface TableReading {
  readonly mapping: CsvMapping;
  readonly units: CsvUnits;
  readonly said: Readonly<Record<string, string>>;
  readonly kitchen: Kitchen;
  readonly zone: string;
}

/** What of a table is shown before anything of it comes in: the past cooks themselves stay where they were read. */
export interface TableRead {
  readonly cooks: number;
  /** The first of them. */
  readonly first: readonly PastMeal[];
  readonly left: number;
  /** Why rows are left out, the first of them. */
  readonly why: CsvReading['bad'];
  readonly asks: CsvReading['asks'];
}

/** Rows between two breaths. */
const AT_A_TIME = 1_000;
const SHOWN = 8;
/** More reasons than this nobody reads. */
const REASONS = 200;

const isEmpty = (row: readonly string[]) => row.every((cell) => cell.trim() === '');

/** A table of past cooks, in the thread that reads it. */
export class PastTable {
  #rows: readonly (readonly string[])[] = [];
  #good: readonly PastMeal[] = [];
  #asked = 0;
  readonly #reader: typeof readQuantity;

  /** @param reader of quantities: handed over, it lies in the file of the thread that hands it, not in one of a page's */
  constructor(reader: typeof readQuantity) {
    this.#reader = reader;
  }

  /** @returns undefined where there are no rows under a heading */
  open(text: string): TableHeads | undefined {
    // An empty line is a line: a row is named by where it stands in the file.
    const [heads, ...rows] = papa.parse<string[]>(text).data;
    if (!heads || rows.every(isEmpty)) return undefined;
    this.#rows = rows;
    const mapping: Record<string, number> = {};
    for (const [i, head] of heads.entries()) {
      const column = csvColumnFor(head);
      if (column) mapping[column] ??= i;
    }
    return { heads, rows: rows.length, mapping };
  }

  /**
   * Reads it, and keeps what it read.
   * @param told is told how many rows have been read
   * @returns undefined where it was asked to read otherwise meanwhile
   */
  async read(
    { mapping, units, said, kitchen, zone }: TableReading,
    told: (rows: number) => void,
  ): Promise<TableRead | undefined> {
    const asked = (this.#asked += 1);
    const good: PastMeal[] = [];
    const why: CsvReading['bad'][number][] = [];
    const asks = new Map<string, CsvReading['asks'][number]>();
    let left = 0;
    for (let from = 0; from < this.#rows.length; from += AT_A_TIME) {
      const read = readPastRows(this.#rows.slice(from, from + AT_A_TIME), mapping, units, {
        kitchen,
        reference,
        newId: () => crypto.randomUUID(),
        zone,
        // The heading is the first line.
        firstLine: from + 2,
        said,
        reader: this.#reader,
      });
      good.push(...read.good);
      left += read.bad.length;
      why.push(...read.bad.slice(0, REASONS - why.length));
      for (const ask of read.asks) asks.set(ask.text, ask);
      told(Math.min(from + AT_A_TIME, this.#rows.length));
      // What was asked meanwhile is heard between two pieces.
      await new Promise((resolve) => setTimeout(resolve));
      if (asked !== this.#asked) return undefined;
    }
    this.#good = good;
    return { cooks: good.length, first: good.slice(0, SHOWN), left, why, asks: [...asks.values()] };
  }

  /** Some of the past cooks that were read last. */
  some(from: number, to: number): readonly PastMeal[] {
    return this.#good.slice(from, to);
  }
}
