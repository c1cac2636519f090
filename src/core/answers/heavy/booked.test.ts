import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import load from 'highs';
import type { Batch, Dish, Entry } from '../../meal/index.ts';
import { massOf } from '../../ledger/index.ts';
import { bowlG, type Input, openMeal, type OpenedMeal } from '../../model/index.ts';
import { mlOf } from '../../broth/index.ts';
import { servedOf, shareOut } from '../../plates/index.ts';
import { unfinite } from '../../testing/finite.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { runs } from '../../testing/runs.ts';
import { answer } from '../questions.ts';
import { leftOfBatch } from '../../reckoning/index.ts';
import { leftToCool } from './cooling.ts';
import { sharingOf } from './shares.ts';

const solver = await load();

/** What hands do at the plates, drawn at random. */
type Act =
  | { readonly what: 'out'; readonly dish: number; readonly n: number }
  | { readonly what: 'weighed'; readonly dish: number; readonly times: number }
  | { readonly what: 'came back'; readonly dish: number; readonly n: number }
  | { readonly what: 'undo' };

const dish = fc.nat({ max: 2 });
const act: fc.Arbitrary<Act> = fc.oneof(
  {
    weight: 5,
    arbitrary: fc.record({ what: fc.constant('out' as const), dish, n: fc.integer({ min: 1, max: 8 }) }),
  },
  {
    weight: 2,
    arbitrary: fc.record({
      what: fc.constant('weighed' as const),
      dish,
      times: fc.double({ min: 0.7, max: 1.3, noNaN: true }),
    }),
  },
  {
    weight: 2,
    arbitrary: fc.record({
      what: fc.constant('came back' as const),
      dish,
      n: fc.integer({ min: 1, max: 4 }),
    }),
  },
  { weight: 1, arbitrary: fc.constant({ what: 'undo' as const }) },
);

const meal = fc.record({
  beefG: fc.integer({ min: 400, max: 5000 }),
  porkG: fc.integer({ min: 400, max: 5000 }),
  counts: fc.tuple(fc.nat({ max: 40 }), fc.nat({ max: 15 }), fc.nat({ max: 20 })),
  // Meat that is back in its sauce is one mixture.
  isMixed: fc.boolean(),
  isOfBeef: fc.boolean(),
  // Of the beef, for another day.
  later: fc.constantFrom(0, 0, 0.5, 1),
});

type Made = typeof meal extends fc.Arbitrary<infer T> ? T : never;

function built({ beefG, porkG, counts, isMixed, isOfBeef, later }: Made): Input {
  const pots: Batch[] = [
    { ...batchOf([lotOf('beef-shank', beefG, { id: 'beef lot' })]), id: 'beef', ...(later > 0 && { later }) },
    { ...batchOf([lotOf('pork-picnic', porkG, { id: 'pork lot' })]), id: 'pork' },
  ];
  const mixed = pots.map((pot) => ({
    ...pot,
    after: pot.after.filter(({ what }) => what !== 'dress' && what !== 'strain').concat(BACK),
  }));
  const dishes: Dish[] = [
    dishOf('taco', counts[0], { id: 'a', ...(isOfBeef && { from: ['beef'] }) }),
    dishOf('roll', counts[1], { id: 'b' }),
    dishOf('pasta', counts[2], { id: 'c', from: ['pork'] }),
  ];
  const input = inputOf(isMixed ? mixed : pots, dishes);
  return { ...input, meal: { ...input.meal, batches: ['beef', 'pork'] } };
}

/** Two pots, and three dishes of which the last is of the pork alone. */
const usual: Made = {
  beefG: 3000,
  porkG: 3000,
  counts: [12, 4, 5],
  isMixed: false,
  isOfBeef: false,
  later: 0,
};

const BACK: Batch['after'][number] = { id: 'back', what: 'meat back' };

const open = (input: Input, entries: readonly Entry[]) => openMeal({ ...input, entries: [...entries] });
/** The share-out alone: without its draws and its ways a hundred of them take a second. */
const share = (opened: OpenedMeal) => {
  const sharing = sharingOf(opened);
  return { ...shareOut(sharing, solver), sources: sharing.sources };
};
type Shared = ReturnType<typeof share>;
const DISHES = ['a', 'b', 'c'];

/** The entry that a tap, or a scale, writes: what was shown is what it books. */
function entryOf(one: Exclude<Act, { what: 'undo' }>, shown: Shared, at: number): Entry | undefined {
  const of = shown.dishes.find((found) => found.dish === DISHES[one.dish]);
  if (!of) return undefined;
  const base = { id: `entry ${String(at)}`, at, batch: 'beef', source: 'typed' } as const;
  const on = of.from.length > 0 ? { on: [...of.from] } : {};
  const count = (n: number) => ({ value: { text: String(n), lo: n, hi: n }, measure: 'count' as const });
  switch (one.what) {
    case 'out': {
      const n = Math.min(one.n, of.servings);
      return n > 0 ? { ...base, ...count(n), measures: { what: 'served', dish: of.dish, ...on } } : undefined;
    }
    case 'came back':
      return { ...base, ...count(one.n), measures: { what: 'came back', dish: of.dish } };
    case 'weighed': {
      const g = of.meatG * one.times;
      if (of.servings === 0 || g <= 0) return undefined;
      return {
        ...base,
        measures: { what: 'plated', dish: of.dish, ...on },
        value: { text: `${String(g)} g`, lo: g, hi: g },
        measure: 'mass',
      };
    }
  }
}

