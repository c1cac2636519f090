import { levelling } from '../open/dayPlans.ts';
import { expect, jest } from '@jest/globals';
import { QueryClientProvider } from '@tanstack/react-query';
import { cleanup, configure, render, screen, waitFor } from './dom.ts';
import userEvent, { PointerEventsCheckLevel } from '@testing-library/user-event';
import { BrowserRouter } from 'react-router';
import { type Kitchen, type Stage, usualKitchen } from '@/core/meal/index.ts';
import type { Input } from '@/core/model/index.ts';
import { loadMeal, type LoadedMeal } from '@/store/meals.ts';
import { byBatch } from '@/store/readings.ts';
import { askerOf } from '@/workers/asker.ts';
import { readQuantity } from '@/core/quantity/index.ts';
import { PastTable } from '@/workers/pastTable.ts';

/*
 * The whole application on a page that is only simulated: the real routes, edits, memory, disk and core. Only the
 * thread is left out (the core answers behind the same border) and no other tab is told.
 */
const DRAWS = 500;
let asked = 0;
jest.unstable_mockModule('@/workers/client.ts', () => ({
  ask: askerOf(() => {
    const core = coreWorker(() => import('highs').then(({ default: load }) => load()));
    return {
      answer: async (question) => {
        asked += 1;
        // As from another thread: what was clicked is done with before the answer comes.
        await new Promise((resolve) => setTimeout(resolve));
        asked -= 1;
        return core.answer(question);
      },
      broken: new Promise(() => undefined),
      stop: () => undefined,
    };
  }),
}));
jest.unstable_mockModule('@/workers/logger.ts', () => ({
  startLogger: () => {
    const core = coreWorker();
    return { digester: (meals: never) => core.digests(meals), stop: () => undefined };
  },
}));
jest.unstable_mockModule('@/workers/tables.ts', () => ({
  startTable: () => Promise.resolve({ table: new PastTable(readQuantity), stop: () => undefined }),
}));
jest.unstable_mockModule('../browser/tabs.ts', () => ({
  tellOtherTabs: () => undefined,
  whenAnotherTabWrites: () => undefined,
}));
/** What the page has handed to the browser to be saved, as texts; a test empties it. */
export const saved: { readonly name: string; readonly text: string }[] = [];
jest.unstable_mockModule('../browser/saveText.ts', () => ({
  saveText: (name: string, text: string) => {
    saved.push({ name, text });
  },
  saveFile: () => undefined,
}));
/** What would be heard of a timer, and read on the lock of a phone. */
export const [ring, notify, say] = [jest.fn(), jest.fn(), jest.fn()];
jest.unstable_mockModule('../stages/clock/timers/ring.ts', () => ({ ring, notify, say }));
jest.unstable_mockModule('../browser/afterFirstPaint.ts', () => ({ afterFirstPaint: Promise.resolve() }));
// A tenth of the draws: a third of the time went into them, and what is tried here hangs on no tenth of a percent.
const drawn = await import('@/core/model/run/drawn.ts');
jest.unstable_mockModule('@/core/model/run/drawn.ts', () => ({
  ...drawn,
  FULL_DRAWS: DRAWS,
  numberOfDraws: () => DRAWS,
}));
const { coreWorker } = await import('@/workers/core.ts');
const { App } = await import('../App.tsx');
const { db } = await import('../browser/db.ts');
const { notKept } = await import('../open/queue.ts');
const { queries } = await import('../open/queries.ts');

globalThis.reportError = (error: unknown) => {
  const message = error instanceof Error ? error.message : String(error);
  dispatchEvent(new ErrorEvent('error', { error, message }));
};
HTMLElement.prototype.scrollIntoView = () => undefined;
const faults: string[] = [];
console.error = (...said: unknown[]) => {
  faults.push(said.map(String).join(' '));
};
// Whether a thing lies under the pointer needs a layout, which this page has not; and nobody waits between two keys.
export const user = userEvent.setup({ pointerEventsCheck: PointerEventsCheckLevel.Never, delay: null });
// The page is tried here, not the levelling: a few orders stand for a second of them.
levelling.tries = 40;
// A whole meal is reckoned at every act, some with their day levelled.
jest.setTimeout(60_000);
// Whether a thing can be seen is the browser tests' to say: here there is no layout, and asking takes most of the time.
// On a busy machine a lazy sheet takes seconds.
configure({ defaultHidden: true, asyncUtilTimeout: 10_000 });

