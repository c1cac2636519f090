import { describe, expect, test } from '@jest/globals';
import type { Remedy, Says } from '@/core/model/index.ts';
import { nothingToBuyWords, remedyWords, saysWords } from './index.ts';

/** Each code once, with its figures, and the sentence that a cook reads. */
const said: readonly (readonly [Says, string])[] = [
  [
    { what: 'lot too heavy', text: '900 kg', mostG: 150_000 },
    '“900 kg” is more than one pot can braise; write at most 150 kg, or check the unit.',
  ],
  [{ what: 'unknown cut', id: 'ox' }, '“ox” is not in the table of cuts any more; choose another.'],
  [{ what: 'unknown ingredient', id: 'dust' }, '“dust” is not in the table of ingredients; choose another.'],
  [
    {
      what: 'portion',
      dish: 'soft tacos',
      of: 'liquid',
      above: 'smallest, largest',
      first: '90 ml',
      second: '60 ml',
    },
    'soft tacos: the liquid is at least “90 ml” and at most “60 ml”; put the smaller first.',
  ],
  [
    { what: 'guest: ingredient', pot: 'Pot one', name: 'stock', holds: ['celery', 'fish'] },
    'Pot one has stock (celery, fish), which a guest must not have; check the label, or leave it out.',
  ],
  [{ what: 'own cut: no protein', name: 'Fat cap', protein: 0 }, 'Fat cap: protein is 0; meat has some.'],
  [
    { what: 'own cut: relative', name: 'Neck', like: 'ox' },
    'Neck is said to be like “ox”, which is not in the table of cuts.',
  ],
  [
    { what: 'more bone than meat', bone: '2 kg', lot: '1 kg' },
    '“2 kg” of bone is more than the lot weighed (“1 kg”); weigh the bones again, or correct the lot.',
  ],
  [
    { what: 'never tender', setting: undefined, cut: 'shank' },
    'Shank is unlikely to be tender in 72 h at this heat: give it more heat, cut it smaller, or write the time at the clock.',
  ],
  [
    { what: 'fits: not there', vessel: '28 cm pot', heat: 'slow cooker' },
    'The 28 cm pot must not stand on a slow cooker base: say in the kitchen what may.',
  ],
  [
    { what: 'fits: too full', vessel: '24 cm pot', wantsMl: 8240, brimMl: 5400 },
    'This needs 8.2 l; the 24 cm pot holds 5.4 l: cut the meat smaller, pour less, or braise in two goes.',
  ],
  [
    { what: 'fits: too full', vessel: '24 cm pot', wantsMl: 8240, brimMl: 5400, shareWith: '20 cm pot' },
    'This needs 8.2 l; the 24 cm pot holds 5.4 l: share it with the 20 cm pot.',
  ],
  [
    { what: 'fits: too empty', vessel: '6 l slow cooker', share: 0.294, take: '3 l slow cooker' },
    'The 6 l slow cooker would be 29 % full, and under half it dries and scorches: use the 3 l slow cooker.',
  ],
  [
    { what: 'fits: too tall', vessel: '32 cm pot', standsCm: 20.52, room: 'oven', roomCm: 17, bare: false },
    'The 32 cm pot with its lid stands 20.5 cm high and the oven has 17 cm: use a lower vessel, or the stove.',
  ],
  [
    {
      what: 'salt: refused',
      liquid: 'sauce',
      finished: 0.0412,
      typed: '200 g',
      most: 0.03,
      lessG: 188,
      bestG: 0,
    },
    '“200 g” of salt would make the sauce 4.1 %, too salty to eat (3.0 % at most): leave it out.',
  ],
  [
    {
      what: 'salt: too much',
      liquid: 'broth',
      finished: 0.021,
      typed: '30 g',
      most: 0.03,
      lessG: 17.6,
      bestG: 12.4,
    },
    'The broth would end at 2.1 %, too salty to drink: salt 18 g less now.',
  ],
  [
    { what: 'salt: brought in', liquid: 'broth', finished: 0.021, itemsG: 25.2, thinMl: 830 },
    'What goes in brings 25 g of salt by itself, and the broth would end at 2.1 %: use unsalted stock, or thin it with 0.8 l of water.',
  ],
  [
    {
      what: 'still in',
      things: [
        { name: 'bay leaf', left: 1, of: 2 },
        { name: 'clove', left: 3, of: 3 },
      ],
    },
    'Still in it: 1 of 2 × bay leaf, 3 of 3 × clove. Find them before it is served.',
  ],
  [
    { what: 'slow cooker keeps it', leftMl: 2100, needMl: 900, boilMin: 40 },
    'A slow cooker lets hardly any steam off: 2.1 l will be left where the plates need 0.9 l. You can boil it down at the end (about 40 min, lid off), or keep the rest for the shelf.',
  ],
];

describe('what is wrong, in words', () => {
  test.each(said)('%j', (says, words) => expect(saysWords(says)).toBe(words));

  test('every sentence ends, and none has a figure left out', () => {
    for (const [says] of said) expect(saysWords(says)).toMatch(/^[^]*[.]$/);
    for (const [says] of said) expect(saysWords(says)).not.toMatch(/undefined|NaN|\[object/);
  });
});

describe('what one press does, in words', () => {
  const grams = { text: '', lo: 0, hi: 0 };
  const remedies: readonly (readonly [Remedy, string])[] = [
    [{ what: 'take', vessel: 'pot-32', name: '32 cm pot' }, 'Use the 32 cm pot'],
    [{ what: 'split', vessels: ['pot-20'], name: '20 cm pot' }, 'Share it with the 20 cm pot'],
    [{ what: 'pour later', item: 'stock', half: grams }, 'Pour half of it after an hour'],
    [{ what: 'pour less', item: 'stock', amount: grams, lessMl: 450 }, 'Pour 0.5 l less'],
    [{ what: 'heat', setting: grams, celsius: 110 }, 'Set the oven to 110 °C'],
    [{ what: 'salt', grams: 12.4 }, 'Salt with 12 g'],
    [{ what: 'salt', grams: 0 }, 'Add no salt'],
  ];
  test.each(remedies)('%j', (remedy, words) => expect(remedyWords(remedy)).toBe(words));
});

test('why nothing can be bought is said with what would change it', () => {
  expect(nothingToBuyWords({ what: 'chance', asked: 1 })).toBe(
    '100 in 100 cannot be bought: no weight is ever sure. Ask for 50 to 99.',
  );
  for (const what of [
    'on the board',
    'no lot',
    'no price',
    'no plates',
    'empty mix',
    'will not pull',
  ] as const)
    expect(nothingToBuyWords({ what })).toMatch(/^[A-Z].*[:.] .*\.$/);
});
