import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readQuantity } from './read.ts';

function grams(text: string) {
  const reading = readQuantity(text, 'mass');
  if (!reading.ok) throw new Error(reading.error);
  return reading.quantity;
}

test('a bottle is of wine where a volume is asked for', () => {
  expect(readQuantity('½ bottle', 'volume')).toMatchObject({ ok: true, quantity: { lo: 375 } });
});

describe('weights as people write them', () => {
  test.each([
    ['2 lb 3 oz', 2 * 453.59237 + 3 * 28.349523125],
    ['1,4 kg', 1400],
    ['1.4kg', 1400],
    ['2½ lb', 2.5 * 453.59237],
    ['2 1/2 lb', 2.5 * 453.59237],
    ['½ lb', 226.796185],
    ['1 kg 200 g', 1200],
    ['1,234.5 g', 1234.5],
    ['850 grams', 850],
    ['3 LBS', 3 * 453.59237],
  ])('%s', (text, expected) => {
    expect(grams(text).lo).toBeCloseTo(expected, 9);
    expect(grams(text)).toMatchObject({ text, hi: grams(text).lo });
  });

  test.each(['2 × 800 g', '2 x 800g', '2*800 g'])('%s is two pieces', (text) => {
    expect(grams(text)).toMatchObject({ lo: 1600, hi: 1600, count: 2 });
  });

  test.each(['3–4 lb', '3-4 lb', '3 to 4 lb', '3 lb – 4 lb'])('%s is a range', (text) => {
    const read = grams(text);
    expect(read.lo).toBeCloseTo(3 * 453.59237, 9);
    expect(read.hi).toBeCloseTo(4 * 453.59237, 9);
  });
});

test('volumes, temperatures, times and numbers', () => {
  const si = (text: string, measure: 'volume' | 'temperature' | 'duration' | 'count') => {
    const reading = readQuantity(text, measure);
    return reading.ok ? reading.quantity.lo : reading.error;
  };
  expect(si('2 cups', 'volume')).toBeCloseTo(473.176473, 6);
  expect(si('8 fl oz', 'volume')).toBeCloseTo(236.5882365, 6);
  expect(si('1.5 l', 'volume')).toBe(1500);
  expect(si('325 °F', 'temperature')).toBeCloseTo(162.7778, 3);
  expect(si('160 °C', 'temperature')).toBe(160);
  expect(si('2 h 30 min', 'duration')).toBe(150);
  expect(si('50', 'count')).toBe(50);
  expect(si('50.5', 'count')).toContain('“50.5”');
});

describe('what cannot be read is said in one sentence with the text in it', () => {
  test.each([
    '2 lb 40 oz',
    '0 kg',
    '-2 kg',
    'abc',
    '2 kg abc',
    '3 cups',
    '4–3 lb',
    '0 × 800 g',
    '1 kg 2 kg',
    '--',
  ])('%s', (text) => {
    const reading = readQuantity(text, 'mass', ['kg', 'g']);
    expect(reading).toMatchObject({ ok: false });
    if (!reading.ok) {
      expect(reading.error).toContain(text);
      expect(reading.error).toMatch(/^[^.?]*(\d\.\d[^.?]*)*[.?]$/);
    }
  });

  test('a comma with three digits behind it, a bare number and bare degrees are asked about', () => {
    expect(readQuantity('1,400 kg', 'mass')).toMatchObject({ ok: false, choices: ['1.400 kg', '1400 kg'] });
    expect(readQuantity('2', 'mass', ['kg', 'g'])).toMatchObject({ ok: false, choices: ['2 kg', '2 g'] });
    expect(readQuantity('325', 'temperature')).toMatchObject({ ok: false, choices: ['325 °C', '325 °F'] });
  });

  test('no text makes it throw or read as nothing or less', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 24 }), (text) => {
        const reading = readQuantity(text, 'mass');
        if (reading.ok) expect(reading.quantity.lo).toBeGreaterThan(0);
        else expect(reading.error.length).toBeGreaterThan(0);
      }),
    );
  });
});

describe('what cannot be is said with what was written', () => {
  test.each([
    ['0 kg', '“0 kg” must be above 0; write a weight.'],
    ['-2 kg', '“-2 kg” must be above 0; write a weight.'],
    ['2 lb 40 oz', '“2 lb 40 oz”: 40 oz is more than a lb; write the lb and what is over.'],
    ['a lot', '“a lot” is not a weight; write it like 1.4 kg or 2 lb 3 oz.'],
    ['2 cups', '“2 cups” is a volume, not a weight.'],
    ['4–2 kg', '“4–2 kg” is the wrong way round; put the smaller first.'],
    ['1–2–3 kg', '“1–2–3 kg” has more than two ends; write a range like 3–4 lb.'],
    ['3 stone', '“3 stone”: “stone” is not a unit known here; write it like 1.4 kg or 2 lb 3 oz.'],
  ])('%s', (text, error) => expect(readQuantity(text, 'mass')).toEqual({ ok: false, error }));
});