/** Presses what saves a file, and waits for it. */
export async function save(name: string | RegExp): Promise<void> {
  const before = saved.length;
  await press(name);
  await waitFor(() => expect(saved.length).toBe(before + 1), { timeout: 10_000 });
}

/** The kitchen's clock stands at a moment; `jest.restoreAllMocks` lets it go. */
export function clockAt(moment: string): void {
  jest.spyOn(Date, 'now').mockReturnValue(Date.parse(moment));
}

/** Puts a meal on an empty disk and opens it at a station of its first batch. */
export async function openAt(stage: Stage, input: Omit<Input, 'reference'>): Promise<void> {
  const { meal, batches, entries, kitchen } = input;
  await emptyDisk();
  await db.meals.put({ id: meal.id, meal, made: 1 });
  await db.batches.bulkPut(batches.map((batch) => ({ id: batch.id, mealId: meal.id, batch })));
  await db.entries.bulkPut([...byBatch(entries.map((entry) => ({ id: entry.id, mealId: meal.id, entry })))]);
  await db.table('kept').put({ id: 'kitchen', kitchen });
  await openPath(`/meals/${meal.id}/batches/${meal.batches[0] ?? ''}/${stage}`);
}

/** Opens a page of the application as the disk is. */
export async function openPath(path: string): Promise<void> {
  history.pushState(null, '', path);
  render(
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <App />
      </BrowserRouter>
    </QueryClientProvider>,
  );
  await settled();
}

