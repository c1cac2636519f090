import { openMeal } from '../../model/index.ts';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import type { Batch, Item } from '../../meal/index.ts';
import pantry from '@/reference/pantry.json' with { type: 'json' };
import { names } from '@/reference/names.ts';
import { reference } from '@/reference/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { reckon } from '../../reckoning/reckon.ts';
import { recipeFile } from '@/words/index.ts';
import { recipeOut } from '../../answers/light/recipeOut.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../../testing/meals.ts';
import { readLine } from './line.ts';
import { amountOfLine } from './amountOfLine.ts';
import { matchLine } from './match.ts';
import { printedLines } from './printed.ts';
import { readRecipe } from './read.ts';
import { asksWeight, firstChoice, putRecipeIn } from './settle.ts';

const large = pantry.ingredients as readonly Ingredient[];
const tables = { usual: reference.ingredients, large, cuts: reference.cuts, names };
const nameOf = (id: string | undefined) =>
  [...reference.ingredients, ...large, ...reference.cuts].find((one) => one.id === id)?.name;
const matched = (text: string) => {
  const match = matchLine(readLine(text), tables);
  return { ...match, best: nameOf(match.found[0]) };
};

describe('a line of a recipe', () => {
  test.each([
    ['2 large onions, sliced', 2, 'count', 'onion'],
    ['800 g tin tomatoes', 800, 'mass', 'tomatoes, canned, with juice'],
    ['1 (28-oz) can crushed tomatoes', 28 * 28.349523125, 'mass', 'tomatoes, crushed'],
    ['2 x 400 g cans chopped tomatoes', 800, 'mass', 'tomatoes, canned, with juice'],
    ['• 3 bay leaves', 3, 'count', 'bay leaf'],
    ['6 garlic cloves', 6, 'count', 'garlic clove'],
    ['1 1/2 cups beef stock', 354.88235475, 'volume', 'beef stock, home made'],
    ['½ cup red wine', 118.29411825, 'volume', 'red wine'],
    ['two carrots (peeled)', 2, 'count', 'carrot'],
    ['2 beef bouillon cubes', 2, 'count', 'bouillon cube, beef'],
  ])('%s', (text, amount, measure, best) => {
    const match = matched(text);
    expect([match.line.measure, match.best, match.sure]).toEqual([measure, best, true]);
    expect(match.line.amount?.lo).toBeCloseTo(amount, 6);
  });

  /** Packs are estimates of the table; pieces SR24's or estimates: core/../scripts/reference. */
  test.each([
    ['2 tins tomatoes', 'tomatoes, canned, with juice', 2 * 400],
    ['1 small tin tomato paste', 'tomato paste', 70],
    ['1 tin (400 g) tomatoes', 'tomatoes, canned, with juice', 400],
    ['½ bottle red wine', 'red wine', 743 / 2],
    ['a bottle of beer', 'beer', 333],
    ['5 allspice berries', 'allspice', 0.5],
    ['3 sprigs of thyme', 'thyme sprig', 3],
    ['1 cinnamon stick', 'cinnamon stick', 3],
    ['2 sticks cinnamon', 'cinnamon stick', 6],
    ['1 head garlic', 'garlic clove', 30],
    ['4 dried chillies', 'chillies, dried', 28],
    ['2 l water', 'water', 2000],
  ])('%s keeps its weight', (text, name, grams) => {
    const { line, best } = matched(text);
    const ingredient = [...reference.ingredients, ...large].find((one) => one.name === best);
    expect(best).toBe(name);
    const read = ingredient && amountOfLine(line, ingredient);
    if (!read?.ok) throw new Error(read?.error ?? 'no amount');
    const { lo = NaN } = read.quantity;
    const density = ingredient?.density ?? 1;
    const weight =
      read.measure === 'count'
        ? lo * (ingredient?.pieceG ?? NaN)
        : read.measure === 'volume'
          ? lo * density
          : lo;
    expect(weight).toBeCloseTo(grams, 6);
  });

  test('a line whose amount has no weight is never the usual: it is asked for, and counts for nothing until it is told', () => {
    const match = matchLine(readLine('3 jars parsley'), tables);
    const parsley = large.find(({ name }) => name === 'parsley, fresh');
    const settled = { match, choice: { as: 'ingredient' as const, id: parsley?.id ?? '' } };
    expect(asksWeight(settled, large)).toBe(true);
    const put = (lines: Parameters<typeof putRecipeIn>[1]) =>
      putRecipeIn(batchOf([lotOf('beef-brisket', 2000)], {}), lines, reference.ingredients, large, () => 'i');
    const input = (batch: Batch, carried: readonly Ingredient[]) =>
      openMeal({
        ...inputOf([batch], [dishOf('taco', 10)]),
        reference: { ...reference, ingredients: [...reference.ingredients, ...carried] },
      });
    const bare = put([settled]);
    expect(input(bare.batch, bare.carried).plan.batches[0]?.liquid?.items.map(({ grams: g }) => g)).toEqual([
      0,
    ]);
    const weight = grams(25);
    expect(asksWeight({ ...settled, weight }, large)).toBe(false);
    expect(put([{ ...settled, weight }]).batch.items).toMatchObject([
      { amount: { lo: 25 }, measure: 'mass' },
    ]);
  });

  test('it takes the place of the usual pot that nobody has touched, and goes beside what somebody has put in', () => {
    const match = matchLine(readLine('2 onions'), tables);
    const lines = [{ match, choice: firstChoice(match) }];
    const into = (items?: Item[]) =>
      putRecipeIn(batchOf([], items && { items }), lines, reference.ingredients, large, () => 'i').batch
        .items;
    expect(into()?.map(({ ref }) => ref)).toEqual(['onion']);
    expect(into([{ id: 'w', ref: 'wine-red', state: 'in' }])?.map(({ ref }) => ref)).toEqual([
      'wine-red',
      'onion',
    ]);
  });

  test('what has no weight yet, or fits badly, is for the cook to settle', () => {
    for (const text of ['3 jars parsley', '3 jars of carrots', 'a good slug of love'])
      expect([text, matched(text).sure]).toEqual([text, false]);
    expect(matched('1.5 kg beef brisket')).toMatchObject({ kind: 'meat', best: 'Beef brisket, whole' });
    expect(matched('Salt, to taste').kind).toBe('salt');
    expect(matched('zzz').kind).toBe('unknown');
  });

  test('a handful is a range, and any text is read without a fault', () => {
    const { amount } = readLine('a handful of parsley');
    expect(amount?.lo).toBeLessThan(amount?.hi ?? 0);
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const { line } = matched(text);
        expect((line.amount?.lo ?? 1) >= 0).toBe(true);
      }),
      { numRuns: runs(60) },
    );
  });
});

