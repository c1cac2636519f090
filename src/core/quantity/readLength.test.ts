import { expect, test } from '@jest/globals';
import { readLength } from './readLength.ts';

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
