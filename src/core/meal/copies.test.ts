import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { batchOf, dishOf, grams, inputOf, lotOf, weighedEntry } from '../testing/meals.ts';
import { runs } from '../testing/runs.ts';
import { type Copy, compared } from './index.ts';

const base = inputOf(
  [batchOf([lotOf('beef-blade-roast', 2600, { id: 'blade' }), lotOf('beef-shank', 1400, { id: 'shank' })])],
  [dishOf('taco', 24), dishOf('roll', 12)],
);
const copy: Copy = { meal: base.meal, batches: base.batches, entries: [] };
const pot = copy.batches[0]?.id ?? '';

/** One thing that a cook does to a copy, with ids born there. */
type Act = (one: Copy, id: string) => Copy;
const inPot = (one: Copy, change: (batch: Copy['batches'][number]) => Copy['batches'][number]): Copy => ({
  ...one,
  batches: one.batches.map((batch) => (batch.id === pot ? change(batch) : batch)),
});
const acts: Readonly<Record<string, Act>> = {
  weighs: (one, id) => ({
    ...one,
    entries: [
      ...one.entries,
      { ...weighedEntry({ what: 'sum', flow: 'shred' }, 900, one.entries.length), id },
    ],
  }),
  'adds a lot': (one, id) =>
    inPot(one, (batch) => ({ ...batch, lots: [...batch.lots, lotOf('beef-shank', 500, { id })] })),
  'adds a dish': (one, id) => ({
    ...one,
    meal: { ...one.meal, dishes: [...one.meal.dishes, { ...dishOf('dip', 3), id }] },
  }),
  'adds a pot': (one, id) => ({
    ...one,
    meal: { ...one.meal, batches: [...one.meal.batches, id] },
    batches: [...one.batches, { ...batchOf([]), id }],
  }),
  'takes the shank out': (one) => ({
    ...inPot(one, (batch) => ({ ...batch, lots: batch.lots.filter(({ id }) => id !== 'shank') })),
    gone: [...new Set([...(one.gone ?? []), `${pot}/shank`])],
  }),
  'lid on': (one) => inPot(one, (batch) => ({ ...batch, lidOn: 5 })),
};
const doings = fc.array(fc.constantFrom(...Object.keys(acts)), { maxLength: 6 });
const after = (done: readonly string[], device: string): Copy =>
  done.reduce((one, act, i) => acts[act]?.(one, `${device}${String(i)}`) ?? one, copy);

/** All that is in a copy, in no order. */
const held = ({ meal, batches, entries }: Copy) =>
  [
    ...meal.dishes.map(({ id }) => id),
    ...meal.batches,
    ...batches.flatMap(({ id, lots, lidOn }) => [id, `${id} ${String(lidOn)}`, ...lots.map((lot) => lot.id)]),
    ...entries.map(({ id }) => id),
  ].sort();
const both = (a: Copy, b: Copy): Copy => {
  const { together, apart } = compared(a, b);
  if (!together) throw new Error(JSON.stringify(apart));
  return together;
};

describe('two copies of one meal', () => {
  test('three that were worked on apart hold the same, in whatever order they come together, and nothing is lost', () => {
    fc.assert(
      fc.property(doings, doings, doings, (x, y, z) => {
        const [a, b, c] = [after(x, 'a'), after(y, 'b'), after(z, 'c')] as const;
        const abc = held(both(both(a, b), c));
        for (const other of [both(a, both(b, c)), both(both(c, b), a), both(b, both(c, a))])
          expect(held(other)).toEqual(abc);
        const isGone = [...x, ...y, ...z].includes('takes the shank out');
        expect(abc.includes('shank')).toBe(!isGone);
        for (const one of [a, b, c])
          for (const { id } of [...one.entries, ...one.meal.dishes, ...one.batches])
            expect(abc).toContain(id);
        // Once more brings nothing.
        const all = both(both(a, b), c);
        expect(held(both(all, b))).toEqual(abc);
      }),
      { numRuns: runs(500) },
    );
  });

  test('one and the same is the same, field by field', () => {
    const one = after(['weighs', 'adds a lot', 'lid on'], 'a');
    const { readings, things, apart, together } = compared(one, one);
    expect([readings, things, apart]).toEqual([{ here: 0, there: 0 }, { here: 0, there: 0 }, []]);
    expect({ ...together, gone: undefined }).toEqual({ ...one, gone: undefined });
  });

  test('what was taken away in the other goes, and is told', () => {
    const { taken, together } = compared(after(['weighs'], 'a'), after(['takes the shank out'], 'b'));
    expect(taken).toBe(1);
    expect(together?.batches[0]?.lots.map(({ id }) => id)).toEqual(['blade']);
    expect(together?.entries).toHaveLength(1);
    expect(compared(after(['takes the shank out'], 'b'), copy).taken).toBe(0);
  });

  test('a pot that one took away and the other weighed in is not lost: it is named', () => {
    const two = acts['adds a pot']?.(copy, 'two') ?? copy;
    const without = { ...copy, gone: ['two'] };
    const weighed = {
      ...two,
      entries: [{ ...weighedEntry({ what: 'sum', flow: 'shred' }, 9, 1), batch: 'two' }],
    };
    expect(compared(weighed, without).apart).toEqual([{ what: 'pot', id: 'two' }]);
    expect(compared(without, weighed).together).toBeUndefined();
    expect(compared(two, without).together?.meal.batches).toEqual([pot]);
  });

  test('a field that both say otherwise is not chosen for the cook: what it is of is named', () => {
    const heavier = inPot(copy, (batch) => ({
      ...batch,
      lots: batch.lots.map((lot) => (lot.id === 'blade' ? { ...lot, weight: grams(3000) } : lot)),
    }));
    const { apart, together } = compared(copy, heavier);
    expect(apart).toEqual([{ what: 'pot', id: pot }]);
    expect(together).toBeUndefined();
    const named = { ...copy, meal: { ...copy.meal, name: 'Another' } };
    expect(compared(copy, named).apart).toEqual([{ what: 'meal', id: copy.meal.id }]);
  });

  test('two phases of the cook, one added on each, have no order that anybody has said', () => {
    const withPhase = (id: string): Copy =>
      inPot(copy, (batch) => ({ ...batch, cook: [...batch.cook, { id, heat: 'stove', lid: 'on' }] }));
    expect(compared(withPhase('p'), withPhase('q')).apart).toEqual([{ what: 'pot', id: pot }]);
    expect(compared(copy, withPhase('q')).together?.batches[0]?.cook.at(-1)?.id).toBe('q');
  });
});
