/**
 * The page's own simulation cannot clone; the store needs nothing else of a page but its one tag.
 */
import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { act } from '@/store/acts.ts';
import { loadMeal, newMeal } from '@/store/meals.ts';
import { loadedOf, type Rows } from '@/store/rows.ts';

const reported = jest.fn();
Object.assign(globalThis, { document: { querySelector: () => null }, reportError: reported });
// No other tab listens here, and an open channel would keep the run alive.
jest.unstable_mockModule('../browser/tabs.ts', () => ({
  tellOtherTabs: () => undefined,
  whenAnotherTabWrites: () => undefined,
}));
const { db } = await import('../browser/db.ts');
const { change, keepAgain, keptKey, mealKey, readKept, readMeal, refresh, takeBack, unkeptMeal } =
  await import('./memory.ts');
const { notKept } = await import('./queue.ts');
const { queries } = await import('./queries.ts');

let meal: string;
let batch: string;
const held = () => loadedOf(queries.getQueryData<Rows>(mealKey(meal)) ?? ({} as never));
const onDisk = () => loadMeal(db, meal);
const rename = (name: string) =>
  change(meal, { words: 'the name' }, (edits) =>
    edits.edit('meals', meal, (row) => ({ ...row, meal: { ...row.meal, name } })),
  );

/** Until everything is on the disk and memory has been read anew where it had to be. */
async function settled(): Promise<void> {
  await readMeal(meal);
  // A busy machine may take seconds.
  const began = Date.now();
  while (Date.now() - began < 20_000 && (notKept.now().pending > 0 || queries.isFetching() > 0))
    await new Promise((resolve) => setTimeout(resolve, 5));
}

beforeEach(async () => {
  await db.delete();
  await db.open();
  ({ mealId: meal, batchId: batch } = await newMeal(db, 'Supper'));
  // As two screens would ask.
  await queries.query({ queryKey: keptKey, queryFn: readKept });
  await queries.query({ queryKey: mealKey(meal), queryFn: () => readMeal(meal) });
  reported.mockClear();
});
afterEach(() => queries.clear());

describe('the open meal in memory', () => {
  test('an act is seen at once, told as pending, and on the disk right behind', async () => {
    rename('Lunch');
    expect(held()?.meal.name).toBe('Lunch');
    expect(notKept.now().pending).toBe(1);
    expect((await onDisk())?.meal.name).toBe('Supper');
    await settled();
    expect(notKept.now().pending).toBe(0);
    expect((await onDisk())?.meal.name).toBe('Lunch');
  });

  test('a hundred acts reach the disk in their order', async () => {
    for (let i = 0; i < 100; i += 1) rename(`name ${i}`);
    expect(held()?.meal.name).toBe('name 99');
    await settled();
    expect((await onDisk())?.meal.name).toBe('name 99');
    takeBack(meal);
    await settled();
    expect((await onDisk())?.meal.name).toBe('name 98');
  });

  test('what another tab has changed meanwhile stays, and what is done here is done on top of it', async () => {
    // Another tab renames the pot on the disk; this one does not know yet, and changes how it is trimmed.
    await act(db, { words: 'the name of a pot' }, meal, (edits) =>
      edits.edit('batches', batch, (row) => ({ ...row, batch: { ...row.batch, name: 'Their pot' } })),
    );
    change(meal, { words: 'how it is trimmed' }, (edits) =>
      edits.edit('batches', batch, (row) => ({ ...row, batch: { ...row.batch, trim: 'close' } })),
    );
    await settled();
    expect((await onDisk())?.batches[0]).toMatchObject({ name: 'Their pot', trim: 'close' });
    const fresh = await readMeal(meal);
    expect(fresh && loadedOf(fresh)?.batches[0]).toMatchObject({ name: 'Their pot', trim: 'close' });
  });

  test('an act that cannot be done is reported, and nothing is half done', async () => {
    change(meal, { words: 'two things' }, (edits) => {
      edits.edit('meals', meal, (row) => ({ ...row, meal: { ...row.meal, name: 'Half' } }));
      edits.edit('batches', 'gone', (row) => row);
    });
    expect(reported).toHaveBeenCalledTimes(1);
    expect(held()?.meal.name).toBe('Supper');
    await settled();
    expect((await onDisk())?.meal.name).toBe('Supper');
  });

  test('what nobody has open is changed on the disk', async () => {
    const other = await newMeal(db, 'Other');
    change(other.mealId, { words: 'the name' }, (edits) =>
      edits.edit('meals', other.mealId, (row) => ({ ...row, meal: { ...row.meal, name: 'Another' } })),
    );
    await settled();
    expect((await loadMeal(db, other.mealId))?.meal.name).toBe('Another');
  });
});

describe('a store that takes nothing', () => {
  const full = () => {
    // As the library tells it: the transaction was aborted, and why lies within.
    const error = Object.assign(new Error('aborted'), {
      name: 'AbortError',
      inner: { name: 'QuotaExceededError' },
    });
    return jest.spyOn(db, 'transaction').mockRejectedValue(error);
  };

  test('is asked again where the connection was cut under an act: the next one opens it anew', async () => {
    const cut = Object.assign(new Error('cut'), { name: 'BulkError', failures: [{ name: 'AbortError' }] });
    jest.spyOn(db, 'transaction').mockRejectedValueOnce(cut);
    rename('Lunch');
    await settled();
    expect((await onDisk())?.meal.name).toBe('Lunch');
    expect(notKept.now()).toEqual({ pending: 0, stuck: 0 });
  });

  test('loses nothing: what was done stands on the page, is counted, and is kept in its order once there is room', async () => {
    const disk = full();
    rename('Lunch');
    rename('Late lunch');
    await settled();
    expect(notKept.now()).toEqual({ pending: 0, stuck: 2, fault: 'full' });
    expect(held()?.meal.name).toBe('Late lunch');
    expect(unkeptMeal(meal)?.meal.name).toBe('Late lunch');
    await keepAgain();
    expect(notKept.now().stuck).toBe(2);
    disk.mockRestore();
    expect((await onDisk())?.meal.name).toBe('Supper');
    // What is done after them waits for them.
    rename('Tea');
    await settled();
    expect(notKept.now().stuck).toBe(3);
    await keepAgain();
    await settled();
    expect(notKept.now()).toEqual({ pending: 0, stuck: 0 });
    expect((await onDisk())?.meal.name).toBe('Tea');
    takeBack(meal);
    await settled();
    expect((await onDisk())?.meal.name).toBe('Late lunch');
    expect(reported).not.toHaveBeenCalled();
  });

  test('takes nothing back meanwhile, and another tab’s writing does not put its own state over the page’s', async () => {
    const disk = full();
    rename('Lunch');
    takeBack(meal);
    await settled();
    refresh();
    await settled();
    expect(held()?.meal.name).toBe('Lunch');
    expect(reported.mock.calls.flat().map(String)).toEqual([
      expect.stringContaining('One change is on this page only') as unknown,
    ]);
    disk.mockRestore();
    await keepAgain();
  });
});
