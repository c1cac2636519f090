import { expect, test } from '@jest/globals';
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