describe('a recipe', () => {
  const recipe = { '@type': 'Recipe', name: 'Shin &amp; barley', recipeIngredient: ['1 kg beef shank', ' '] };
  test.each([
    ['alone', JSON.stringify(recipe)],
    ['in a graph', JSON.stringify({ '@graph': [{ '@type': 'WebPage' }, recipe] })],
    ['in a list, of two types', JSON.stringify([{ ...recipe, '@type': ['Thing', 'Recipe'] }])],
    [
      'in its page',
      `<html><script type="application/ld+json">{broken</script><script type="application/ld+json">${JSON.stringify(recipe)}</script></html>`,
    ],
  ])('as JSON-LD %s', (_, text) => {
    expect(readRecipe(text)).toEqual({ ok: true, name: 'Shin & barley', lines: ['1 kg beef shank'] });
  });

  test('a hostile one is refused, or read as far as it is a recipe; it is never walked down without an end', () => {
    const deep = `${'['.repeat(50_000)}${']'.repeat(50_000)}`;
    expect(readRecipe(deep)).toEqual({ ok: false, why: { what: 'broken' } });
    const graphs = `${'{"@graph":'.repeat(20_000)}1${'}'.repeat(20_000)}`;
    expect(readRecipe(`<html><script type="application/ld+json">${graphs}</script>`).ok).toBe(false);
    expect(readRecipe(`<html>${'<script '.repeat(8_000)}`)).toEqual({
      ok: false,
      why: { what: 'page without one' },
    });
    expect(readRecipe(`<html>${'<script type="ld+json">'.repeat(8_000)}`).ok).toBe(false);
    const long = {
      '@type': 'Recipe',
      name: 'x',
      recipeIngredient: ['2 onions '.repeat(40_000), '1 kg beef shank'],
    };
    const read = readRecipe(JSON.stringify(long));
    expect(read.ok && read.lines.map((line) => line.length <= 300)).toEqual([true, true]);
    expect(readRecipe('x'.repeat(500_001))).toEqual({
      ok: false,
      why: { what: 'too large', bytes: 500_001 },
    });
  });

  test('marks and named signs of a page are words, and what is no mark stays', () => {
    const text = JSON.stringify({
      '@type': 'Recipe',
      name: 'Stew &amp; <i>bread</i>',
      recipeIngredient: ['1&frac12; <b>onions</b>', '&#189;&nbsp;l stock', 'salt, < 5 g'],
    });
    expect(readRecipe(`<!doctype html><p>x</p><SCRIPT type='application/ld+json'>${text}</SCRIPT>`)).toEqual({
      ok: true,
      name: 'Stew & bread',
      lines: ['1½ onions', '½ l stock', 'salt, < 5 g'],
    });
  });

  test('as plain lines, without its headings', () => {
    expect(readRecipe('For the pot:\n2 onions\n\n 1 l stock ')).toEqual({
      ok: true,
      name: undefined,
      lines: ['2 onions', '1 l stock'],
    });
  });

  test('out and in again names the same things in the same amounts', () => {
    const items = [
      {
        id: 'w',
        ref: 'wine-red',
        amount: { text: '300 ml', lo: 300, hi: 300 },
        measure: 'volume' as const,
        state: 'in' as const,
      },
      {
        id: 'b',
        ref: 'bay-leaf',
        amount: { text: '2', lo: 2, hi: 2 },
        measure: 'count' as const,
        state: 'in' as const,
      },
      { id: 'p', ref: 'tomato-paste', amount: grams(40), state: 'in' as const },
    ];
    const input = inputOf([batchOf([lotOf('beef-brisket', 2000)], { items })], [dishOf('taco', 10)]);
    const text = recipeFile(recipeOut(openMeal(input), reckon(openMeal(input)), 'pot'));
    expect(JSON.parse(text)).toMatchObject({ '@context': 'https://schema.org', '@type': 'Recipe' });
    const read = readRecipe(text);
    if (!read.ok) throw new Error(JSON.stringify(read.why));
    const back = read.lines.map(matched);
    expect(back.map(({ best, kind }) => (kind === 'salt' ? 'salt' : best))).toEqual([
      'Beef brisket, whole',
      'red wine',
      'bay leaf',
      'tomato paste',
      'salt',
    ]);
    expect(back.map(({ line }) => line.amount?.lo).slice(0, 4)).toEqual([2000, 300, 2, 40]);
  });
});

