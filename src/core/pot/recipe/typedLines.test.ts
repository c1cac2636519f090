import { expect, test } from '@jest/globals';
import { names } from '@/reference/names.ts';
import { pantry } from '@/reference/pantry.ts';
import { reference } from '@/reference/index.ts';
import { entered, typedLines } from './typedLines.ts';

const short = new Set(reference.ingredients.map(({ id }) => id));
const large = pantry.filter(({ id }) => !short.has(id));
const tables = { usual: reference.ingredients, large, cuts: reference.cuts, names };
const read = (text: string) =>
  typedLines(text, tables).map(({ line, found, sure }) => [
    line.howMuch,
    sure ? found[0] : undefined,
    line.note,
  ]);

test.each([
  [
    '2 l water, 3 onions, 2 tins tomatoes',
    [
      ['2 l', 'water', ''],
      ['3', 'onion', ''],
      ['2 tins', 'tomatoes-canned', ''],
    ],
  ],
  ['2 large onions, thinly sliced', [['2 large', 'onion', 'thinly sliced']]],
  ['onions, 3', [['3', 'onion', '']]],
  [
    '1 tin tomatoes, drained, 2 bay leaves',
    [
      ['1 tin', 'tomatoes-canned', 'drained'],
      ['2', 'bay-leaf', ''],
    ],
  ],
  [
    '1 l stock\n½ bottle red wine; 4 cloves garlic',
    [
      ['1 l', 'stock-beef', ''],
      ['½ bottle', 'wine-red', ''],
      ['4 cloves', 'garlic', ''],
    ],
  ],
  [
    '2 cabbage leaves, 4 slices of lemon',
    [
      ['2', 'sr24-11109', ''],
      ['4 slices', 'sr24-09150', ''],
    ],
  ],
  ['2 slices cauliflower', [['2 slices', undefined, '']]],
  ['½–¾ l water', [['½–¾ l', 'water', '']]],
  ['1½ cups beef stock', [['1½ cups', 'stock-beef', '']]],
  [
    '1,5 l water, thyme',
    [
      ['1,5 l', 'water', ''],
      [undefined, 'sr24-02042', ''],
    ],
  ],
  [
    '3 grumbles, 2 carrots',
    [
      ['3', undefined, ''],
      ['2', 'carrot', ''],
    ],
  ],
])('%s', (text, lines) => expect(read(text)).toEqual(lines));

test.each([
  ['oni', [{ as: 'ingredient', id: 'onion' }]],
  ['3 guajillo', [{ as: 'ingredient', id: 'chilli-guajillo' }]],
  ['4 chillies', [undefined]],
  ['zzz', [undefined]],
  ['1 kg oxtail', [{ as: 'cut', id: 'beef-oxtail' }]],
  ['20 g salt', [{ as: 'salt' }]],
  ['2 onions, zzz, 4 chillies', [{ as: 'ingredient', id: 'onion' }, undefined, undefined]],
])('Enter behind “%s”', (text, choices) => {
  expect(entered(text, tables).map(({ choice }) => choice)).toEqual(choices);
});
