import { addsUp } from '../ledger/index.ts';
import type { Entry } from './schema.ts';

/**
 * The entries that stand. They are append-only: one that names another in `replaces` takes its
 * place, and one without a value takes it back. Of two of the same thing the later one counts.
 */
export function standingEntries(entries: readonly Entry[]): readonly Entry[] {
  const known = standing.get(entries);
  if (known?.of === entries.length) return known.stand;
  const stand = thatStand(entries);
  standing.set(entries, { of: entries.length, stand });
  return stand;
}

/** Asked a dozen times of the same list at every key. */
const standing = new WeakMap<readonly Entry[], { readonly of: number; readonly stand: readonly Entry[] }>();

/** The entries of a batch that stand: the same list as long as none of them has changed. */
export function standingOf(entries: readonly Entry[], batch: string): readonly Entry[] {
  const all = standingEntries(entries);
  const known = byBatch.get(all) ?? new Map<string, readonly Entry[]>();
  byBatch.set(all, known);
  const own = known.get(batch) ?? all.filter((entry) => entry.batch === batch);
  known.set(batch, own);
  return own;
}

const byBatch = new WeakMap<readonly Entry[], Map<string, readonly Entry[]>>();

function thatStand(entries: readonly Entry[]): readonly Entry[] {
  const replaced = new Set(
    entries.flatMap((entry) => (entry.replaces === undefined ? [] : [entry.replaces])),
  );
  const latest = new Map<string, Entry>();
  const inTime = entries
    .map((entry, at) => ({ entry, at }))
    .sort((a, b) => a.entry.at - b.entry.at || a.at - b.at);
  for (const { entry } of inTime) {
    if (replaced.has(entry.id)) continue;
    latest.set(`${entry.batch}|${thingOf(entry)}`, entry);
  }
  return [...latest.values()].filter((entry) => entry.value !== null);
}

/** What an entry is of: a later one of the same thing takes its place. Of a batch, as text; nobody takes it apart. */
export function thingOf({ id, measures }: Entry): string {
  switch (measures.what) {
    case 'flow':
      return `flow|${measures.flow}|${measures.lot}|${addsUp(measures.flow) ? id : ''}`;
    case 'sum':
      return `sum|${measures.flow}|${measures.liquid ?? ''}|${addsUp(measures.flow) ? id : ''}`;
    case 'stock':
      return `stock|${measures.stock}|${measures.vessel}`;
    case 'back':
      return `back|${measures.thing}`;
    // Every fork, mark and spoon is its own.
    case 'check':
    case 'mark':
    case 'taste':
      return `${measures.what}|${id}`;
    case 'served':
    case 'came back':
    case 'plated':
    case 'temperature':
      return `${measures.what}|${id}`;
    case 'done':
      return `done|${measures.task}`;
  }
}

/** The name under which an entry keeps that a step of a batch is done. */
export const batchTask = (batch: string, kind: string): string => `${batch}|${kind}`;
