import { readFileSync } from 'node:fs';

/** What has been reached, figure by figure: `speed/reached.json`. */
export interface Reached {
  /** What was measured where it was written. */
  readonly reached: number;
  /** In words: "ratio to …", "bytes", "calls". */
  readonly unit: string;
  /** What it is to be; absent: what it is. */
  readonly aim?: number;
  /** A bound that was raised says why. */
  readonly why?: string;
}
export type Table = Readonly<Record<string, Reached>>;

export const TABLE = 'speed/reached.json';
// Written by this module's users alone, it is what it says.
export const reachedTable = (): Table => JSON.parse(readFileSync(TABLE, 'utf8')) as Table;

/** A figure as it is measured now. */
export interface Figure {
  readonly name: string;
  readonly value: number;
  readonly unit: string;
  /** Counted, not timed: the same on every machine. */
  readonly exact: boolean;
}

export type Verdict = 'as it was' | 'slower, told' | 'too slow' | 'better' | 'not in the table';

/** A busy machine makes the least of some pairs half as slow again, and no more. */
const FAILS = 1.5;
const TOLD = 1.15;
/** So much better is kept. */
const BETTER = 0.9;

/** How a figure stands to what was reached. One that is exact may not be above its bound at all. */
export function verdictOf({ value, exact }: Figure, before: Reached | undefined): Verdict {
  if (!before) return 'not in the table';
  const by = value / before.reached;
  if (exact ? value > before.reached : by > FAILS) return 'too slow';
  if (by > TOLD) return 'slower, told';
  return by < BETTER ? 'better' : 'as it was';
}

/**
 * How many times as long as usual a timed figure is worth measuring, by how it stands so far: what would fail the run for long,
 * since a busy machine must fail nothing; what would only be told a little longer, so that the gate is quick.
 */
export type WorthTimes = (name: string, value: number) => number;
export const worthTimes =
  (table: Table): WorthTimes =>
  (name, value) => {
    const before = table[name];
    if (before === undefined) return 1;
    const by = value / before.reached;
    return by > FAILS ? 10 : by > TOLD ? 2 : 1;
  };

export const fails = (verdict: Verdict): boolean => verdict === 'too slow' || verdict === 'not in the table';

/** The table with what is a tenth better than it was, and what is new; nothing is ever loosened here. */
export function tightened(table: Table, figures: readonly Figure[]): Table {
  const kept = figures.map(({ name, value, unit, exact }): [string, Reached] => {
    const before = table[name];
    const better = before === undefined || verdictOf({ name, value, unit, exact }, before) === 'better';
    const reached = exact ? value : Number(value.toPrecision(3));
    return [name, before ? (better ? { ...before, reached } : before) : { reached, unit }];
  });
  return { ...table, ...Object.fromEntries(kept) };
}
