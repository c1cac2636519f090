import { describe, expect, test } from '@jest/globals';
import { withWhatIf } from '../../meal/index.ts';
import { openMeal } from '../../model/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { reckonDrawn } from '../../testing/reckonDrawn.ts';
import { whatIf } from './whatIf.ts';

const setting = { text: '160 °C', lo: 160, hi: 160 };
const price = { text: '10', amount: 10, per: 'kg' as const };
const pot = batchOf([lotOf('beef-shank', 3000, { id: 'a', price, trim: 'close' })], {
  cook: [{ id: 'heat', heat: 'oven', lid: 'on', setting }],
});
const input = inputOf([pot], [dishOf('taco', 20)]);
const ask = (change: Parameters<typeof withWhatIf>[1]) => {
  const found = whatIf(openMeal(input), { batch: 'pot', change });
  if (!found) throw new Error('no batch');
  return found;
};

describe('what if', () => {
  test('both plans are what the whole reckoning says of them', () => {
    const { asIs, other } = ask({ lid: 'ajar' });
    expect(asIs.shredG).toEqual(reckonDrawn(input).batches[0]?.meat.shredG);
    const changed = { ...input, batches: [withWhatIf(pot, { lid: 'ajar' })] };
    expect(other.shredG).toEqual(reckonDrawn(changed).batches[0]?.meat.shredG);
    // With its lid ajar more of it steams off.
    expect(other.brothMl?.mid).toBeLessThan(asIs.brothMl?.mid ?? 0);
  });

  test('another cut gives another yield at the same price', () => {
    const { asIs, other } = ask({ cut: { lot: 'a', cut: 'beef-brisket' } });
    expect(other.shredG.mid).toBeGreaterThan(asIs.shredG.mid);
    expect(other.enough).toBeGreaterThan(asIs.enough ?? 1);
    expect(other.cost).toBe(asIs.cost);
  });

  test('a setting stays on the heat that it was written for, a lot’s own trim gives way to what is tried', () => {
    expect(withWhatIf(pot, { heat: 'stove' }).cook[0]).toEqual({ id: 'heat', heat: 'stove', lid: 'on' });
    expect(withWhatIf(pot, { lid: 'ajar' }).cook[0]?.setting).toEqual(setting);
    expect(withWhatIf(pot, { heat: 'slow cooker' }).cook[0]?.setting).toBe('low');
    expect(withWhatIf(pot, { trim: 'none' }).lots[0]?.trim).toBeUndefined();
    expect(withWhatIf(pot, { size: 'whole' }).lots[0]?.trim).toBe('close');
    expect(whatIf(openMeal(input), { batch: 'gone', change: {} })).toBeUndefined();
  });
});
