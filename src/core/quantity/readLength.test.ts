import { expect, test } from '@jest/globals';
import { readAltitude } from './readAltitude.ts';
import { readLength } from './readLength.ts';
import { readShare } from './readShare.ts';

test.each([
  ['28', 28],
  ['28,5 cm', 28.5],
  ['11 in', 27.94],
  ['11"', 27.94],
  ['280 mm', 28],
])('%s is %f cm', (text, cm) => {
  const reading = readLength(text);
  expect(reading.ok && reading.cm).toBeCloseTo(cm, 9);
});

test.each(['wide', '-3', '0', '900', '28 kg', ''])('“%s” is refused with itself', (text) => {
  expect(readLength(text)).toMatchObject({ ok: false, error: expect.stringContaining(`“${text}”`) });
});

test.each([
  ['28 %', 0.28],
  ['28,5', 0.285],
  ['0', 0],
  ['100%', 1],
  ['', undefined],
  ['101', NaN],
  ['-1', NaN],
  ['much', NaN],
])('a share of “%s”', (text, share) => {
  expect(readShare(text)).toEqual(share);
});

test('how high a kitchen lies, in metres or feet; what cannot be is said with what was written', () => {
  expect(readAltitude('1600')).toEqual({ ok: true, metres: 1600 });
  expect(readAltitude('5,280.5 ft').ok).toBe(false);
  expect(readAltitude('5280 ft')).toEqual({ ok: true, metres: expect.closeTo(1609.344, 6) });
  expect(readAltitude('−20 m')).toEqual({ ok: true, metres: -20 });
  expect(readAltitude('9000')).toEqual({
    ok: false,
    error: '“9000” is out of range; write -430 to 5500 m.',
  });
  expect(readAltitude('high up')).toMatchObject({ ok: false });
});
