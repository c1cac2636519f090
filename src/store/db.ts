import { Dexie, type EntityTable } from 'dexie';
import type {
  MealRow,
  BatchRow,
  EntryRow,
  ReadingsRow,
  SummaryRow,
  DigestRow,
  PhotoRow,
  BinRow,
  GoneRow,
  HandoutRow,
  VersionRow,
  DraftRow,
  KeptRow,
  BrowserRow,
  TimerRow,
  Act,
  Change,
  Row,
} from './kinds.ts';
import { newerBatch } from '@/core/meal/index.ts';
import { rowsByBatch } from './readings.ts';
import { scopeOf } from './scopes.ts';

export type SlowSpoonDb = Dexie & {
  meals: EntityTable<MealRow, 'id'>;
  batches: EntityTable<BatchRow, 'id'>;
  entries: EntityTable<ReadingsRow, 'id'>;
  kept: EntityTable<KeptRow, 'id'>;
  acts: EntityTable<Act, 'seq'>;
  timers: EntityTable<TimerRow, 'id'>;
  summaries: EntityTable<SummaryRow, 'id'>;
  drafts: EntityTable<DraftRow, 'id'>;
  house: EntityTable<BrowserRow, 'id'>;
  digests: EntityTable<DigestRow, 'id'>;
  photos: EntityTable<PhotoRow, 'id'>;
  bin: EntityTable<BinRow, 'id'>;
  gone: EntityTable<GoneRow, 'id'>;
  handouts: EntityTable<HandoutRow, 'id'>;
  versions: EntityTable<VersionRow, 'id'>;
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
  // Readings lie in one row a batch; an act belongs to its meal; lists read summaries, which they mend themselves.
  db.version(3)
    .stores({
      acts: '++seq, [mealId+undone], [house+undone], with',
      summaries: 'id, made',
      drafts: 'id',
      house: 'id',
    })
    .upgrade(async (tx) => {
      await rowsByBatch(tx.table<EntryRow | ReadingsRow, string>('entries'));
      const acts = tx.table<Act, number>('acts');
      await acts.toCollection().modify((act) => {
        Object.assign(act, scopeOf(act.changes, undefined));
      });
    });
  db.version(4).stores({ digests: 'id, stamp', photos: 'id' });
  // A meal that was taken away lies in a bin; acts that make a meal are no longer on offer outside of it.
  db.version(5)
    .stores({ acts: '++seq, [mealId+undone], [house+undone]', bin: 'id, at' })
    .upgrade(async (tx) => {
      const acts = tx.table<Act, number>('acts');
      await acts.toCollection().modify((act) => {
        if (act.house === 1) Object.assign(act, scopeOf(act.changes, act.mealId));
      });
    });
  // A damaged row stays as it is: it must not keep the others from being opened.
  // What is done once the meat is tender is a batch's list alone. What goes leaves its id.
  db.version(6)
    .stores({ gone: 'id' })
    .upgrade(async (tx) => {
      await tx.table<BatchRow, string>('batches').toCollection().modify(inPlace(newerRow));
      await tx
        .table<Act, number>('acts')
        .toCollection()
        .modify((act) => {
          if (Array.isArray(act.changes)) Object.assign(act, { changes: act.changes.map(newerChange) });
        });
      await tx
        .table<BinRow, string>('bin')
        .toCollection()
        .modify((bin) => {
          if (Array.isArray(bin.batches)) Object.assign(bin, { batches: bin.batches.map(newerRow) });
        });
    });
  // A phone keeps what was handed to it apart from meals: it has none of them. A file names the versions that it has come through.
  db.version(7).stores({ handouts: 'id', versions: 'id, mealId' });
  return db;
}

/** A row as it is kept now; only those of batches have changed. */
const newerRow = <T extends Row>(row: T): T =>
  'batch' in row ? { ...row, batch: newerBatch(row.batch) } : row;

/** The library writes what it finds in a row once it has been changed there. */
const inPlace =
  <T extends Row>(newer: (row: T) => T) =>
  (row: T): void => {
    Object.assign(row, newer(row));
  };

const newerChange = (change: Change): Change =>
  change.what === 'append'
    ? change
    : {
        ...change,
        ...(change.before && { before: newerRow(change.before) }),
        ...(change.after && { after: newerRow(change.after) }),
      };
