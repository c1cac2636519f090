import { expect, test } from '@jest/globals';
import { bodyOf } from './body.ts';

/** Above about 15 g of gelatin a litre it sets, chilled (estimate). */
test('the body of a liquid goes with its gelatin and with how far it is boiled down', () => {
  expect(bodyOf(4, 1000)).toEqual({ gPerL: 4, feels: 'thin' });
  expect(bodyOf(10, 1000).feels).toBe('silky');
  expect(bodyOf(10, 600).feels).toBe('sets when cold');
  expect(bodyOf(10, 0)).toEqual({ gPerL: 0, feels: 'thin' });
});
