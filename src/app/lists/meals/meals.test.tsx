import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { screen, waitFor } from '../../testing/dom.ts';
import type { MealFile } from '@/core/meal/index.ts';
import { batchOf, dishOf, grams, inputOf, lotOf, weighedEntry } from '@/core/testing/meals.ts';

const {
  closePage,
  emptyDisk,
  openAt,
  openPath,
  press,
  save,
  saved,
  settled,
  sheet,
  stored,
  takeBack,
  user,
  write,
} = await import('../../testing/openApp.tsx');

beforeEach(emptyDisk);

afterEach(() => {
  closePage();
  saved.length = 0;
});

const supper = inputOf([batchOf([lotOf('beef-blade-roast', 2600)])], [dishOf('taco', 24)]);
async function bringIn(text: string): Promise<void> {
  const file = new File([text], 'meal.json', { type: 'application/json' });
  // The page's own simulation has no reading of a file.
  Object.assign(file, { text: () => Promise.resolve(text) });
  await user.upload(screen.getByLabelText('A meal file'), file);
  await settled();
}

describe('meals go out and come in', () => {
  test('saved, deleted and brought in it is the same to the byte', async () => {
    await openAt('meat', supper);
    closePage();
    await openPath('/meals');
    await save(/^Save as a file/);
    const [first] = saved;
    expect(first?.name).toBe('supper.json');
    await press(/^Delete/);
    await screen.findByText(/No meal is kept here\./);
    await bringIn(first?.text ?? '');
    await waitFor(() => expect(sheet()).toContain('“Supper” is in.'));
    await save(/^Save as a file/);
    expect(saved[1]?.text).toBe(first?.text);
  });

  test('one that is here already is asked about, and replaced only if that is wanted', async () => {
    await openAt('meat', supper);
    await write('Weight', '3 kg');
    closePage();
    await openPath('/meals');
    await save(/^Save as a file/);
    const text = saved[0]?.text ?? '';
    closePage();
    await openPath('/meals/meal');
    await write('Weight', '5 kg');
    closePage();
    await openPath('/meals');
    await bringIn(text);
    await press('Leave it as it is');
    expect((await stored()).batches[0]?.lots[0]?.weight.text).toBe('5 kg');
    await bringIn(text);
    await press('Replace it');
    expect((await stored()).batches[0]?.lots[0]?.weight.text).toBe('3 kg');
    await takeBack('bringing in “Supper”');
    expect((await stored()).batches[0]?.lots[0]?.weight.text).toBe('5 kg');
  });

  test('what two copies have each weighed comes together unasked, and goes apart again in one', async () => {
    await openAt('meat', supper);
    closePage();
    await openPath('/meals');
    await save(/^Save as a file/);
    const file = JSON.parse(saved[0]?.text ?? '') as MealFile;
    const there = weighedEntry({ what: 'flow', flow: 'raw', lot: 'lot' }, 2650, 2);
    const copy = JSON.stringify({ ...file, entries: [{ ...there, id: 'weighed-there' }] });
    closePage();
    await openPath('/meals');
    await bringIn(copy);
    await screen.findByText(/Only in the file: 1 reading\./);
    await press('Put them together');
    await waitFor(() => expect(sheet()).toContain('are one.'));
    expect((await stored()).entries.map(({ id }) => id)).toEqual(['weighed-there']);
    await bringIn(copy);
    await screen.findByText(/They are the same\./);
    await press('Leave it as it is');
    await takeBack('putting two copies of “Supper” together');
    expect((await stored()).entries).toEqual([]);
  });

  test('what only one copy has changed is told; where nobody knows which, both are held until one is chosen', async () => {
    await openAt('meat', supper);
    closePage();
    await openPath('/meals');
    await save(/^Save as a file/);
    const file = JSON.parse(saved[0]?.text ?? '') as MealFile;
    closePage();
    await openPath('/meals/meal');
    await write('Weight', '5 kg');
    closePage();
    await openPath('/meals');
    await bringIn(JSON.stringify(file));
    const { name = '' } = (await stored()).batches[0] ?? {};
    await screen.findByText(new RegExp(`Changed here alone: ${name}`));
    expect(screen.queryByRole('button', { name: 'Put them together' })).toBeNull();
    await press('Leave it as it is');
    // A file that names no version it was taken from.
    const { versions: _, ...unnamed } = file;
    await bringIn(JSON.stringify(unnamed));
    await screen.findByText(new RegExp(`Written otherwise in the file: ${name}`));
    await press('Put them together');
    await screen.findByRole('heading', { name: /^Which is right: weight/ });
    await press('5 kg');
    await waitFor(() => expect(screen.queryByRole('heading', { name: /^Which is right/ })).toBeNull());
    expect((await stored()).batches[0]?.lots[0]?.weight.text).toBe('5 kg');
  });

  test.each([
    ['', 'This file is broken or not JSON'],
    ['{"format":"another"}', 'This is not a Slow Spoon meal'],
    ['[1, 2', 'broken or not JSON'],
  ])('%j is refused in one sentence, and nothing is touched', async (text, words) => {
    await openAt('meat', supper);
    closePage();
    await openPath('/meals');
    await bringIn(text);
    await waitFor(() => expect(sheet()).toContain(words));
    expect((await stored()).batches[0]?.lots[0]?.weight).toEqual(grams(2600));
  });

  test('a deleted meal comes back with undo, whole', async () => {
    await openAt('meat', supper);
    closePage();
    const before = await stored();
    await openPath('/meals');
    await press(/^Delete/);
    await takeBack('deleting “Supper”');
    expect(await stored()).toEqual(before);
  });
});

