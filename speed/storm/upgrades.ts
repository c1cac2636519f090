/** A store of the first version is opened by this one, and the browser is killed meanwhile: every meal must be there afterwards. */
import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { House } from './house.ts';
import type { Random } from './random.ts';
import { loose } from './rows.ts';

export interface Upgraded {
  readonly kills: number;
  /** Openings that were broken off, by how far they had come. */
  readonly faults: readonly string[];
}

const MEALS = 500;
type Rows = Readonly<Record<string, readonly Record<string, unknown>[]>>;
const first = JSON.parse(readFileSync('src/store/fixtures/version-1.json', 'utf8')) as Rows;

/** The fixture's meal so often, each with names of its own. */
const many = (): Rows =>
  Object.fromEntries(
    Object.entries(first).map(([table, rows]) => [
      table,
      table === 'kept'
        ? rows
        : Array.from({ length: MEALS }, (_, i) =>
            rows.map(
              (row) =>
                JSON.parse(
                  JSON.stringify(row).replaceAll(/"(meal|pot|shred|entry)-old"/g, `"$1-old-${String(i)}"`),
                ) as Record<string, unknown>,
            ),
          ).flat(),
    ]),
  );

/** Writes a store as the first version did, on a page of this address that runs nothing. */
const seed = (page: Page): Promise<void> =>
  page.evaluate(async (rows) => {
    const request = indexedDB.open('slow-spoon', 10);
    request.onupgradeneeded = () => {
      const db = request.result;
      db.createObjectStore('meals', { keyPath: 'id' }).createIndex('made', 'made');
      for (const name of ['batches', 'entries'])
        db.createObjectStore(name, { keyPath: 'id' }).createIndex('mealId', 'mealId');
      db.createObjectStore('kept', { keyPath: 'id' });
      db.createObjectStore('acts', { keyPath: 'seq', autoIncrement: true });
    };
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(new Error('the store cannot be made'));
    });
    const tx = db.transaction(Object.keys(rows), 'readwrite');
    for (const [table, all] of Object.entries(rows)) for (const row of all) tx.objectStore(table).put(row);
    await new Promise<void>((resolve) => {
      tx.oncomplete = () => resolve();
    });
    db.close();
  }, many());

const FAULT = /The browser says: .*/;

/** Kills the browser while it brings a store over, until it is time to end; at least once. */
export async function upgradeStorm(
  dist: string,
  random: Random,
  until: (kills: number) => boolean,
): Promise<Upgraded> {
  const faults: string[] = [];
  let kills = 0;
  do {
    const house = new House(dist);
    await house.begin();
    try {
      await seed(await house.open('/spoon.svg'));
      await house.close();
      // Once or twice in a row.
      for (let times = random.upTo(1); times >= 0; times -= 1) {
        const opening = house.open('/meals').catch(() => undefined);
        await new Promise((resolve) => setTimeout(resolve, 300 + random.upTo(2_500)));
        await house.kill();
        await opening;
        kills += 1;
      }
      const page = await house.open('/meals');
      const heading = page.getByRole('heading', { level: 1 });
      await heading.waitFor();
      const title = await heading.innerText();
      if (title !== 'Meals') {
        const said = FAULT.exec(await page.locator('body').innerText())?.[0] ?? '';
        faults.push(`upgrade ${String(kills)}: “${title}” ${said}`);
      } else {
        const rows = await page.evaluate(async () => {
          const request = indexedDB.open('slow-spoon');
          const db = await new Promise<IDBDatabase>((resolve) => {
            request.onsuccess = () => resolve(request.result);
          });
          const count = db.transaction('meals').objectStore('meals').count();
          await new Promise<void>((resolve) => {
            count.onsuccess = () => resolve();
          });
          db.close();
          return count.result;
        });
        if (rows !== MEALS)
          faults.push(`upgrade ${String(kills)}: ${String(rows)} of ${String(MEALS)} meals are there`);
        faults.push(...(await loose(page)));
      }
    } finally {
      await house.end();
    }
  } while (!until(kills));
  return { kills, faults };
}