/** Grams of some flows of a batch. */
const flowing = ({ nominal }: OpenedMeal, batch: string, ...ids: readonly string[]) =>
  nominal.flows.reduce(
    (g, one) => g + (one.batch === batch && ids.includes(one.id) ? massOf(one.amount) : 0),
    0,
  );

describe('what goes out is booked as it was shown', () => {
  test('after each act the sums close, what is left is one figure, and no dish takes of a pot that is not its own', () => {
    fc.assert(
      fc.property(meal, fc.array(act, { minLength: 1, maxLength: runs(60, 16) }), (any, acts) => {
        const input = built(any);
        let entries: Entry[] = [];
        let opened = open(input, entries);
        let shown = share(opened);
        for (const [i, one] of acts.entries()) {
          const before = { entries, shown };
          if (one.what === 'undo') entries = entries.slice(0, -1);
          else {
            const entry = entryOf(one, shown, i + 1);
            if (entry) entries = [...entries, entry];
          }
          opened = open(input, entries);
          shown = share(opened);
          expect(unfinite(shown)).toBeUndefined();
          for (const [b, { plan, mass }] of opened.nominal.batches.entries()) {
            // The ledger: on plates, out or still to go, and kept, is all that there was.
            const bowl = bowlG({ plan, mass });
            expect(flowing(opened, plan.id, 'dressedShred', 'keptShred')).toBeCloseTo(bowl, 6);
            const source = shown.sources[b];
            const booked = opened.nominal.booked.flatMap(({ from }) =>
              from.filter(({ batch }) => batch === plan.id),
            );
            const goneG = booked.reduce((sum, { g }) => sum + g, 0);
            const goneMl = booked.reduce((sum, { heldMl, ladledMl }) => sum + heldMl + ladledMl, 0);
            const later = plan.id === 'beef' ? any.later : 0;
            expect(source?.shredG).toBeCloseTo(Math.max(0, (1 - later) * bowl - goneG), 6);
            expect(source?.liquidMl).toBeCloseTo(Math.max(0, (1 - later) * mlOf(mass.liquid) - goneMl), 6);
            // What is boxed and what cools is what the plates leave, by the same figure.
            const rest = shown.leftBy.find(({ batch }) => batch === plan.id);
            const left = leftOfBatch(opened, plan.id, shown);
            const keptG = (rest?.shredG ?? NaN) + later * bowl;
            expect(massOf(left.shred)).toBeCloseTo(keptG, 4);
            expect(leftToCool(opened, plan.id, shown).shred).toBeCloseTo(keptG, 4);
            // A mixture keeps its own ratio, however much of it is out.
            if (
              any.isMixed &&
              goneG > 0 &&
              (source?.shredG ?? 0) > 1 &&
              entries.every(({ measures }) => measures.what !== 'plated')
            )
              expect((source?.liquidMl ?? 0) / (source?.shredG ?? 1)).toBeCloseTo(
                mlOf(mass.liquid) / bowl,
                4,
              );
          }
          expect(shown.leftBy.reduce((sum, { shredG }) => sum + shredG, 0)).toBeCloseTo(shown.left.shredG, 3);
          expect(shown.leftBy.reduce((sum, { liquidMl }) => sum + liquidMl, 0)).toBeCloseTo(
            shown.left.liquidMl,
            3,
          );
          if (one.what === 'out' && entries.length > before.entries.length) {
            const of = before.shown.dishes.find((found) => found.dish === DISHES[one.dish]);
            const n = Math.min(one.n, of?.servings ?? 0);
            // A tap takes what it showed, to the gram.
            expect(before.shown.there.shredG - shown.there.shredG).toBeCloseTo(n * (of?.meatG ?? 0), 4);
            expect(before.shown.there.liquidMl - shown.there.liquidMl).toBeCloseTo(
              n * (of?.liquidMl ?? 0),
              4,
            );
          }
          for (const [t, ticket] of opened.plan.tickets.entries())
            for (const { batch } of opened.nominal.booked[t]?.from ?? [])
              if (ticket.from) expect(ticket.from).toContain(batch);
          // What is shown of a dish is what is not out of it.
          for (const [d, id] of DISHES.entries())
            if (shown.dishes.some((found) => found.dish === id))
              expect(
                (shown.dishes.find((found) => found.dish === id)?.of ?? 0) + servedOf(entries, id),
              ).toBeGreaterThanOrEqual(any.counts[d] ?? 0);
        }
      }),
      { numRuns: runs(500, 12) },
    );
  }, 600_000);

  test('a dish that may draw on both pots takes of both, as they stand', () => {
    const input = built(usual);
    const { dishes, sources, leftBy } = share(open(input, []));
    const [beef, pork] = dishes[0]?.from ?? [];
    expect(beef?.g).toBeGreaterThan(0);
    expect(pork?.g).toBeGreaterThan(0);
    // After the dish that is of pork alone, both are left in the proportion in which that left them.
    const porkG = (sources[1]?.shredG ?? NaN) - 5 * (dishes[2]?.meatG ?? NaN);
    expect((beef?.g ?? NaN) / (pork?.g ?? NaN)).toBeCloseTo((sources[0]?.shredG ?? NaN) / porkG, 6);
    expect((leftBy[0]?.shredG ?? NaN) / (leftBy[1]?.shredG ?? NaN)).toBeCloseTo(
      (sources[0]?.shredG ?? NaN) / porkG,
      6,
    );
  });

  test('what went out of a dish that is no longer ordered is out all the same', () => {
    const input = built(usual);
    const shown = share(open(input, []));
    const out = entryOf({ what: 'out', dish: 0, n: 8 }, shown, 1);
    if (!out) throw new Error('nothing went out');
    const ordered = share(open(input, [out]));
    const without = { ...input, meal: { ...input.meal, dishes: input.meal.dishes.slice(1) } };
    const opened = open(without, [out]);
    expect(share(opened).there.shredG).toBeCloseTo(ordered.there.shredG, 6);
    // The ledger closes over it, and it is told.
    const there = opened.nominal.batches.reduce((sum, one) => sum + bowlG(one), 0);
    const flows = ['beef', 'pork'].reduce(
      (sum, id) => sum + flowing(opened, id, 'dressedShred', 'keptShred'),
      0,
    );
    expect(flows).toBeCloseTo(there, 6);
    const { meal: reckoned } = answer('reckon', opened, undefined);
    expect(reckoned.booked.at(-1)).toMatchObject({ dish: 'a', servings: 8 });
    expect(reckoned.booked.at(-1)?.meatG).toBeCloseTo(8 * (shown.dishes[0]?.meatG ?? NaN), 6);
  });

  test('more of one dish than was ordered fills no plate of another', () => {
    // Tacos for all, and nothing of the pork for its pasta.
    const input = built({ ...usual, beefG: 4000, porkG: 400, counts: [4, 0, 20], isOfBeef: true });
    const shown = share(open(input, []));
    const out = entryOf({ what: 'out', dish: 0, n: 4 }, shown, 1);
    if (!out) throw new Error('nothing went out');
    const tapped = { value: { text: '20', lo: 20, hi: 20 } };
    const { meal: reckoned } = answer('reckon', open(input, [{ ...out, ...tapped }]), undefined);
    expect(reckoned.plates).toMatchObject({ total: 24, out: 4 });
    expect(reckoned.plates?.likely).toBeLessThan(24);
    expect(reckoned.enough).toBe(0);
  });

  test('a tap books what is shown, even of a dish of which none can be filled', () => {
    const input = built({ ...usual, beefG: 1000, porkG: 400, counts: [2, 1, 1], isOfBeef: true, later: 1 });
    const shown = share(open(input, []));
    const of = shown.dishes.find(({ dish: id }) => id === 'a');
    expect(of?.servings).toBe(0);
    const sum = of?.from.reduce((g, one) => g + one.g, 0);
    expect(sum).toBeCloseTo(of?.meatG ?? NaN, 6);
    expect(of?.from.map(({ batch }) => batch)).toEqual(['beef']);
  });

  test('all of it out, what is kept is what is left: one figure on both sheets', () => {
    const input = built({ ...usual, porkG: 2500, isOfBeef: true });
    let entries: Entry[] = [];
    for (let i = 0; i < 3; i += 1) {
      const shown = share(open(input, entries));
      const entry = entryOf({ what: 'out', dish: i, n: 100 }, shown, i + 1);
      if (entry) entries = [...entries, entry];
    }
    const opened = open(input, entries);
    const shown = share(opened);
    expect(shown.dishes.map(({ of }) => of)).toEqual([0, 0, 0]);
    const kept = ['beef', 'pork'].reduce((sum, batch) => sum + flowing(opened, batch, 'keptShred'), 0);
    expect(kept).toBeCloseTo(shown.left.shredG, 6);
    const { meal: reckoned } = answer('reckon', opened, undefined);
    expect(reckoned.plates).toMatchObject({ total: 21, surely: 21, likely: 21 });
    expect(reckoned.enough).toBe(1);
    expect(reckoned.leftG.mid).toBeCloseTo(kept, 6);
  });
});
