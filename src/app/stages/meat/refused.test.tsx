import { afterEach, describe, expect, test } from '@jest/globals';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import { closePage, openAt, openPath, sheet, stored, user, write } from '../../testing/openApp.tsx';

describe('meat: refused', () => {
  afterEach(closePage);

  const brisket = inputOf(
    [
      batchOf([
        lotOf('beef-brisket', 1200, { id: 'a' }),
        lotOf('beef-shank', 900, { id: 'b', weight: { text: '' } }),
      ]),
    ],
    [dishOf('taco', 10)],
  );
  const second = async () => (await stored()).batches[0]?.lots[1]?.weight;

  describe('a weight that cannot be', () => {
    test.each([
      ['0 kg', '“0 kg” must be above 0; write a weight.'],
      ['900 kg', '“900 kg” is more than one pot can braise; write at most 150 kg, or check the unit.'],
    ])('%s is said in one sentence, kept as it was typed, and changes no other lot', async (typed, words) => {
      const two = brisket.batches.map((batch) => ({ ...batch, lots: batch.lots.slice(0, 1) }));
      await openAt('meat', { ...brisket, batches: two });
      const alone = sheet().includes('1.20 kg in one lot');
      await write('Weight', typed);
      await user.tab();
      expect(sheet()).toContain(words);
      expect(alone).toBe(true);
      closePage();
      await openPath('/meals/meal');
      expect(document.querySelector<HTMLInputElement>('input.write')?.value).toBe(typed);
      expect((await stored()).batches[0]?.lots[0]?.weight.text).toBe(typed);
    });

    test('beside one that can, only the readable one is reckoned', async () => {
      await openAt('meat', brisket);
      expect(sheet()).toContain('1.20 kg in one lot');
      expect(await second()).toEqual({ text: '' });
    });
  });

  test('what can be read two ways is asked, and one tap settles it', async () => {
    await openAt('meat', { ...brisket, batches: [batchOf([lotOf('beef-brisket', 1200)])] });
    await write('Weight', '1,400 kg');
    expect(sheet()).toContain('is it 1.400 kg or 1400 kg?');
    await user.click(
      [...document.querySelectorAll('button')].find(({ textContent }) => textContent === '1.400 kg') ??
        document.body,
    );
    expect((await stored()).batches[0]?.lots[0]?.weight).toMatchObject({ lo: 1400, hi: 1400 });
  });

  test.each([
    ['0', '“0” must be above 0'],
    ['ten', '“ten” is not a number'],
    ['90000', '“90000” is more plates than one meal can have; write at most 20000.'],
    ['10–12', '“10–12” is a range; write one number of plates.'],
  ])('%s plates are refused with that figure', async (typed, words) => {
    await openAt('meat', brisket);
    await write('How many soft tacos', typed);
    await user.tab();
    expect(sheet()).toContain(words);
    expect((await stored()).meal.dishes[0]?.count.text).toBe(typed);
  });
});
