import { type MealFile, type Version, versionOf } from '@/core/meal/index.ts';
import type { SlowSpoonDb } from './db.ts';
import type { VersionRow } from './kinds.ts';

/** So many versions of a meal are kept, the latest. */
const KEPT = 20;

/** The versions of a meal that are kept here, the earliest first. */
const rowsOf = async (db: SlowSpoonDb, mealId: string): Promise<readonly VersionRow[]> =>
  (await db.versions.where({ mealId }).toArray()).toSorted((a, b) => a.at - b.at);

/**
 * Keeps a version of a meal: as it goes out, as it comes in, or as the copy had it with which it is put together.
 * @returns its name
 */
export async function keepVersion(
  db: SlowSpoonDb,
  { meal, batches }: Version,
  how: { readonly before?: readonly string[]; readonly theirs?: true } = {},
): Promise<string> {
  const version = versionOf({ meal, batches });
  const id = `${meal.id} ${version}`;
  const { before = [], theirs } = how;
  await db.transaction('rw', db.versions, async () => {
    const known = await db.versions.get(id);
    // What was this meal’s own stays so.
    if (!known || (known.theirs && !theirs))
      await db.versions.put({
        ...{ id, mealId: meal.id, version, at: Date.now(), meal, batches, before },
        ...(theirs && { theirs }),
      });
    const rows = await rowsOf(db, meal.id);
    await db.versions.bulkDelete(rows.slice(0, -KEPT).map((row) => row.id));
  });
  return version;
}

/**
 * The versions that a meal has come through, its own last; it is kept with them. What is again as it once went out has come through
 * what it had then: the same meal is the same to the byte.
 */
export async function versionsFor(db: SlowSpoonDb, now: Version): Promise<readonly string[]> {
  const rows = (await rowsOf(db, now.meal.id)).filter(({ theirs }) => !theirs);
  const version = versionOf(now);
  const known = rows.find((row) => row.version === version);
  if (known) return [...known.before, version];
  const all = [...rows.flatMap((row) => [...row.before, row.version]), ...(now.meal.merged ?? [])];
  const before = [...new Set(all)].filter((one) => one !== version).slice(1 - KEPT);
  await keepVersion(db, now, { before });
  return [...before, version];
}

/** The latest version that a file’s copy and the one here were both taken from; undefined where none is known. */
export async function baseOf(
  db: SlowSpoonDb,
  here: Version,
  { versions = [] }: Pick<MealFile, 'versions'>,
): Promise<Version | undefined> {
  const merged = new Set(here.meal.merged);
  const rows = await rowsOf(db, here.meal.id);
  const known = new Map(
    rows.filter(({ theirs, version }) => !theirs || merged.has(version)).map((row) => [row.version, row]),
  );
  const found = versions.findLast((version) => known.has(version));
  return found === undefined ? undefined : known.get(found);
}
