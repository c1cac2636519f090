/** What is done while the browser is killed: one act of each stage, what it leaves to be read afterwards, and where. */
import type { Page } from '@playwright/test';

export interface StormAct {
  /** Where it is done and read: the path of a meal's sheet, or a list. */
  readonly at: string;
  /** The page is there. */
  readonly ready: (page: Page) => Promise<void>;
  /** What is written the n-th time, after what stood. */
  readonly next: (stood: string, n: number) => string;
  readonly act: (page: Page, text: string) => Promise<void>;
  /** What stands now. */
  readonly stands: (page: Page) => Promise<string>;
}

/** What stands on the shopping list before the storm. */
const OWN_LINE = 'charcoal';

const SOON = { timeout: 3_000 };
const weight = (page: Page) => page.getByLabel('Weight', { exact: true }).first();
const bones = (page: Page) => page.getByLabel('Bones', { exact: true });
const pots = (page: Page) => page.getByRole('list', { name: 'The stove' }).getByRole('link');
const plates = (page: Page) => page.getByLabel('Plates', { exact: true }).first();
/** A line of the cook's own: no other act changes what it is. */
const tick = (page: Page) => page.getByRole('checkbox', { name: OWN_LINE });
const jars = (page: Page) => page.getByRole('main').getByRole('button', { name: /jar of fat/ });
const oneMore = (stood: string) => String(Number(stood) + 1);
const grams = (_: string, n: number) => `${String(1000 + n)} g`;

/** One weighing, one thing at a time. */
async function weighAtBench(page: Page, text: string): Promise<void> {
  const again = page.getByRole('button', { name: 'Weigh it again' });
  if (await again.isVisible()) await again.click(SOON);
  await page.getByRole('button', { name: 'Type the weight' }).click(SOON);
  const field = page.getByLabel('cooked meat, by weight');
  await field.fill(text, SOON);
  await field.press('Enter');
  // What was entered stands where the field was.
  await again.waitFor(SOON);
}

/** Each by a name of its own: what is called alike stands there as one. */
async function ontoTheShelf(page: Page, n: string): Promise<void> {
  const open = page.getByRole('button', { name: 'put something else on the shelf' });
  if (await open.isVisible()) await open.click(SOON);
  await page.getByLabel('What it is').fill(`jar of fat ${n}`, SOON);
  await page.getByLabel('How much').fill('300 g', SOON);
  await page.getByRole('button', { name: 'Put it there' }).click(SOON);
}

async function ownTask(page: Page): Promise<void> {
  const field = page.getByLabel('Task');
  if (!(await field.isVisible())) await page.getByRole('button', { name: 'more tasks' }).click(SOON);
  await field.fill('Fetch the trays', SOON);
  await page.getByLabel('takes').fill('5 min', SOON);
  await page.getByRole('button', { name: 'Put it into the day' }).click(SOON);
}

/** The shopping list with the cook's own line: an undo where no meal is open may have taken it back. */
export async function ownLine(page: Page): Promise<void> {
  const field = page.getByLabel('Something else to buy');
  await field.waitFor();
  await page.waitForTimeout(200);
  if ((await tick(page).count()) > 0) return;
  await field.fill(OWN_LINE);
  await field.press('Enter');
  await tick(page).waitFor();
}

/** What may be taken back where no meal is open. */
export const OF_HOUSE: ReadonlySet<string> = new Set(['got', 'shelf']);

/** @param batch the path of a sheet of the batch, without the sheet's own name; task: of its bench, one thing at a time */
export const stormActs = (batch: string, task: string): Readonly<Record<string, StormAct>> => ({
  weight: {
    at: `${batch}meat`,
    ready: (page) => weight(page).waitFor(),
    next: grams,
    act: (page, text) => weight(page).fill(text, SOON),
    stands: (page) => weight(page).inputValue(),
  },
  pots: {
    at: `${batch}meat`,
    ready: (page) => weight(page).waitFor(),
    next: oneMore,
    act: (page) => page.getByRole('button', { name: '+ pot' }).click(SOON),
    stands: async (page) => String(await pots(page).count()),
  },
  plates: {
    at: `${batch}order`,
    ready: (page) => plates(page).waitFor(),
    next: (_, n) => String(12 + (n % 40)),
    act: (page, text) => plates(page).fill(text, SOON),
    stands: (page) => plates(page).inputValue(),
  },
  bones: {
    at: `${batch}bench`,
    ready: (page) => bones(page).waitFor(),
    next: grams,
    // What is typed at the bench is a draft until it is entered: that too must come back.
    act: async (page, text) => {
      await bones(page).fill(text, SOON);
      if (Number.parseInt(text, 10) % 2 === 0) await bones(page).press('Enter');
    },
    stands: async (page) => {
      // A draft comes back a moment after its field.
      await page.waitForTimeout(400);
      return bones(page).inputValue();
    },
  },
  lifted: {
    at: task,
    ready: (page) => page.getByRole('heading', { level: 1 }).waitFor(),
    next: (_, n) => `${String(1000 + (n % 250))} g`,
    act: weighAtBench,
    stands: async (page) => {
      await page.goto(new URL(`${batch}bench`, page.url()).href);
      return page.getByLabel('Cooked meat', { exact: true }).inputValue();
    },
  },
  tasks: {
    at: `${batch}clock`,
    ready: (page) => page.getByRole('heading', { level: 1 }).waitFor(),
    next: oneMore,
    act: ownTask,
    stands: async (page) => {
      await page.locator('[class*="_day-lines_"] li').first().waitFor({ state: 'attached' });
      return String(await page.getByRole('button', { name: /Fetch the trays/ }).count());
    },
  },
  got: {
    at: '/shopping',
    ready: ownLine,
    next: (stood) => (stood === 'true' ? 'false' : 'true'),
    act: async (page, text) => {
      // In another tab it was changed a moment ago: here that is seen first.
      while (String(await tick(page).isChecked()) === text) await page.waitForTimeout(10);
      await tick(page).setChecked(text === 'true', SOON);
    },
    stands: async (page) => String(await tick(page).isChecked()),
  },
  // Where no meal is open: whatever is taken back there, the meal stands.
  undo: {
    at: '/kitchen',
    ready: (page) => page.getByRole('heading', { level: 1 }).waitFor(),
    next: (stood) => stood,
    act: async (page) => {
      const back = page.getByRole('banner').getByRole('button', { name: /^(undo|redo|do again)/ });
      if ((await back.count()) > 0) await back.first().click(SOON);
    },
    stands: async (page) => {
      await page.goto(new URL('/meals', page.url()).href);
      await page.getByRole('heading', { level: 1, name: 'Meals' }).waitFor();
      // The list comes a moment after its heading.
      await page.waitForTimeout(300);
      return String(await page.getByRole('button', { name: /^Delete/ }).count());
    },
  },
  shelf: {
    at: '/shelf',
    ready: (page) => page.getByRole('heading', { level: 1 }).waitFor(),
    next: oneMore,
    act: ontoTheShelf,
    stands: async (page) => String(await jars(page).count()),
  },
});
