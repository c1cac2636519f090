import { Dexie, type EntityTable } from 'dexie';
import type { Batch, Entry, Kitchen, Meal } from '@/core/batch/index.ts';

/** A meal as it is kept. One that came in from a file keeps the kitchen it came with. */
export interface MealRow {
  readonly id: string;
  readonly meal: Meal;
  /** When it was made or came in, ms: the order of the list. */
  readonly made: number;
  readonly kitchen?: Kitchen;
}

export interface BatchRow {
  readonly id: string;
  readonly mealId: string;
  readonly batch: Batch;
}

export interface EntryRow {
  readonly id: string;
  readonly mealId: string;
  readonly entry: Entry;
}

export interface Settings {
  readonly system: 'metric' | 'us';
  readonly degrees: 'C' | 'F';
}

/** The kitchen and the settings: one row each. */
export type KeptRow =
  | { readonly id: 'kitchen'; readonly kitchen: Kitchen }
  | { readonly id: 'settings'; readonly settings: Settings }
  /** What has been ticked off the shopping list. */
  | { readonly id: 'shopping'; readonly got: readonly string[] };

/** A timer: kept as the clock time at which it rings, so that no sleep of the page moves it. */
export interface TimerRow {
  readonly id: string;
  readonly name: string;
  /** Epoch ms. */
  readonly ends: number;
  readonly minutes: number;
  /** It has rung, or its being missed has been said. */
  readonly rung: 0 | 1;
}

export type Row = MealRow | BatchRow | EntryRow | KeptRow;
export type TableName = 'meals' | 'batches' | 'entries' | 'kept';

/** What one act did to one row: what it was before (nothing, if it is new) and after. Entries are only ever added; one that is undone stays in the journal alone. */
export type Change =
  | {
      readonly what: 'put';
      readonly table: TableName;
      readonly id: string;
      readonly before?: Row;
      readonly after?: Row;
    }
  | { readonly what: 'append'; readonly row: EntryRow };

/** One thing a user did, with what brings it about again and what takes it back. */
export interface Act {
  readonly seq: number;
  readonly at: number;
  /** Names the act: "the weight of a lot". Said before it is undone. */
  readonly words: string;
  readonly undone: 0 | 1;
  /** Keystrokes in one field within moments are one act. */
  readonly field?: string;
  readonly changes: readonly Change[];
}

export type SlowSpoonDb = Dexie & {
  meals: EntityTable<MealRow, 'id'>;
  batches: EntityTable<BatchRow, 'id'>;
  entries: EntityTable<EntryRow, 'id'>;
  kept: EntityTable<KeptRow, 'id'>;
  acts: EntityTable<Act, 'seq'>;
  timers: EntityTable<TimerRow, 'id'>;
};

// On a loopback address Dexie collects the stack of every promise; that took a fifth of the start.
Dexie.debug = false;

/** Opens a database by name: the demo's is not the user's. Writes wait for the disk. */
export function openDb(name: string): SlowSpoonDb {
  const db = new Dexie(name, { chromeTransactionDurability: 'strict' }) as SlowSpoonDb;
  db.version(1).stores({
    meals: 'id, made',
    batches: 'id, mealId',
    entries: 'id, mealId',
    kept: 'id',
    acts: '++seq',
  });
  db.version(2).stores({ timers: 'id, ends' });
  return db;
}
