import { expect, test } from '@jest/globals';
import { usualDishes } from '@/core/order/index.ts';
import { counted, isMany, nounOf, PLATE } from './nouns.ts';

test.each([
  ['soft tacos', '1 soft taco', '2 soft tacos'],
  ['plates of pasta', '1 plate of pasta', '2 plates of pasta'],
  ['long rolls with gravy', '1 long roll with gravy', '2 long rolls with gravy'],
  ['hand pies', '1 hand pie', '2 hand pies'],
  ['sandwiches', '1 sandwich', '2 sandwiches'],
  ['stuffed potatoes', '1 stuffed potato', '2 stuffed potatoes'],
  ['chilli', '1 chilli', '2 chilli'],
  [
    'grandmother’s dishes, the blue ones',
    '1 grandmother’s dish, the blue ones',
    '2 grandmother’s dishes, the blue ones',
  ],
])('one and two of %s', (name, one, two) => {
  expect([counted(1, nounOf(name)), counted(2, nounOf(name))]).toEqual([one, two]);
});

test('every usual dish has both forms, and a head that is many is spoken of so', () => {
  for (const { name } of Object.values(usualDishes)) {
    expect([name, nounOf(name).one === name]).toEqual([name, !isMany(name)]);
    expect(nounOf(name).one).not.toMatch(/^\S*[^su]s\b(?! )/);
  }
  expect([isMany('Beef short ribs, bone in'), isMany('Beef shank, cross-cut'), isMany('brisket')]).toEqual([
    true,
    false,
    false,
  ]);
  expect([0, 1, 1.5, 2].map((n) => counted(n, PLATE))).toEqual([
    '0 plates',
    '1 plate',
    '1.5 plates',
    '2 plates',
  ]);
});