describe('the frame of a meal', () => {
  test('an address of no meal leads to the list; of no batch or no station, to the first pot', async () => {
    await openAt('meat', supper);
    closePage();
    await openPath('/meals/gone/batches/pot/meat');
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe('Meals');
    expect(screen.getByText(/at that address is not kept in this browser/)).toBeTruthy();
    closePage();
    await openPath('/meals/meal/batches/pot/nowhere');
    expect(location.pathname).toBe('/meals/meal/batches/pot/meat');
    closePage();
    await openPath('/meals/meal/batches/gone/pot');
    expect(location.pathname).toBe('/meals/meal/batches/pot/meat');
  });

  test('keys go from station to station, take back and do again, and list themselves', async () => {
    await openAt('meat', supper);
    await write('Weight', '3 kg');
    await user.tab();
    (document.activeElement as HTMLElement | null)?.blur();
    await user.keyboard(']');
    await settled();
    expect(location.pathname).toMatch(/\/pot$/);
    await user.keyboard('[[');
    await settled();
    expect(location.pathname).toMatch(/\/meat$/);
    await screen.findByRole('button', { name: 'undo the weight of a lot' });
    await user.keyboard('u');
    await settled();
    expect((await stored()).batches[0]?.lots[0]?.weight.text).not.toBe('3 kg');
    await user.keyboard('{Shift>}U{/Shift}');
    await settled();
    expect((await stored()).batches[0]?.lots[0]?.weight.text).toBe('3 kg');
    await user.keyboard('?');
    expect(await screen.findByRole('dialog', { name: 'Keys' })).toBeTruthy();
  });

  test('another pot stands on the stove, and what is next stands under each', async () => {
    await openAt('meat', supper);
    await press('+ pot');
    const stove = screen.getByRole('list', { name: 'The stove' });
    expect(stove.textContent).toMatch(/Pot ?test after 2 h.*Pot two ?write what you bought/);
    // The new one is open, and nothing of the frame has moved away.
    expect(screen.getByRole('link', { name: /^Pot two/ }).getAttribute('aria-current')).toBe('true');
    expect(screen.getByRole('button', { name: '+ pot' })).toBeTruthy();
    expect(screen.getByRole('button', { name: 'undo a new pot' })).toBeTruthy();
    expect((await stored()).meal.batches).toHaveLength(2);
  });
});
