import { describe, expect, test } from '@jest/globals';
import { digestOf, learn } from '../log/index.ts';
import { isOutThen } from '../clock/index.ts';
import type { Entry, Phase } from '../meal/index.ts';
import { massOf } from '../ledger/index.ts';
import { drawsOf, openMeal } from '../model/index.ts';
import { batchOf, dishOf, grams, inputOf, lotOf, weighedEntry } from '../testing/meals.ts';
import { reckon } from './reckon.ts';

/** 150 °C, 2 h covered and 1 h open, as a recipe writes it. */
const hours = (n: number) => ({ text: `${String(n)} h`, lo: 60 * n, hi: 60 * n });
const oven = (id: string, lid: 'on' | 'off', n: number) =>
  ({ id, heat: 'oven', setting: { text: '150 °C', lo: 150, hi: 150 }, lid, minutes: hours(n) }) as const;
const short = [oven('covered', 'on', 2), oven('open', 'off', 1)];
/** The long phase comes out by the clock. */
const then = short.map((phase, i) => (i === 0 ? { ...phase, out: 'then' as const } : phase));
const ribs = batchOf([lotOf('beef-short-ribs', 1600)], { cook: then, lidOn: 0 });
const fork: Entry = {
  ...{ id: 'fork', at: 3 * 3_600_000, batch: 'pot', measure: 'feel', source: 'typed' },
  measures: { what: 'check', feel: 'turns freely' },
  value: { text: 'turns freely' },
};
const figures = (entries: Entry[]) => {
  const meal = openMeal(inputOf([ribs], [dishOf('taco', 12)], entries));
  const [pot] = reckon(meal).batches;
  return { meal, meat: pot?.meat, written: pot?.ready.written };
};

