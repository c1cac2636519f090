import type { Entry, Feel, Job, Note } from '@/core/meal/index.ts';
import { standingEntries, thingOf } from '@/core/meal/index.ts';
import type { Quantity } from '@/core/quantity/index.ts';
import { isTender } from '@/core/tender/index.ts';
import type { HandoutRow } from '@/store/kinds.ts';
import { clockNow } from '../browser/clock.ts';
import { deviceNow } from '../browser/device.ts';
import { writeHandout } from './useHandouts.ts';

/* What is written on a helper’s phone, into what was handed to it alone. */

type Said = Pick<Entry, 'measures' | 'measure' | 'value'>;

function append(row: HandoutRow, batch: string, said: Said): HandoutRow {
  const fresh = {
    ...said,
    id: crypto.randomUUID(),
    at: Math.max(clockNow(), (row.entries.at(-1)?.at ?? 0) + 1),
    batch,
    source: 'typed',
    by: { device: deviceNow(), who: row.handout.who.id },
    // What was measured and as what come together from whoever asks.
  } as Entry;
  const before = standingEntries(row.entries).find(
    (entry) => entry.batch === batch && thingOf(entry) === thingOf(fresh),
  );
  return { ...row, entries: [...row.entries, before ? { ...fresh, replaces: before.id } : fresh] };
}

/** A weighing at a job; one that is written again takes the place of the first. */
export const writeWeight = (
  id: string,
  { batch }: Job,
  { measures }: NonNullable<Job['weigh']>[number],
  value: Quantity,
  measure: 'mass' | 'volume',
): void => writeHandout(id, (row) => append(row, batch, { measures, measure, value }));

/** So many plates of a dish went out. */
export const writeServed = (
  id: string,
  { batch }: Job,
  { dish, on }: NonNullable<Job['serves']>,
  count: Quantity,
): void =>
  writeHandout(id, (row) =>
    append(row, batch, {
      measures: { what: 'served', dish, ...(on && { on }) },
      measure: 'count',
      value: count,
    }),
  );

/** So many went out of what is here, at whichever job. */
export const servedHere = (
  { entries }: Pick<HandoutRow, 'entries'>,
  { dish }: NonNullable<Job['serves']>,
): number =>
  standingEntries(entries).reduce(
    (sum, { measures, value }) =>
      measures.what === 'served' && measures.dish === dish ? sum + (value?.lo ?? 0) : sum,
    0,
  );

export const writeDone = (id: string, { batch, done }: Job): void =>
  writeHandout(id, (row) =>
    append(row, batch, { measures: { what: 'done', task: done }, measure: 'time', value: { text: 'done' } }),
  );

export const writeFork = (id: string, { batch }: Job, lot: string | undefined, feel: Feel): void =>
  writeHandout(id, (row) =>
    append(row, batch, {
      measures: { what: 'check', feel, ...(lot !== undefined && { lot }) },
      measure: 'feel',
      value: { text: feel },
    }),
  );

export const writeNote = (id: string, text: string): void =>
  writeHandout(id, (row) => {
    const note: Note = { id: crypto.randomUUID(), at: clockNow(), text };
    return { ...row, notes: [...row.notes, note] };
  });

/** The last that was written goes again, a reading or a note. */
export const takeLastBack = (id: string): void =>
  writeHandout(id, (row) => {
    const [entry, note] = [row.entries.at(-1), row.notes.at(-1)];
    if (note && note.at >= (entry?.at ?? 0)) return { ...row, notes: row.notes.slice(0, -1) };
    return { ...row, entries: row.entries.slice(0, -1) };
  });

/** What stands of a weighing at a job. */
export const weighedAt = (
  { entries }: Pick<HandoutRow, 'entries'>,
  { batch }: Job,
  { measures }: NonNullable<Job['weigh']>[number],
): Entry | undefined =>
  standingEntries(entries).find(
    (entry) => entry.batch === batch && thingOf(entry) === thingOf({ id: '', measures } as Entry),
  );

/** The forks of a job’s pot since it was handed out, the last last. */
export const forksAt = ({ entries }: Pick<HandoutRow, 'entries'>, { batch }: Job): readonly Entry[] =>
  standingEntries(entries).filter((entry) => entry.batch === batch && entry.measures.what === 'check');

/** It was ticked off; or the last fork said that it is tender. */
export function isDone(row: Pick<HandoutRow, 'entries'>, job: Job): boolean {
  const ticked = standingEntries(row.entries).some(
    ({ batch, measures }) => batch === job.batch && measures.what === 'done' && measures.task === job.done,
  );
  if (ticked) return true;
  const last = job.fork === true ? forksAt(row, job).at(-1)?.measures : undefined;
  return last?.what === 'check' && isTender(last.feel);
}
