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

  test('a field that both say otherwise holds both until somebody chooses, and what it is of is named', () => {
    const heavier = inPot(copy, (batch) => ({
      ...batch,
      lots: batch.lots.map((lot) => (lot.id === 'blade' ? { ...lot, weight: grams(3000) } : lot)),
    }));
    const { apart, both: held, together } = compared(copy, heavier);
    expect([apart, held]).toEqual([[{ what: 'pot', id: pot }], 1]);
    expect(together?.meal.both).toEqual([
      { at: ['pots', pot, 'lots', 'blade', 'weight'], values: [grams(2600), grams(3000)] },
    ]);
    const named = { ...copy, meal: { ...copy.meal, name: 'Another' } };
    expect(compared(copy, named).apart).toEqual([{ what: 'meal', id: copy.meal.id }]);
    // What only one has changed since the version that both were taken from is no question.
    expect(compared(copy, heavier, copy)).toMatchObject({
      ...{ both: 0, apart: [], together: heavier },
      changed: { here: [], there: [{ what: 'pot', id: pot }] },
    });
    expect(compared(heavier, copy, copy)).toMatchObject({
      changed: { here: [{ what: 'pot', id: pot }], there: [] },
      together: heavier,
    });
    expect(compared(heavier, named, copy).together).toMatchObject({ meal: { name: 'Another' } });
    expect(compared(heavier, named, copy).together?.batches).toEqual(heavier.batches);
  });

  test('an amount and what it is measured in are one field; a field that was emptied by one is empty', () => {
    const withItem = (amount: string, measure: 'mass' | 'volume', more: object = {}): Copy =>
      inPot(copy, (batch) => ({
        ...batch,
        items: [
          {
            ...{ id: 'stock', ref: 'stock', state: 'in', measure, amount: { text: amount, lo: 1, hi: 1 } },
            ...more,
          },
        ],
      }));
    const [before, a, b] = [withItem('1 g', 'mass'), withItem('1 ml', 'volume'), withItem('1 oz', 'mass')];
    const held = compared(a, b, before).together?.meal.both;
    expect(held).toHaveLength(1);
    expect(held?.[0]?.values).toEqual([
      expect.objectContaining({ measure: 'volume', amount: { text: '1 ml', lo: 1, hi: 1 } }),
      expect.objectContaining({ measure: 'mass', amount: { text: '1 oz', lo: 1, hi: 1 } }),
    ]);
    const noted = withItem('1 g', 'mass', { note: 'cold' });
    expect(compared(before, noted, noted).together?.batches).toEqual(before.batches);
  });

  test('an order that only one has changed holds; one that both have changed is nobody’s', () => {
    const turned = (ids: readonly number[]): Copy => ({
      ...copy,
      meal: { ...copy.meal, dishes: ids.flatMap((i) => copy.meal.dishes[i] ?? []) },
    });
    const ids = (one: Copy | undefined) => one?.meal.dishes.map(({ id }) => id);
    expect(ids(compared(copy, turned([1, 0]), copy).together)).toEqual(ids(turned([1, 0])));
    expect(ids(compared(turned([1, 0]), copy, copy).together)).toEqual(ids(turned([1, 0])));
    expect(compared(copy, turned([1, 0])).together).toBeUndefined();
  });

  test('what was chosen stands against a copy in which nobody has chosen yet, and a third that says something else is held beside it', () => {
    const named = (name: string): Copy => ({ ...copy, meal: { ...copy.meal, name } });
    const undecided = compared(named('Feast'), named('Banquet'), copy).together ?? copy;
    expect(undecided.meal.both).toEqual([{ at: ['meal', 'name'], values: ['Banquet', 'Feast'] }]);
    const { both: _, ...meal } = undecided.meal;
    const chosen: Copy = { ...undecided, meal: { ...meal, name: 'Banquet' } };
    for (const [one, other] of [
      [chosen, undecided],
      [undecided, chosen],
    ] as const) {
      const { together } = compared(one, other, undecided);
      expect(together?.meal.name).toBe('Banquet');
      expect(together?.meal.both).toBeUndefined();
    }
    const third = compared(undecided, named('Lunch'), copy).together;
    expect(third?.meal.both?.[0]?.values).toEqual(['Banquet', 'Feast', 'Lunch']);
    // Written anew by hand it is decided too.
    const typed: Copy = { ...undecided, meal: { ...undecided.meal, name: 'Brunch' } };
    expect(compared(typed, undecided, undecided).together?.meal).toMatchObject({ name: 'Brunch' });
  });

  test('three copies whose fields were written on come to one and the same meal, in whatever order they come together', () => {
    const written = fc.record({
      name: fc.constantFrom('', 'Feast', 'Banquet'),
      tacos: fc.constantFrom(0, 30, 40),
      place: fc.constantFrom('', 'kept hot', 'sent out'),
      weight: fc.constantFrom(0, 2800, 3100),
      acts: doings,
    });
    type Written = typeof written extends fc.Arbitrary<infer W> ? W : never;
    const put = ({ name, tacos, place, weight, acts: done }: Written, device: string): Copy => {
      const one = after(done, device);
      const { meal } = one;
      return inPot(
        {
          ...one,
          meal: {
            ...meal,
            ...(name !== '' && { name }),
            ...(place !== '' && { place }),
            dishes: meal.dishes.map((dish, i) =>
              i === 0 && tacos > 0 ? { ...dish, count: { text: String(tacos), lo: tacos, hi: tacos } } : dish,
            ),
          },
        },
        (batch) => ({
          ...batch,
          lots: batch.lots.map((lot) =>
            lot.id === 'blade' && weight > 0 ? { ...lot, weight: grams(weight) } : lot,
          ),
        }),
      );
    };
    const joined = (a: Copy, b: Copy) => compared(a, b, copy).together ?? copy;
    const whole = (one: Copy) => ({
      held: held(one),
      both: one.meal.both,
      name: one.meal.name,
      place: one.meal.place,
      tacos: one.meal.dishes[0]?.count,
      blade: one.batches.find(({ id }) => id === pot)?.lots.find(({ id }) => id === 'blade')?.weight,
    });
    fc.assert(
      fc.property(written, written, written, (x, y, z) => {
        const [a, b, c] = [put(x, 'a'), put(y, 'b'), put(z, 'c')] as const;
        const abc = whole(joined(joined(a, b), c));
        for (const other of [
          joined(a, joined(b, c)),
          joined(joined(c, b), a),
          joined(b, joined(c, a)),
          joined(joined(c, a), joined(b, a)),
        ])
          expect(whole(other)).toEqual(abc);
        // Nothing that anybody wrote is lost: it stands, or is held.
        const names = new Set([x, y, z].map(({ name }) => name).filter((name) => name !== ''));
        const heldNames = abc.both?.find(({ at }) => at.at(-1) === 'name')?.values ?? [abc.name];
        expect([...heldNames].sort()).toEqual(names.size > 0 ? [...names].sort() : [copy.meal.name]);
      }),
      { numRuns: runs(300) },
    );
  });

  test('two phases of the cook, one added on each, have no order that anybody has said', () => {
    const withPhase = (id: string): Copy =>
      inPot(copy, (batch) => ({ ...batch, cook: [...batch.cook, { id, heat: 'stove', lid: 'on' }] }));
    expect(compared(withPhase('p'), withPhase('q')).apart).toEqual([{ what: 'pot', id: pot }]);
    expect(compared(copy, withPhase('q')).together?.batches[0]?.cook.at(-1)?.id).toBe('q');
  });
});
