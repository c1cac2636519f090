import { describe, expect, test } from '@jest/globals';
import type { HintRule } from '@/core/pot/index.ts';
import { hintWords, overfullWords } from './index.ts';

/** Each rule of the order of adding once, with its reason. */
const said: readonly (readonly [HintRule, string, string | undefined, string, RegExp])[] = [
  [
    'water-late',
    'mushrooms',
    'onion',
    'Brown onion first, then mushrooms.',
    /stops everything beside it from browning/,
  ],
  ['liquid-late', 'stock', 'tomato paste', 'Fry tomato paste before stock goes in.', /can only boil/],
  ['garlic-late', 'garlic', 'onion', 'Garlic after onion, for the last minute.', /bitter/],
  ['paste-fried', 'tomato paste', undefined, 'Fry tomato paste a minute or two in the fat.', /raw taste/],
  [
    'wine-down',
    'red wine',
    'stock',
    'Boil red wine down before stock goes in.',
    /Alcohol leaves an open pan/,
  ],
  [
    'starch-wet',
    'flour',
    undefined,
    'Stir flour into four parts of cold liquid, or into the fat, first.',
    /lumps/,
  ],
  [
    'sweet-scorch',
    'honey',
    undefined,
    'With honey in it, boil it down gently and stir to the bottom.',
    /catches and burns/,
  ],
  ['soak-first', 'ancho', undefined, 'Soak ancho 15 to 20 minutes first.', /skins stay tough/],
];

describe('the order of adding, in words', () => {
  test.each(said)('%s', (rule, first, second, words, why) => {
    const hint = hintWords({ id: 'x', rule, first, second });
    expect(hint.words).toBe(words);
    expect(hint.why).toMatch(why);
    expect(hint.why).toMatch(/\.$/);
  });
});

test('what a file would not take is told with its number', () => {
  expect(overfullWords({ what: 'batches', most: 50 })).toBe(
    'A meal holds at most 50 pots; this one more is not kept.',
  );
  expect(overfullWords({ what: 'items', most: 500 })).toMatch(/^A pot holds at most 500 lines/);
});
