import { expect, test } from '@jest/globals';
import { sameContent } from './sameContent.ts';

const grams = (g: number) => ({ weight: { text: `${g} g`, lo: g } });

test('props say the same by what they hold; a function is not looked into', () => {
  expect(sameContent({ lot: grams(1), scale: 2 }, { lot: grams(1), scale: 2 })).toBe(true);
  expect(sameContent({ lot: grams(1) }, { lot: grams(2) })).toBe(false);
  expect(sameContent({ scale: 2 }, { scale: 3 })).toBe(false);
  expect(sameContent<{ problem: string | undefined }>({ problem: undefined }, { problem: 'x' })).toBe(false);
  expect(sameContent<{ problem: string | undefined }>({ problem: 'x' }, { problem: undefined })).toBe(false);
});
