/**
 * The page's own simulation has byte arrays of another realm, which the PDF library does not know.
 */
import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { openMeal } from '@/core/model/index.ts';
import { answer } from '@/core/answers/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import { Paper } from '../../../paper/paper.ts';
import { runSheet } from './runSheet.ts';
import { wallOf } from '@/core/clock/index.ts';

const font = (weight: number) =>
  readFileSync(
    `node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-${weight}-normal.woff`,
  );
const fonts = { regular: font(400), bold: font(700) };
const CAUTION =
  'Hold hot at 57 °C or above, or cool from 57 to 21 °C within two hours and to 5 °C within six in all; reheat right through, to 74 °C. Follow your local food code and, for a business, your licensed plan.';

/** A day of so many pots. */
function dayOf(pots: number) {
  const batches = Array.from({ length: pots }, (_, i) =>
    batchOf([lotOf('beef-blade-roast', 2000)], { id: `pot-${i}`, name: `Pot ${i}` }),
  );
  const input = inputOf(batches, [dishOf('taco', 20)]);
  const meal = { ...input.meal, serving: { local: '2026-12-05T18:00', zone: 'UTC' } };
  return answer('day', openMeal({ ...input, meal }), { now: Date.UTC(2026, 11, 4, 9), tries: 0 });
}

function sheetOf(pots: number, name = 'Winter lantern supper') {
  const drawn = jest.spyOn(Paper.prototype, 'write');
  const turned = jest.spyOn(Paper.prototype, 'turn');
  const day = dayOf(pots);
  const names = new Map(Array.from({ length: pots }, (_, i) => [`pot-${i}`, `Pot ${i}`] as const));
  const bytes = runSheet({
    name,
    day,
    pots: names,
    wall: wallOf(day.zone),
    mass: (g) => `${Math.round(g)} g`,
    fonts,
    caution: CAUTION,
  });
  const [paper] = drawn.mock.contexts;
  if (!(paper instanceof Paper)) throw new Error('nothing was written');
  return { day, bytes, paper, said: drawn.mock.calls, pages: turned.mock.calls.length };
}
afterEach(() => {
  jest.restoreAllMocks();
});

describe('the run sheet', () => {
  test('has every line of the day at its time, and the caution in full', () => {
    const { day, bytes, said } = sheetOf(1);
    expect(Buffer.from(bytes).toString('latin1')).toContain('(Run sheet: Winter lantern supper)');
    const words = said.map(([text]) => text);
    expect(words.filter((text) => /^\d\d:\d\d$/.test(text))).toHaveLength(day.lines.length);
    expect(words.join(' ')).toContain(CAUTION);
    expect(words).toContain('served Saturday 18:00');
  });

  test('a long day turns the page, with its name on each', () => {
    const { said, pages } = sheetOf(6);
    expect(pages).toBeGreaterThan(1);
    expect(said.filter(([text]) => text === 'Winter lantern supper')).toHaveLength(pages);
  });

  test('nothing is written beyond the paper, however long the name', () => {
    const { said, paper } = sheetOf(1, `${'x'.repeat(150)} 🎉`);
    for (const [text, x, y, how] of said) {
      expect(x + paper.widthOf(text, how)).toBeLessThanOrEqual(595.28 - 40);
      expect(y).toBeGreaterThan(20);
    }
  });
});
