import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { cleanup, fireEvent, render, screen } from '../testing/dom.ts';
import { JugShares } from './JugShares.tsx';
import { PlatesRow } from './PlatesRow.tsx';

describe('figures: figures', () => {
  afterEach(cleanup);

  describe('the row of plates', () => {
    const drawn = (state: string) => document.querySelectorAll(`[class*="${state}"]`).length;

    test('is filled while sure, pale where it may run short, and says it in words', () => {
      render(
        <PlatesRow
          dishes={[
            { kind: 'taco', count: 10, surely: 7, likely: 9 },
            { kind: 'soup', count: 2, surely: 1, likely: 2 },
          ]}
          surely={7}
          likely={9}
          left="120 g"
        />,
      );
      expect(
        screen.getByRole('img', { name: '12 plates: sure of 7, likely 9; left over 120 g' }),
      ).toBeTruthy();
      expect([drawn('isSure'), drawn('isLikely'), drawn('isUnsure')]).toEqual([8, 3, 1]);
    });

    test('a hall of them stays drawable: one stands for several, and the words keep the number', () => {
      render(
        <PlatesRow
          dishes={[{ kind: 'roll', count: 20_000, surely: 10_000, likely: 20_000 }]}
          surely={10_000}
          likely={20_000}
        />,
      );
      expect(screen.getByRole('img', { name: /^20000 plates: sure of 10000/ })).toBeTruthy();
      const plates = drawn('isSure') + drawn('isLikely') + drawn('isUnsure');
      expect(plates).toBeLessThanOrEqual(240);
      expect(drawn('isSure') / plates).toBeCloseTo(0.5, 1);
    });

    test('the last plate is pulled by key, never below one', () => {
      const onCount = jest.fn();
      render(
        <PlatesRow
          dishes={[{ kind: 'taco', count: 2, surely: 2, likely: 2 }]}
          surely={2}
          likely={2}
          last={{ name: 'soft tacos', count: 2, onCount }}
        />,
      );
      const last = screen.getByRole('slider', { name: 'The last plate: soft tacos' });
      fireEvent.keyDown(last, { key: 'ArrowRight' });
      expect(onCount).toHaveBeenLastCalledWith(3);
      fireEvent.keyDown(last, { key: 'PageDown' });
      expect(onCount).toHaveBeenLastCalledWith(1);
    });
  });

  describe('the jug', () => {
    const heights = () =>
      [...document.querySelectorAll('rect')].map((rect) => Number(rect.getAttribute('height')));
    const draw = (ml: number, more: Partial<Parameters<typeof JugShares>[0]> = {}) =>
      render(<JugShares ml={ml} fatMl={0} solidsMl={0} shares={[]} weighed words="A jug" {...more} />);

    test.each([200, 2_000, 75_000, 400_000, 1_900_000])('of %d ml holds all that is in it', (ml) => {
      draw(ml, { fatMl: ml / 20 });
      const [broth = NaN, fat = NaN] = heights();
      expect(broth + fat).toBeLessThanOrEqual(300);
      // Fat and broth stand to one scale.
      expect(fat / broth).toBeCloseTo(0.05, 6);
    });

    test('solids lie at the bottom, never above the sauce', () => {
      draw(500, { solidsMl: 900 });
      const [sauce = NaN, solids = NaN] = heights();
      expect(solids).toBe(sauce);
    });

    test('says where it goes, and stands larger than it is where more is wanted', () => {
      draw(1000, {
        shares: [
          { name: 'rolls', ml: 900, said: '900 ml' },
          { name: 'soaks back', ml: 400, said: '400 ml' },
        ],
      });
      expect(document.querySelectorAll('text')).toHaveLength(2);
      expect(document.querySelector('.missing')).not.toBeNull();
      cleanup();
      draw(1000, { shares: [{ name: 'rolls', ml: 900, said: '900 ml' }] });
      expect(document.querySelector('.missing')).toBeNull();
    });
  });
});
