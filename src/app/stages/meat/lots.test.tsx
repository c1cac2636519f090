import { afterEach, describe, expect, test } from '@jest/globals';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import { screen } from '../../testing/dom.ts';
import { closePage, openAt, press, settled, sheet, stored, takeBack, user } from '../../testing/openApp.tsx';

describe('the lots on the board', () => {
  afterEach(closePage);
  const lots = [lotOf('beef-shank', 2000, { id: 'shank' }), lotOf('lamb-shoulder', 1500, { id: 'lamb' })];
  const meal = inputOf([batchOf(lots)], [dishOf('taco', 12)]);
  const kept = async () => (await stored()).batches[0]?.lots.map(({ id, weight }) => [id, weight.text]);

  test('each is a row with its weight, its cut and what it becomes; changed and taken out by itself, and put back', async () => {
    await openAt('meat', meal);
    const shred = () => {
      const label = screen.getByRole('img', { name: /^Beef shank, .*: shred/ }).getAttribute('aria-label');
      const [, figure = '', unit = ''] = /shred ([\d.]+) (k?g)/.exec(label ?? '') ?? [];
      return Number(figure) * (unit === 'kg' ? 1000 : 1);
    };
    const before = shred();
    const [weight] = screen.getAllByLabelText('Weight');
    if (!weight) throw new Error('no weight');
    await user.clear(weight);
    await user.paste('3 kg');
    await settled();
    expect(shred()).toBeCloseTo(1.5 * before, -2);
    expect(await kept()).toEqual([
      ['shank', '3 kg'],
      ['lamb', '1500 g'],
    ]);
    await takeBack('the weight of a lot');
    expect(shred()).toBe(before);
    await press(/^Remove Lamb/);
    expect(await kept()).toEqual([['shank', '2000 g']]);
    await takeBack('removing a lot');
    expect((await kept())?.map(([id]) => id)).toEqual(['shank', 'lamb']);
  });

  test('what cannot be is said in its row, with the figure', async () => {
    await openAt('meat', inputOf([batchOf([lotOf('beef-shank', 900_000)])], [dishOf('taco', 12)]));
    expect(sheet()).toMatch(/“900000 g” is more than one pot can braise/);
  });

  test('an empty batch says what to write', async () => {
    await openAt('meat', inputOf([batchOf([])], [dishOf('taco', 12)]));
    expect(screen.getByRole('heading', { name: 'What did you buy?' })).toBeTruthy();
    expect(sheet()).toMatch(/Write a weight and a cut/);
  });
});
