import { describe, expect, test } from '@jest/globals';
import { bounds, quoted, TEXT_MOST } from './bounds.ts';
import { readQuantity } from './read.ts';
import { readLength } from './readLength.ts';
import type { Measure } from './units.ts';

const refusal = (text: string, measure: Measure) => {
  const read = readQuantity(text, measure, measure === 'mass' ? ['g'] : measure === 'volume' ? ['ml'] : []);
  if (read.ok) throw new Error(`“${text}” was taken`);
  return read.error;
};

describe('what is beyond any kitchen', () => {
  test.each<[string, Measure, string]>([
    ['5000 t', 'mass', 'unit known here'],
    ['900000 kg', 'mass', '“900000 kg” is too much; write at most 2000 kg, or check the unit.'],
    ['0.0000001 g', 'mass', '“0.0000001 g” is less than can be; write at least 0.001 g.'],
    ['30000000 l', 'volume', '“30000000 l” is too much; write at most 2000 l, or check the unit.'],
    ['9000 °C', 'temperature', '“9000 °C” is too much; write at most 600 °C, or check the unit.'],
    ['900000 h', 'duration', '“900000 h” is too much; write at most 336 h, or check the unit.'],
    ['99999999', 'count', '“99999999” is too much; write at most 1000000, or check the unit.'],
  ])('%s as a %s is refused with its figure', (text, measure, words) => {
    expect(refusal(text, measure)).toContain(words);
  });

  test('the bounds themselves are taken', () => {
    expect(readQuantity('2000 kg', 'mass')).toMatchObject({ ok: true, quantity: { hi: bounds.mass.most } });
    expect(readQuantity('2000 l', 'volume')).toMatchObject({ ok: true });
    expect(readQuantity('336 h', 'duration')).toMatchObject({
      ok: true,
      quantity: { lo: bounds.duration.most },
    });
    expect(readLength('300 cm')).toEqual({ ok: true, cm: bounds.length.most });
    expect(readLength('301 cm')).toMatchObject({ ok: false });
  });

  test('an endless text is refused short', () => {
    const words = refusal(`${'9'.repeat(TEXT_MOST)} kg`, 'mass');
    expect(words).toMatch(/^“9{40}…” is longer than 200 letters; write it shorter\.$/);
  });
});

test('a text is quoted on one line and not longer than can be read', () => {
  expect(quoted(' 2 kg ')).toBe('“2 kg”');
  expect(quoted('two\n\u0000kilos')).toBe('“two kilos”');
  expect(quoted('x'.repeat(60))).toBe(`“${'x'.repeat(40)}…”`);
});