describe('the last word', () => {
  test('a written time says when to look: the yield is that of tender meat, with the chance of it by then', () => {
    const { minutes: _, ...untilTender } = oven('open', 'off', 1);
    const of = (cook: Phase[]) =>
      reckon(openMeal(inputOf([{ ...ribs, cook }], [dishOf('taco', 12)]))).batches[0];
    const [written, open] = [of(short), of([oven('covered', 'on', 2), untilTender])];
    expect(written?.meat.unpulledG.mid).toBe(0);
    expect(written?.meat.shredG.mid).toBeCloseTo(open?.meat.shredG.mid ?? NaN, 6);
    // It stands, and it is said how likely it does, and how much longer it is if it does not.
    expect(written?.ready.written).toMatchObject({ minutes: 180, outThen: false });
    expect(written?.ready.written?.chance).toBeLessThan(0.6);
    expect(written?.ready.written?.ifNotMin).toBeGreaterThanOrEqual(20);
    expect(of(then)?.ready.written).toMatchObject({ outThen: true, ifNotMin: null });
    // By itself where no fork would ever find it tender: in the open smoke, and at 60 °C.
    const bath = { text: '60 °C', lo: 60, hi: 60 };
    expect(isOutThen({ cook: [{ ...oven('bath', 'on', 24), setting: bath }] })).toBe(true);
    expect(isOutThen({ cook: [{ ...oven('smoke', 'off', 6), heat: 'smoker' }] })).toBe(true);
    expect(isOutThen({ cook: short })).toBe(false);
  });

  test('all of it turns freely: nothing is left that will not pull, whatever time was written', () => {
    expect(figures([]).meat?.unpulledG.mid).toBeGreaterThan(100);
    expect(figures([]).written?.chance).toBeLessThan(0.6);
    const { meat, written } = figures([fork]);
    expect(meat?.unpulledG.mid).toBe(0);
    // No chance and no surer time beside what was seen.
    expect(written).toMatchObject({ chance: 1, surer: null });
  });

  test('shred on the scale: what did not pull is what was put aside and weighed, else nothing', () => {
    const shred = weighedEntry({ what: 'sum', flow: 'shred' }, 610, 4 * 3_600_000);
    const { meat, meal } = figures([shred]);
    expect(meat?.unpulledG.mid).toBe(0);
    expect(meat?.shredG.mid).toBeCloseTo(610, 6);
    // The yield takes the difference, within what meat can be; no half of the meat is missing.
    const missing = meal.nominal.flows.filter(({ id }) => id === 'missing' || id === 'found');
    expect(missing.reduce((sum, { amount }) => sum + massOf(amount), 0)).toBeLessThan(1);
    const aside = weighedEntry({ what: 'sum', flow: 'unpulled' }, 120, 4 * 3_600_000);
    expect(figures([shred, aside]).meat?.unpulledG.mid).toBeCloseTo(120, 6);
  });

  test('a kitchen that gets what is published learns no wonder from a short time that was written', () => {
    const { minutes: _, ...untilTender } = oven('open', 'off', 1);
    const published = reckon(openMeal(inputOf([{ ...ribs, cook: [untilTender] }], [])));
    const tender = published.batches[0]?.meat.shredG.mid ?? NaN;
    const closed = { at: 5 * 3_600_000, verdict: 'just enough' as const };
    const shred = weighedEntry({ what: 'sum', flow: 'shred' }, tender, 4 * 3_600_000);
    const evidence = Array.from({ length: 20 }, (_, i) => {
      const input = inputOf([{ ...ribs, closed }], [], [shred]);
      const [digest] = digestOf({ ...input, meal: { ...input.meal, id: `meal ${String(i)}` } });
      if (!digest) throw new Error('no digest');
      return digest.evidence;
    }).flat();
    const { learned } = learn(evidence, 20);
    const y = learned.figures.find(({ what, of }) => what === 'y' && of === 'beef-short-ribs');
    // It would have learned a fifth more from what the short time foretold.
    expect(Math.abs(y?.mean ?? 0)).toBeLessThan(0.03);
  });

  test('for meat that is not tender no more meat is offered; for too little of it, it is', () => {
    const { lidOn: _, ...raw } = ribs;
    const more = (cook: typeof ribs.cook) => {
      const meal = openMeal(inputOf([{ ...raw, cook }], [dishOf('taco', 40)]));
      return reckon(meal, drawsOf(meal)).meal.more;
    };
    expect(more(then)).toBeNull();
    const { minutes: __, ...untilTender } = oven('open', 'off', 1);
    expect(more([untilTender])?.grams).toBeGreaterThan(1000);
  });

  test('of meat and of liquid that both run short neither is said to do alone, and both together do', () => {
    const { lidOn: _, ...raw } = ribs;
    const { minutes: __, ...untilTender } = oven('open', 'off', 1);
    const pour = (ml: number) => [
      { id: 'stock', ref: 'stock-low-salt', state: 'in' as const, amount: grams(ml) },
    ];
    const meal = (g: number, ml: number) => {
      const [lot] = raw.lots;
      const lots = lot ? [{ ...lot, weight: grams(g) }] : [];
      const pot = { ...raw, lots, items: pour(ml), cook: [{ ...untilTender, lid: 'on' as const }] };
      const opened = openMeal(inputOf([pot], [dishOf('soup', 16)]));
      return reckon(opened, drawsOf(opened)).meal;
    };
    const now = meal(2000, 2500);
    expect(now.lacksMeat).toBe(true);
    if (!now.more || now.moreMl === null) throw new Error('it wants both');
    const [meat, liquid] = [now.more.grams, now.moreMl];
    expect(meal(2000 + meat, 2500).enough).toBeLessThan(0.9);
    expect(meal(2000, 2500 + liquid).enough).toBeLessThan(0.9);
    // Nearly 95 in 100: more meat in more liquid steams and holds a little more, which the next figures say.
    expect(meal(2000 + meat, 2500 + liquid).enough).toBeGreaterThan(0.9);
  });
});
