/** The browser is killed in the middle of everything, again and again: what was confirmed must be there afterwards. */
import type { Page } from '@playwright/test';
import { House } from './house.ts';
import type { Random } from './random.ts';
import { loose } from './rows.ts';

export interface Killed {
  readonly kills: number;
  /** Acts that the page had named as kept. */
  readonly confirmed: number;
  readonly lost: readonly string[];
  /** What did not fit together afterwards. */
  readonly loose: readonly string[];
}

/** What stood in a field when it was last known to be kept, and all that was written since. */
interface Written {
  kept: string;
  tried: string[];
}

const weight = (page: Page) => page.getByLabel('Weight', { exact: true }).first();
const bones = (page: Page) => page.getByLabel('Bones', { exact: true });
const lifted = (page: Page) => page.getByLabel('Meat with its bones', { exact: true });
const pots = (page: Page) => page.getByRole('list', { name: 'The stove' }).getByRole('link');
/** Until all is on the disk. Asked again and again: a handle that is waited for would outlive the browser that is killed. */
async function kept(page: Page): Promise<void> {
  while (await page.evaluate(() => document.querySelector('[data-pending]') !== null))
    await page.waitForTimeout(15);
}

/** One weighing, one thing at a time. */
async function weighAtBench(page: Page, text: string): Promise<void> {
  const again = page.getByRole('button', { name: 'Weigh it again' });
  if (await again.isVisible()) await again.click({ timeout: 3_000 });
  await page.getByRole('button', { name: 'Type the weight' }).click({ timeout: 3_000 });
  const field = page.getByLabel('meat with its bones, by weight');
  await field.fill(text, { timeout: 3_000 });
  await field.press('Enter');
  // What was entered stands where the field was.
  await again.waitFor({ timeout: 3_000 });
}

/** Kills the browser until it is time to end; at least once. */
export async function killStorm(
  dist: string,
  random: Random,
  until: (kills: number) => boolean,
): Promise<Killed> {
  const house = new House(dist);
  const lost: string[] = [];
  const wrong: string[] = [];
  let kills = 0;
  let confirmed = 0;
  const all: Readonly<Record<'weight' | 'bones' | 'lifted' | 'pots', Written>> = {
    weight: { kept: '', tried: [] },
    bones: { kept: '', tried: [] },
    lifted: { kept: '', tried: [] },
    pots: { kept: '1', tried: [] },
  };
  await house.begin();
  try {
    const first = await house.open('/');
    await weight(first).fill('2 kg');
    await first.getByLabel('Cut', { exact: true }).selectOption({ label: 'Beef blade roast, bone in' });
    await first.getByLabel('Plates of soft tacos').fill('12');
    await kept(first);
    all.weight.kept = '2 kg';
    const meal = new URL(first.url()).pathname;
    await house.close();
    const at = (stage: string) => meal.replace(/\w+$/, stage);
    const [, mealId = '', batchId = ''] = /meals\/([^/]+)\/batches\/([^/]+)/.exec(meal) ?? [];
    const task = `/meals/${mealId}/bench?task=${encodeURIComponent(`${batchId}|pot`)}`;

    do {
      const what = random.oneOf<keyof typeof all>(['weight', 'bones', 'lifted', 'pots']);
      const page = await house.open(what === 'lifted' ? task : at(what === 'bones' ? 'bench' : 'meat'));
      const field = what === 'bones' ? bones(page) : weight(page);
      await (what === 'lifted' ? page.getByRole('heading', { level: 1 }) : field).waitFor();
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
      const one = all[what];
      for (let i = 0; !isPulled(); i += 1) {
        try {
          // What is typed at the bench is a draft until it is entered: that too must come back.
          const text =
            what === 'pots'
              ? String(Number(one.tried.at(-1) ?? one.kept) + 1)
              : `${1000 + (what === 'lifted' ? (kills * 13 + i) % 250 : kills * 50 + i)} g`;
          one.tried.push(text);
          if (what === 'pots') await page.getByRole('button', { name: '+ pot' }).click({ timeout: 3_000 });
          else if (what === 'lifted') await weighAtBench(page, text);
          else await field.fill(text, { timeout: 3_000 });
          if (what === 'bones' && random.upTo(2) === 0) await field.press('Enter');
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
      kills += 1;
      const after = await house.open(at('meat'));
      await weight(after).waitFor();
      check('weight', await weight(after).inputValue());
      check('pots', String(await pots(after).count()));
      await after.goto(house.url + at('bench'));
      await bones(after).waitFor();
      // A draft comes back a moment after its field.
      await after.waitForTimeout(400);
      check('bones', await bones(after).inputValue());
      check('lifted', await lifted(after).inputValue());
      wrong.push(...(await loose(after)));
      await house.close();
    } while (!until(kills));
    return { kills, confirmed, lost, loose: wrong };
  } finally {
    await house.end();
  }

  function check(what: keyof typeof all, value: string): void {
    const one = all[what];
    if (value !== one.kept && !one.tried.includes(value))
      lost.push(`kill ${kills}: ${what} is “${value}”, and “${one.kept}” had been kept`);
    one.kept = value;
    one.tried = [];
  }
}
