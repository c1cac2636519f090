/** The browser is killed in the middle of everything, again and again: what was confirmed must be there afterwards. */
import type { Page } from '@playwright/test';
import { OF_HOUSE, ownLine, type StormAct, stormActs } from './acts.ts';
import { House } from './house.ts';
import type { Random } from './random.ts';
import { loose } from './rows.ts';

export interface Killed {
  readonly kills: number;
  /** Acts that the page had named as kept. */
  readonly confirmed: number;
  /** The same by kind of act; one that is never confirmed tries nothing. */
  readonly confirmedBy: Readonly<Record<string, number>>;
  readonly lost: readonly string[];
  /** What did not fit together afterwards. */
  readonly loose: readonly string[];
}

/** What stood when it was last known to be kept, and all that was written since. */
interface Written {
  kept: string;
  tried: string[];
}

/** Until all is on the disk. Asked again and again: a handle that is waited for would outlive the browser that is killed. */
async function kept(page: Page): Promise<void> {
  while (await page.evaluate(() => document.querySelector('[data-pending]') !== null))
    await page.waitForTimeout(15);
}

/** So many acts one after the other, of one kind, or in two tabs by turns. */
const TABS = 4;

/** Kills the browser until it is time to end; at least once. Every kind of act is killed in once before any is again. */
export async function killStorm(
  dist: string,
  random: Random,
  until: (kills: number) => boolean,
): Promise<Killed> {
  const house = new House(dist);
  const lost: string[] = [];
  const wrong: string[] = [];
  let kills = 0;
  const confirmedBy: Record<string, number> = {};
  await house.begin();
  try {
    const acts = await firstMeal(house);
    const names = Object.keys(acts);
    const written = new Map<string, Written>();
    const page = await house.open('/meals');
    for (const [name, act] of Object.entries(acts))
      written.set(name, { kept: await standing(house, page, act), tried: [] });
    await house.close();
    let turns: string[] = [];
    do {
      if (turns.length === 0) turns = [...names];
      const [name = ''] = turns.splice(random.upTo(turns.length - 1), 1);
      const [act, one] = [acts[name], written.get(name)];
      if (!act || !one) throw new Error(`no act “${name}”`);
      confirmedBy[name] =
        (confirmedBy[name] ?? 0) + (await actUntilKilled(house, random, { act, one, from: kills * 50 }));
      kills += 1;
      const after = await house.open('/meals');
      // What was done, and two others: over a storm all of them are looked at often.
      const others = Array.from({ length: 2 }, () => names[random.upTo(names.length - 1)] ?? name);
      const taken = name === 'undo' ? OF_HOUSE : new Set<string>();
      for (const which of new Set([name, ...others, ...taken])) {
        const { tried, kept: was } = written.get(which) ?? one;
        const done = acts[which];
        const stands = done ? await standing(house, after, done) : '';
        if (stands !== was && !tried.includes(stands) && !taken.has(which))
          lost.push(
            `kill ${String(kills)}, in “${name}”: ${which} is “${stands}”, and “${was}” had been kept`,
          );
        written.set(which, { kept: stands, tried: [] });
      }
      wrong.push(...(await loose(after)));
      await house.close();
    } while (!until(kills));
    const confirmed = Object.values(confirmedBy).reduce((sum, n) => sum + n, 0);
    return { kills, confirmed, confirmedBy, lost, loose: wrong };
  } finally {
    await house.end();
  }
}

/** A meal with one pot of twelve plates, and what can be done to it. */
async function firstMeal(house: House): Promise<Readonly<Record<string, StormAct>>> {
  const page = await house.open('/');
  await page.getByLabel('Weight', { exact: true }).first().fill('2 kg');
  await page.getByLabel('Cut', { exact: true }).fill('Beef blade roast, bone in');
  await page.getByLabel('How many soft tacos').fill('12');
  await kept(page);
  const path = new URL(page.url()).pathname;
  await page.goto(`${house.url}/shopping`);
  await ownLine(page);
  await kept(page);
  await house.close();
  const [, mealId = '', batchId = ''] = /meals\/([^/]+)\/batches\/([^/]+)/.exec(path) ?? [];
  const task = `/meals/${mealId}/bench?task=${encodeURIComponent(`${batchId}|pot`)}`;
  return stormActs(path.replace(/\w+$/, ''), task);
}

async function standing(house: House, page: Page, act: StormAct): Promise<string> {
  await page.goto(house.url + act.at);
  try {
    await act.ready(page);
    return await act.stands(page);
  } catch (cause) {
    const shows = (await page.locator('body').innerText()).slice(0, 600);
    throw new Error(`${act.at} shows “${shows}”`, { cause });
  }
}

/** Does one thing again and again, in one tab or in two by turns, until the browser is killed; says how often it was kept. */
async function actUntilKilled(
  house: House,
  random: Random,
  { act, one, from }: { readonly act: StormAct; readonly one: Written; readonly from: number },
): Promise<number> {
  const tabs = [await house.open(act.at)];
  if (random.upTo(TABS - 1) === 0) tabs.push(await house.tab(act.at));
  for (const tab of tabs) await act.ready(tab);
  let plug = false;
  const isPulled = () => plug;
  const killing = new Promise<void>((resolve) => {
    setTimeout(
      () => {
        plug = true;
        void house.kill().then(resolve);
      },
      200 + random.upTo(1_500),
    );
  });
  let confirmed = 0;
  for (let i = 0; !isPulled(); i += 1) {
    try {
      const page = tabs[i % tabs.length];
      if (!page) break;
      const text = act.next(one.tried.at(-1) ?? one.kept, from + i);
      one.tried.push(text);
      await act.act(page, text);
      await kept(page);
      if (isPulled()) break;
      one.kept = text;
      one.tried = [];
      confirmed += 1;
    } catch {
      // The page has died under the act.
      break;
    }
  }
  await killing;
  return confirmed;
}
