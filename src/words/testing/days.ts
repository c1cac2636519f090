import { doingWords, dayNoteWords } from '@/words/index.ts';
import { answer } from '@/core/answers/index.ts';
import { momentOf, wallOf } from '@/core/clock/index.ts';
import type { Batch, Day, Entry, Feel, HeatSource } from '@/core/meal/index.ts';
import { usualKitchen } from '@/core/meal/index.ts';
import { type Input, openMeal } from '@/core/model/index.ts';
import { type Changes, batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';

export const ZONE = 'Europe/Amsterdam';
export const at = (local: string) => momentOf({ local, zone: ZONE }) ?? NaN;
export const MINUTE = 60_000;
export const served = '2026-12-05T18:00';
export const now = at('2026-12-04T09:00');

export const pot = (id: string, changes: Changes = {}): Batch => ({
  ...batchOf([lotOf('beef-blade-roast', 2000, { id: `${id}-lot` })], changes),
  id,
  name: id,
});
export function meal(batches: Batch[], day: Day = {}, entries: Entry[] = [], sources?: HeatSource[]): Input {
  const input = inputOf(batches, [dishOf('taco', 24)], entries);
  return {
    ...input,
    meal: { ...input.meal, serving: { local: served, zone: ZONE }, day },
    kitchen: { ...usualKitchen, ...(sources && { heatSources: sources }) },
  };
}
export const fork = (minutes: number, feel: Feel, lidOn: number, lot?: string): Entry => ({
  id: `fork-${minutes}-${feel}`,
  at: lidOn + minutes * MINUTE,
  batch: 'pot',
  measures: { what: 'check', feel, ...(lot !== undefined && { lot }) },
  value: { text: feel },
  measure: 'feel',
  source: 'typed',
});
/** The day with its lines and notes in words: what a cook reads is what is tested. */
export function plan(input: Input, when = now, tries = 150) {
  const day = answer('day', openMeal(input), { now: when, tries });
  const name = (id: string) => input.kitchen.vessels.find((vessel) => vessel.id === id)?.name;
  return {
    ...day,
    lines: day.lines.map((line) => ({ ...line, words: doingWords(line.does) })),
    said: day.notes.map((note) => dayNoteWords(note, wallOf(day.zone), name)),
  };
}
export type Told = ReturnType<typeof plan>;
export const starts = (day: Told, words: RegExp) =>
  day.lines.filter((line) => words.test(line.words)).map(({ from }) => from);
export const one = (day: Told, words: RegExp) => starts(day, words)[0] ?? NaN;
