import { afterEach, describe, expect, test } from '@jest/globals';
import { screen, waitFor, within } from '../testing/dom.ts';
import { eventOfTwo } from '@/core/testing/event.ts';
import {
  choose,
  closePage,
  disk,
  openAt,
  openPath,
  press,
  settled,
  sheet,
  stored,
  takeBack,
  user,
} from '../testing/openApp.tsx';

const two = () => eventOfTwo({ beefG: 9000, porkG: 6000, tacos: 90, pasta: 20, pastaFrom: ['pork'] });
const shelf = async () => {
  await settled();
  const row = await disk.kept.get('shelf');
  return row?.id === 'shelf' ? row.items : [];
};

describe('an event: once plates are out', () => {
  afterEach(closePage);

  test('so many go out at once and then all, as they are shown; what is left goes to the shelf in one act and all pots are closed in one', async () => {
    await openAt('plates', two());
    const [many] = await screen.findAllByLabelText('so many out');
    if (!many) throw new Error('no field for many');
    await user.type(many, '900{Enter}');
    expect(sheet()).toContain('900 cannot be filled: 90 can.');
    await user.clear(many);
    await user.type(many, '25{Enter}');
    await settled();
    await press('All 65 out');
    const served = (await stored()).entries.filter(({ measures }) => measures.what === 'served');
    expect(served.map(({ value }) => value?.lo)).toEqual([25, 65]);
    // Both at the portion that was shown.
    for (const { measures } of served) expect(measures).toMatchObject({ on: [{ batch: 'beef' }] });

    closePage();
    await openPath('/meals/meal/event');
    const left = within(await screen.findByRole('region', { name: 'What is left' }));
    await waitFor(() => expect(left.getAllByRole('row').length).toBeGreaterThan(2));
    await press('Put all there');
    const boxed = await shelf();
    expect(boxed.length).toBe(left.getAllByRole('row').length - 1);
    expect(new Set(boxed.map(({ batch }) => batch))).toEqual(new Set(['beef', 'pork']));
    expect(left.queryByRole('button', { name: 'Put all there' })).toBeNull();
    await takeBack('what is left of all pots, to the shelf');
    expect(await shelf()).toEqual([]);
    await press('Close all 2 pots');
    expect((await stored()).batches.every(({ closed }) => closed !== undefined)).toBe(true);
    await takeBack('closing the pots');
    expect((await stored()).batches.some(({ closed }) => closed !== undefined)).toBe(false);
  });
});

describe('an event: the deal', () => {
  afterEach(closePage);

  test('is taken with the hour by which all go home, and undone with it', async () => {
    await openAt('order', two());
    closePage();
    await openPath('/meals/meal/event');
    await choose('Everybody home by', '19:00');
    await press('Deal');
    await waitFor(() => expect(sheet()).toMatch(/15\.0 kg fits in \d+ pots?/), { timeout: 20_000 });
    await press('Cook it so');
    const dealt = await stored();
    expect(dealt.meal.day?.home).toBe('19:00');
    const weights = dealt.batches.flatMap(({ lots }) => lots.map(({ weight }) => weight.lo ?? 0));
    expect(Math.abs(weights.reduce((sum, g) => sum + g, 0) - 15_000)).toBeLessThan(10);
    await takeBack('dealing meat over pots');
    const before = await stored();
    expect([before.batches.length, before.meal.day?.home]).toEqual([2, undefined]);
  });
});
