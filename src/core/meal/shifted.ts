import type { Batch, Entry, MealFile } from './schema.ts';

/**
 * A meal moved in time: every moment in it later by so many ms, its serving told by the wall clock of a place.
 * Its figures stay as they are, since nothing but the moments between them counts.
 * @param wallTime what a wall clock shows at a moment, and the moment that it shows
 */
export function shifted(
  file: MealFile,
  by: number,
  wallTime: {
    readonly read: (serving: { local: string; zone: string }) => number | undefined;
    readonly write: (moment: number) => { readonly local: string; readonly zone: string };
  },
): MealFile {
  const { meal, batches, entries } = file;
  const later = <T extends { readonly serving?: { local: string; zone: string } | undefined }>(one: T): T => {
    const serving = one.serving && wallTime.read(one.serving);
    return serving === undefined ? one : { ...one, serving: wallTime.write(serving + by) };
  };
  return {
    ...file,
    meal: { ...later(meal), ...(meal.sittings && { sittings: meal.sittings.map(later) }) },
    batches: batches.map((batch): Batch => ({
      ...batch,
      ...(batch.lidOn !== undefined && { lidOn: batch.lidOn + by }),
      ...(batch.cools && {
        cools: batch.cools.map(({ start, split, done, ...cooling }) => ({
          ...cooling,
          start: start + by,
          ...(split && { split: { ...split, at: split.at + by } }),
          ...(done !== undefined && { done: done + by }),
        })),
      }),
      ...(batch.items && {
        items: batch.items.map((item) => (item.put === undefined ? item : { ...item, put: item.put + by })),
      }),
    })),
    entries: entries.map((entry): Entry => ({ ...entry, at: entry.at + by })),
  };
}
