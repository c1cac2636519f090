/** The browser is killed while a backup, or the file of a meal from another device, comes in: all of it is there afterwards, or nothing. */
import type { Page } from '@playwright/test';
import { manyMeals } from '../backup.ts';
import { twelvePotsFile } from '../meals.ts';
import { House } from './house.ts';
import type { Random } from './random.ts';
import { loose } from './rows.ts';

export interface CameIn {
  readonly kills: number;
  /** How often it was there, and how often nothing was. */
  readonly whole: number;
  readonly nothing: number;
  readonly faults: readonly string[];
}

const MEALS = 150;
const READINGS = 20;

/** What stands in the store, as text that two devices can be compared by: the number of rows, and how long two of them are. */
const standing = (page: Page): Promise<string> =>
  page.evaluate(async () => {
    const request = indexedDB.open('slow-spoon');
    const db = await new Promise<IDBDatabase>((resolve) => {
      request.onsuccess = () => resolve(request.result);
    });
    const tx = db.transaction(['meals', 'batches', 'entries']);
    const counts = await Promise.all(
      ['meals', 'batches', 'entries'].map(
        (name) =>
          new Promise<number>((resolve) => {
            const count = tx.objectStore(name).count();
            count.onsuccess = () => resolve(count.result);
          }),
      ),
    );
    const batches = await new Promise<unknown[]>((resolve) => {
      const got = db.transaction('batches').objectStore('batches').getAll();
      got.onsuccess = () => resolve(got.result);
    });
    db.close();
    return `${counts.join()} ${JSON.stringify([batches.at(0), batches.at(-1)])}`;
  });

type Way = 'merge' | 'replace' | 'file';

async function begin(page: Page, text: string, way: Way): Promise<void> {
  if (way === 'file') {
    await page
      .getByLabel('A meal file')
      .setInputFiles({ name: 'meal.json', mimeType: 'application/json', buffer: Buffer.from(text) });
    const replace = page.getByRole('button', { name: 'Replace it' });
    await Promise.race([replace.waitFor(), page.getByText(/ is in\.$/).waitFor()]).catch(() => undefined);
    if (await replace.isVisible()) await replace.click();
    return;
  }
  await page
    .getByLabel('A backup of everything')
    .setInputFiles({ name: 'all.jsonl', mimeType: 'application/jsonl', buffer: Buffer.from(text) });
  if (way === 'replace') await page.getByText('in the place of all that is here').click();
  await page.getByRole('button', { name: way === 'merge' ? 'Bring it in' : 'Replace everything' }).click();
}

async function comesIn(page: Page, text: string, way: Way): Promise<void> {
  await begin(page, text, way);
  await page.getByText(/ (are|is) in\.$/).waitFor();
}

/** Another device’s: of the same meals, each a little heavier, and one reading more. */
const fromElsewhere = (round: number): string =>
  manyMeals(MEALS, READINGS + 1).replaceAll(
    /"2(\d{3}) g"/g,
    (_, g: string) => `"2${g}.${String(1 + (round % 8))} g"`,
  );

/** Kills the browser while things come in, until it is time to end; at least once. */
export async function comingInStorm(
  dist: string,
  random: Random,
  until: (kills: number) => boolean,
): Promise<CameIn> {
  const faults: string[] = [];
  let [kills, whole, nothing] = [0, 0, 0];
  const house = new House(dist);
  await house.begin();
  try {
    const first = await house.open('/meals');
    await comesIn(first, manyMeals(MEALS, READINGS), 'merge');
    let before = await standing(first);
    await house.close();
    do {
      const way = random.oneOf<Way>(['merge', 'replace', 'file']);
      const text = way === 'file' ? twelvePotsFile(1000 + kills) : fromElsewhere(kills);
      const page = await house.open('/meals');
      await begin(page, text, way);
      await new Promise((resolve) => setTimeout(resolve, random.upTo(3_000)));
      await house.kill();
      kills += 1;
      const after = await house.open('/meals');
      await after.getByRole('heading', { level: 1, name: 'Meals' }).waitFor();
      const now = await standing(after);
      if (now === before) nothing += 1;
      else {
        // Whole it is what it would be had nobody pulled a plug.
        await comesIn(after, text, way);
        const should = await standing(after);
        if (now === should) whole += 1;
        else faults.push(`kill ${String(kills)}, ${way}: ${now} stands, not ${before} nor ${should}`);
        before = should;
      }
      faults.push(...(await loose(after)));
      await house.close();
    } while (!until(kills));
    return { kills, whole, nothing, faults };
  } finally {
    await house.end();
  }
}