test('settled lines go into the pot, onto the meat and among the lots; what no table has is carried', () => {
  const lines = ['2 onions', '1 tbsp salt', '1.5 kg beef brisket', '1 bottle of beer', 'a spoon of love'].map(
    (text) => {
      const match = matchLine(readLine(text), tables);
      return { match, choice: firstChoice(match) };
    },
  );
  expect(lines.map(({ choice }) => choice?.as)).toEqual([
    'ingredient',
    'salt',
    'cut',
    'ingredient',
    undefined,
  ]);
  const choices = [
    ...lines.slice(0, 2).map(({ choice }) => choice),
    { as: 'cut' as const, id: 'beef-brisket' },
    { as: 'ingredient' as const, id: 'beer' },
    { as: 'own' as const },
  ];
  let n = 0;
  const { batch, carried } = putRecipeIn(
    batchOf([], { items: [], saltIn: 'mass' }),
    lines.map(({ match }, i) => ({ match, choice: choices[i] })),
    reference.ingredients,
    large,
    () => String((n += 1)),
  );
  expect(batch.lots).toMatchObject([{ cut: 'beef-brisket', weight: { lo: 1500 } }]);
  expect(batch).toMatchObject({ salt: { text: '1 tbsp' }, saltIn: 'volume' });
  expect(batch.items?.map(({ ref, amount }) => [ref, amount?.lo])).toEqual([
    ['onion', 2],
    ['beer', 333],
    [carried[0]?.id, undefined],
  ]);
  expect(carried.map(({ name }) => name)).toEqual(['spoon of love']);
});