/** What is read aloud and no cook would say: the code of a cut or an ingredient, and figures as the machine has them. */
const CODE =
  /\b(?:beef|veal|pork|lamb|goat|bison|venison)-[a-z-]+|\bsr24-\d|\bNaN\b|undefined(?! \(reading)|\[object/;
const FIGURES = /\d[.,]\d{4,}/;
/** One of many, and many of one: "1 plates", "12 plate". */
const NUMBER =
  /(?<![\d.,–-] ?)\b1 (?:soft |hand |dip |more )?(?:plates|servings|meals|lots|pots|batches|tacos|rolls|pies|cups|pieces|boxes|lines|guests|thing?s|bottles|cooks)\b|\b(?:[2-9]|\d\d+) (?:soft |hand |dip )?(?:plate|serving|meal|lot|pot|batch|taco|roll|pie|piece|box|guest|bottle)\b(?! [a-z]+s\b)/;
function badlySpelt(): readonly string[] {
  const names = [...document.querySelectorAll('[aria-label], [title], [alt]')].flatMap((one) =>
    ['aria-label', 'title', 'alt'].map((name) => one.getAttribute(name) ?? ''),
  );
  const leaves = [...document.querySelectorAll('main *')].flatMap((one) =>
    one.childElementCount === 0 ? [one.textContent] : [],
  );
  const bad = (words: string, what: RegExp) => {
    const found = what.exec(words);
    return found ? [`“${words.slice(Math.max(0, found.index - 40), found.index + 40)}” is not said so`] : [];
  };
  return [
    ...[...names, document.body.textContent].flatMap((words) => bad(words, CODE)),
    ...names.flatMap((words) => bad(words, FIGURES)),
    ...[...names, ...leaves].flatMap((words) => bad(words, NUMBER)),
  ];
}

/** What the page has logged as errors; a test that expects some takes them. */
export const faultsOfPage = (): readonly string[] => faults.splice(0);

/** The page’s disk, to damage it. */
export const disk = db;

/** Closes the page; what is on the disk stays. Fails the test if the page has logged an error. */
export function closePage(): void {
  const spelt = badlySpelt();
  cleanup();
  queries.clear();
  const said = [...faultsOfPage(), ...spelt];
  if (said.length > 0) throw new Error(said.join('\n'));
}

/** Counted by the simulated page (`page.ts`). */
declare const nextPieces: { readonly pieces: number };
/** Transactions of the disk that are under way: what a list has asked, what an act writes. */
let transactions = 0;
const begin = Reflect.get(IDBDatabase.prototype, 'transaction') as (...args: unknown[]) => IDBTransaction;
IDBDatabase.prototype.transaction = function (...args: unknown[]) {
  const made = Reflect.apply(begin, this, args);
  const over = () => {
    transactions -= 1;
  };
  transactions += 1;
  made.addEventListener('complete', over);
  made.addEventListener('abort', over);
  return made;
};

/** Why the page is not at rest yet, or undefined if it is. */
function unrest(): string | undefined {
  if (notKept.now().pending > 0) return 'still writing';
  if (transactions > 0) return 'still reading';
  if (nextPieces.pieces > 0) return 'still drawing';
  if (asked > 0 || queries.isFetching() > 0) return 'still asking';
  if (document.body.textContent.includes('One moment.')) return 'still loading';
  const sheet = document.querySelector('main');
  return !sheet || sheet.getAttribute('aria-busy') === 'true' ? 'still reckoning' : undefined;
}

/** So many turns in which nothing is drawn and nothing is under way: one thing may bring the next, a row of the disk a list. */
const QUIET_TURNS = 8;
const TURN_MS = 4;
/** It hangs: on a busy machine a whole meal is reckoned in seconds. */
const PATIENCE_MS = 30_000;

/** What is typed and chosen is on the disk, and its figures stand on the screen. */
export async function settled(): Promise<void> {
  let drawn = true;
  const observer = new MutationObserver(() => {
    drawn = true;
  });
  observer.observe(document, { subtree: true, childList: true, characterData: true, attributes: true });
  try {
    const began = performance.now();
    for (let quiet = 0; quiet < QUIET_TURNS;) {
      await new Promise((resolve) => setTimeout(resolve, TURN_MS));
      const why = unrest() ?? (drawn ? 'still changing' : undefined);
      drawn = false;
      quiet = why === undefined ? quiet + 1 : 0;
      if (performance.now() - began > PATIENCE_MS) throw new Error(why ?? 'never at rest');
    }
  } finally {
    observer.disconnect();
  }
}

/** Clears a field and puts a text into it at once, as a cook corrects a figure. */
export async function write(label: string | RegExp, text: string): Promise<void> {
  const field = screen.getByLabelText(label);
  await user.clear(field);
  if (text !== '') await user.paste(text);
  await settled();
}

export async function choose(label: string | RegExp, option: string): Promise<void> {
  const field = screen.getByLabelText(label);
  if (field instanceof HTMLInputElement) {
    await user.click(field);
    await user.clear(field);
    await user.paste(option);
    await user.keyboard('{Enter}');
  } else await user.selectOptions(field, option);
  await settled();
}

/** Presses or ticks what a test has found. */
export async function tap(thing: HTMLElement): Promise<void> {
  await user.click(thing);
  await settled();
}

export async function press(name: string | RegExp): Promise<void> {
  // Lists of the disk's rows come a moment after what they tell of.
  await tap(await screen.findByRole('button', { name }));
}

/** All that the sheet says, as one text. */
export const sheet = (): string => document.querySelector('main')?.textContent ?? '';

/** Takes back the last act, which must be the one that is named. */
export async function takeBack(words: string): Promise<void> {
  await press(`undo ${words}`);
}

/** The meal as the disk has it. */
export async function stored(mealId = 'meal'): Promise<LoadedMeal> {
  if (document.querySelector('main')) await settled();
  const loaded = await loadMeal(db, mealId);
  if (!loaded) throw new Error(`There is no meal “${mealId}” on the disk.`);
  return loaded;
}

/** The kitchen as the disk has it; the usual one while nobody has changed it. */
export async function kitchenOnDisk(): Promise<Kitchen> {
  await settled();
  const row = await db.kept.get('kitchen');
  return row?.id === 'kitchen' ? row.kitchen : usualKitchen;
}

/** A disk on which nothing is. */
export async function emptyDisk(): Promise<void> {
  await db.delete();
  await db.open();
}
