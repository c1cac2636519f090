import { openMeal } from '../../model/index.ts';
import { describe, expect, test } from '@jest/globals';
import type { Batch, Entry, Item } from '../../meal/schema.ts';
import { reckon } from '../../reckoning/reckon.ts';
import { batchOf, dishOf, grams, inputOf, lotOf, weighedEntry } from '../../testing/meals.ts';
import { reference } from '@/reference/index.ts';
import { notInYet, orderHints } from './hints.ts';
import { hintWords, problemWords } from '@/words/index.ts';

const known = new Map(reference.ingredients.map((one) => [one.id, one]));
const items = (...refs: (string | Partial<Item>)[]): Item[] =>
  refs.map((one, i) => ({
    id: String(i),
    ref: typeof one === 'string' ? one : '',
    state: 'in' as const,
    ...(typeof one === 'object' && one),
  }));
const batch = (list: Item[], changes: Partial<Batch> = {}) =>
  batchOf([lotOf('beef-shank', 2000)], { items: list, ...changes });
const hints = (list: Item[], changes: Partial<Batch> = {}) =>
  orderHints(batch(list, changes), known).map((hint) => hintWords(hint).words);

describe('the order of adding', () => {
  test('what gives off water after what must brown, garlic late, paste fried, wine down, starch wetted', () => {
    expect(hints(items('mushroom', 'onion'))).toEqual(['Brown onion first, then mushrooms.']);
    expect(hints(items('onion', 'mushroom'))).toEqual([]);
    expect(hints(items('garlic', 'onion'))).toEqual(['Garlic clove after onion, for the last minute.']);
    expect(hints(items('tomato-paste'))).toEqual(['Fry tomato paste a minute or two in the fat.']);
    expect(hints(items('water', 'tomato-paste'))[0]).toBe('Fry tomato paste before water goes in.');
    expect(hints(items('wine-red'))).toEqual(['Boil red wine down in the open pan first.']);
    expect(hints(items('wine-red', 'water'))).toEqual(['Boil red wine down before water goes in.']);
    expect(hints(items({ ref: 'wine-red', boiledTo: grams(100) }))).toEqual([]);
    expect(hints(items('flour'))[0]).toMatch(/four parts of cold/);
    // What lies in the fat already, or is in the pot, is told nothing more.
    expect(hints(items({ ref: 'flour', soften: { text: '2 min', lo: 2, hi: 2 } }))).toEqual([]);
    expect(hints(items({ ref: 'flour', put: 1 }))).toEqual([]);
    expect(hints(items('chilli-dried'))[0]).toMatch(/Soak chillies, dried/);
  });

  test('a hint that was waved away stays away, and each has its reason', () => {
    const list = items('garlic', 'onion');
    const [hint] = orderHints(batch(list), known);
    expect(hint && hintWords(hint).why).toMatch(/bitter/);
    expect(hints(list, { dismissed: [hint?.id ?? ''] })).toEqual([]);
  });

  test('what is not in when the lid goes on is named; what goes in later is not missed', () => {
    const list = items(
      { ref: 'onion', put: 1 },
      'carrot',
      { ref: 'flour', at: { phase: 0, minutes: 60 } },
      { ref: 'water', state: 'held back' },
    );
    expect(notInYet(batch(list)).map(({ ref }) => ref)).toEqual(['carrot']);
  });
});

describe('what must come out again', () => {
  const list = items(
    { ref: 'bay-leaf', amount: { text: '2', lo: 2, hi: 2 }, measure: 'count' },
    'cheese-rind',
    'onion',
    { ref: 'stock-low-salt', amount: { text: '1 l', lo: 1000, hi: 1000 }, measure: 'volume' },
  );
  const back = (thing: string, n: number): Entry => ({
    id: thing + String(n),
    at: n,
    batch: 'pot',
    measures: { what: 'back', thing },
    value: { text: String(n), lo: n, hi: n },
    measure: 'count',
    source: 'typed',
  });
  const at = (entries: Entry[]) => reckon(openMeal(inputOf([batch(list)], [dishOf('taco', 8)], entries)));

  test('is counted in, and counted back, bones too', () => {
    const out = at([back('0', 1)]).batches[0]?.comeOut ?? [];
    expect(out.map(({ name, count, back: b }) => [name, count, b])).toEqual([
      ['bay leaf', 2, 1],
      ['rind of hard cheese', 2, 0],
      ['bones of beef shank', undefined, 0],
    ]);
  });

  test('is not forgotten: with the shred weighed, what is still in is said', () => {
    const shred = weighedEntry({ what: 'sum', flow: 'shred' }, 700);
    expect(at([]).problems).toEqual([]);
    expect(at([shred]).problems.map(problemWords)[0]).toBe(
      'Still in it: 2 of 2 × bay leaf, 2 of 2 × rind of hard cheese. Find them before it is served.',
    );
    expect(at([shred, back('0', 2), back('1', 2)]).problems).toEqual([]);
  });

  test('leaves the ledger with the broth it holds; what is blended stays in the sauce', () => {
    const of = (fate: Item['fate']) => {
      const { ledger, batches } = reckon(
        openMeal(inputOf([batch(items({ ref: 'carrot', amount: grams(300), fate }))], [dishOf('taco', 8)])),
      );
      return {
        out: ledger.some(({ id }) => id === 'comeOut'),
        solids: batches[0]?.liquid.solidsG?.mid,
      };
    };
    expect(of('comes out')).toEqual({ out: true, solids: 0 });
    expect(of('puréed')).toEqual({ out: false, solids: 0 });
    expect(of('stays').solids).toBeGreaterThan(150);
  });
});