test('what a line says beside stays with the thing; what is drained comes off its tin', () => {
  const lines = ['1 tin tomatoes, drained', '2 large onions, thinly sliced', '350 ml smoky black stout'].map(
    (text) => {
      const match = matchLine(readLine(text), tables);
      return { match, choice: firstChoice(match) ?? { as: 'ingredient' as const, id: 'beer' } };
    },
  );
  const { batch } = putRecipeIn(batchOf([], { items: [] }), lines, reference.ingredients, large, () => 'i');
  expect(batch.items).toMatchObject([
    { ref: 'tomatoes-canned', asBought: { text: '1 tin', lo: 400 }, prep: 'drained' },
    { ref: 'onion', amount: { text: '2 large' }, note: 'thinly sliced' },
    { ref: 'beer', amount: { text: '350 ml' }, note: 'smoky black stout' },
  ]);
});

describe('meat as it is bought', () => {
  const settled = (text: string) => {
    const match = matchLine(readLine(text), tables);
    return { match, choice: firstChoice(match) };
  };

  test('a name that is one cut goes in as that, with its bone; one that covers several as that', () => {
    expect(settled('2 lb oxtail').choice).toEqual({ as: 'cut', id: 'beef-oxtail' });
    const butt = settled('3 kg bone-in pork butt').match;
    expect([butt.bone, butt.found[0], butt.sure]).toEqual(['in', 'pork-shoulder-blade', true]);
    const chuck = settled('5 lb chuck roast');
    // Whichever it is, with a range of its own; the lot asks which.
    expect(chuck.choice).toEqual({ as: 'cut', id: 'beef-chuck-any' });
    expect(chuck.match.found[1]).toBe('beef-blade-roast');
    expect(chuck.match.found).not.toContain('bison-chuck');
    const { match, choice } = settled('2.5 kg boneless lamb shoulder');
    const { batch } = putRecipeIn(batchOf([], { items: [] }), [{ match, choice }], [], [], () => 'lot');
    expect(batch.lots).toMatchObject([{ cut: 'lamb-shoulder', bone: 'out', weight: { lo: 2500 } }]);
  });

  test('what is not weighed, and what is only made of meat, is no lot by itself', () => {
    expect(settled('1 oxtail').choice).toBeUndefined();
    expect(settled('1 l beef stock').match.kind).toBe('ingredient');
    expect(settled('200 g beef bouillon cubes').match.kind).not.toBe('meat');
  });
});

test('lines are printed as they are understood: put in, meat, asked about or a note', () => {
  const text =
    'For the pot:\n2 lb oxtail\n5 lb chuck roast\n\n2 onions\n500 ml red wine\n1 tsp salt\n3 kg love';
  const said = printedLines(text, tables);
  expect(said.map(({ kind, name, ml }) => [kind, name, ml === null ? null : Math.round(ml)])).toEqual([
    ['note', null, null],
    ['cut', 'Beef tail, in pieces', null],
    ['cut', 'Beef chuck roast, not said which', null],
    ['ingredient', 'onion', null],
    ['ingredient', 'red wine', 500],
    ['ingredient', 'salt', 5],
    ['asked', null, null],
  ]);
  expect(said[1]?.grams).toBeCloseTo(907, 0);
  expect(said[2]?.asks[0]).toMatch(/^Beef blade roast/);
  expect(said[3]?.grams).toBeGreaterThan(150);
});
