import type { Batch, Entry, Handout, Kitchen, Learned, Meal, Note, ShelfItem } from '@/core/meal/index.ts';
import type { Hours } from '@/core/clock/index.ts';
import type { Digest } from '@/core/log/index.ts';

/* What the rows of each table are: types alone, for whoever reads or writes them. */

/** A meal as it is kept. One that came in from a file keeps the kitchen it came with. */
export interface MealRow {
  readonly id: string;
  readonly meal: Meal;
  /** When it was made or came in, ms: the order of the list. */
  readonly made: number;
  readonly kitchen?: Kitchen;
  /** What its kitchen had learned, if it came in from a file. */
  readonly learned?: Learned;
}

export interface BatchRow {
  readonly id: string;
  readonly mealId: string;
  readonly batch: Batch;
}

/** A reading as acts know it; on the disk those of a batch lie in one row, a `ReadingsRow`. */
export interface EntryRow {
  readonly id: string;
  readonly mealId: string;
  readonly entry: Entry;
}

/** All readings of a batch, in the order in which they were made. */
export interface ReadingsRow {
  /** The batch. */
  readonly id: string;
  readonly mealId: string;
  readonly entries: readonly Entry[];
}

/** What a list says of a meal, and what a search looks through: made anew with each change of the meal. */
export interface SummaryRow {
  /** The meal. */
  readonly id: string;
  readonly made: number;
  readonly name: string;
  /** As the cook's clock shows it, "2026-12-05T18:00". */
  readonly serving?: string;
  readonly zone?: string;
  readonly pots: number;
  readonly plates: number;
  /** Names of the meal, its dishes, pots and cuts, in small letters. */
  readonly words: string;
  /** It cannot be read. */
  readonly damaged?: true;
}

/** What the log knows of the batches of a meal: made from its rows, and let go of when they change. */
export interface DigestRow {
  /** The meal. */
  readonly id: string;
  /** By which program, table and kitchen it was made. */
  readonly stamp: string;
  readonly digests: readonly Digest[];
}

/** A picture of a batch, small; it stays in this browser. */
export interface PhotoRow {
  /** The batch. */
  readonly id: string;
  readonly picture: Blob;
}

/** A meal that was taken away, with its rows as they stood: it can be put back for some weeks. */
export interface BinRow {
  /** The meal. */
  readonly id: string;
  /** When it went, epoch ms. */
  readonly at: number;
  readonly name: string;
  readonly row: MealRow;
  readonly batches: readonly BatchRow[];
  readonly entries: readonly EntryRow[];
}

/** The ids of what was taken away from a meal, or undone. */
export interface GoneRow {
  /** The meal, or “kitchen” for the one that all share. */
  readonly id: string;
  /** In order; of what lay in something, behind its id and a slash. */
  readonly ids: readonly string[];
}

/** A meal and its pots as a file of them went out or came in: what two copies are held against. */
export interface VersionRow {
  /** The meal and the version. */
  readonly id: string;
  readonly mealId: string;
  readonly version: string;
  /** When it was kept, epoch ms. */
  readonly at: number;
  readonly meal: Meal;
  readonly batches: readonly Batch[];
  /** The versions that it had come through before it came here. */
  readonly before: readonly string[];
  /** It is a copy’s from elsewhere, and in this meal only as long as the meal says that it was put together with it. */
  readonly theirs?: true;
}

/** Somebody’s part of a day, on the phone that it was handed to, with what was written there. */
export interface HandoutRow {
  /** The handout. */
  readonly id: string;
  readonly handout: Handout;
  readonly entries: readonly Entry[];
  readonly notes: readonly Note[];
}

/** What is typed in a field and not entered yet. */
export interface DraftRow {
  readonly id: string;
  readonly text: string;
}

export interface Settings {
  readonly system: 'metric' | 'us';
  readonly degrees: 'C' | 'F';
  /** How times of day are written; absent: 18:00. */
  readonly hours?: Hours | undefined;
  /** How the plan's rings are told; absent: by a bell. */
  readonly rings?: 'silent' | 'spoken' | undefined;
}

/** The kitchen and the settings: one row each. */
export type KeptRow =
  | { readonly id: 'kitchen'; readonly kitchen: Kitchen }
  | { readonly id: 'settings'; readonly settings: Settings }
  /** What is kept for later, and what has gone of it. */
  | { readonly id: 'shelf'; readonly items: readonly ShelfItem[] }
  /** What has been ticked off the shopping list. */
  | {
      readonly id: 'shopping';
      readonly got: readonly string[];
      /** Lines that the cook has put on the list. */
      readonly lines?: readonly string[];
    };

/** The log is kept in parts, by its meals: one that has changed has its part alone written anew. */
export type LogPart = `${'log' | 'taught'} ${number}`;

/** What this browser keeps of itself, and no file carries: when all was backed up last, and when something was changed. */
export type BrowserRow =
  | {
      readonly id: 'backup';
      /** Epoch ms. */
      readonly at?: number;
      /** Where a backup is written by itself, once a day in which something has changed. */
      readonly folder?: FileSystemDirectoryHandle;
      /** Why the folder could not be written last. */
      readonly failed?: string;
    }
  | { readonly id: 'changed'; readonly at: number }
  /** Cautions that were read on this device. */
  | { readonly id: 'read cautions'; readonly which: readonly string[] }
  /** The log without its strands, and what it teaches: made with the digests, and read in one piece as JSON. */
  | { readonly id: LogPart; readonly text: string }
  /** All its parts have been written. */
  | { readonly id: 'log made' }
  /** A digest was let go of since then. */
  | {
      readonly id: 'untaught';
      /** Of these meals; absent: nobody knows of which. */
      readonly meals?: readonly string[];
    }
  /** How far the demo’s own clock is ahead of the machine’s, ms. */
  | { readonly id: 'clock'; readonly ahead: number }
  /** What tells this browser’s readings from those of others. */
  | { readonly id: 'device'; readonly device: string };

/** A timer: kept as the clock time at which it rings, so that no sleep of the page moves it. */
export interface TimerRow {
  readonly id: string;
  readonly name: string;
  /** Epoch ms. */
  readonly ends: number;
  readonly minutes: number;
  /** It has rung, or its being missed has been said. */
  readonly rung: 0 | 1;
  /** Of a meal's plan: it comes by itself, moves with the plan, and goes with what it calls to. */
  readonly mealId?: string;
  /** The cook has put it off, or has heard it. */
  readonly heard?: 'later' | 'yes';
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
  /** The meal it belongs to; empty for what belongs to none. */
  readonly mealId: string;
  /** It belongs to no meal, takes one away, or was done where no meal is open: there it is on offer. */
  readonly house: 0 | 1;
  /** Keystrokes in one field within moments are one act. */
  readonly field?: string;
  readonly changes: readonly Change[];
}
