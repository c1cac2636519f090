import { reckon } from '../../reckoning/index.ts';
import { describe, expect, test } from '@jest/globals';
import { type AfterStep, afterBy, type Entry } from '../../meal/index.ts';
import { doubtOf, jumpOf } from '../../bench/index.ts';
import { openMeal } from '../../model/index.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../../testing/meals.ts';
import { benchCards } from './bench.ts';
import { dayOf } from '../heavy/day/day.ts';

const SERVING = { local: '2026-12-05T18:00', zone: 'UTC' };
const at = (time: string) => Date.parse(`2026-12-05T${time}Z`);
const pot = (id: string, lidOn: string, changes = {}) => ({
  ...batchOf([lotOf('beef-shank', 2000, { id: `${id}-lot` })], { lidOn: at(lidOn), ...changes }),
  id,
  name: id,
});

function cards(batches: ReturnType<typeof pot>[], entries: Entry[] = [], now = at('14:00')) {
  const input = inputOf(batches, [dishOf('taco', 20)], entries);
  const meal = { ...input, meal: { ...input.meal, serving: SERVING } };
  const day = dayOf(openMeal(meal), { now, tries: 20, zone: 'UTC' });
  return benchCards(meal, day);
}
const said = (all: ReturnType<typeof cards>) =>
  all.map(({ pot: of, what, done }) => `${of} ${what}${done ? ' ✓' : ''}`);
const sum = (batch: string, flow: 'cooked' | 'bone' | 'shred', g: number, when: string): Entry => ({
  id: `${batch} ${flow}`,
  at: at(when),
  batch,
  measures: { what: 'sum', flow },
  value: grams(g),
  measure: 'mass',
  source: 'scale',
});

describe('what to do at the bench', () => {
  test('each pot in its own order, and between pots the one that is due first', () => {
    const all = cards([pot('late', '13:30'), pot('early', '11:00')]);
    const of = (id: string) => said(all).filter((words) => words.startsWith(id));
    expect(of('early').map((words) => words.slice(6))).toEqual([
      'look',
      'lift',
      'cool',
      'bone',
      'pick',
      'pull',
      'take out',
      'strain',
      'skim',
      'dress',
    ]);
    expect(all[0]?.pot).toBe('early');
    const times = all.map(({ at: due }) => due ?? Infinity);
    for (const id of ['early', 'late']) {
      const mine = all.filter((card) => card.pot === id).map((card) => times[all.indexOf(card)] ?? 0);
      expect(mine.filter((time) => Number.isFinite(time)).length).toBeGreaterThan(4);
    }
  });

  test('what is weighed is done, and what lies behind it was skipped; the next is what follows', () => {
    const all = cards([pot('one', '10:00')], [sum('one', 'bone', 700, '13:40')]);
    expect(said(all).slice(0, 4)).toEqual(['one lift ✓', 'one cool ✓', 'one bone ✓', 'one pick']);
    const later = cards([pot('one', '10:00')], [sum('one', 'shred', 800, '13:50')]);
    expect(later.find(({ done }) => !done)?.what).toBe('take out');
  });

  test('a step that is ticked is over for the day too, and a second of its kind is a step of its own', () => {
    const step = (id: string, what: AfterStep['what']): AfterStep => ({ id, what });
    const after = [step('a', 'lift'), step('b', 'skim'), step('c', 'pull'), step('d', 'skim')];
    const tick = (task: string): Entry => ({
      ...sum('one', 'cooked', 1, '13:45'),
      id: task,
      measures: { what: 'done', task },
      value: { text: 'done' },
      measure: 'time',
      source: 'typed',
    });
    const one = pot('one', '10:00', { after });
    expect(
      cards([one])
        .map(({ task }) => task)
        .filter((task) => !task.includes('look')),
    ).toEqual(['one|pot', 'one|skim', 'one|pull', 'one|after d']);
    expect(said(cards([one], [tick('one|pot'), tick('one|skim')]))).toEqual([
      'one lift ✓',
      'one skim ✓',
      'one pull',
      'one skim',
    ]);
  });

  test('a night in the fridge is two cards: it is put there, and comes back the next day where it was', () => {
    const one = pot('one', '10:00', { after: [...afterBy('overnight')] });
    const tick: Entry = {
      ...sum('one', 'cooked', 1, '14:30'),
      measures: { what: 'done', task: 'one|skim|chill' },
      value: { text: 'done' },
      measure: 'time',
    };
    expect(said(cards([one])).slice(-3)).toEqual(['one chill', 'one skim', 'one meat back']);
    const put = cards([one], [tick], at('14:31'));
    expect(put.find(({ what }) => what === 'chill')?.done).toBe(true);
    expect(put.find(({ what }) => what === 'skim')?.done).toBe(false);
  });

  test('what went back comes up when it is likely to be tender, and is done once it is weighed', () => {
    const one = pot('one', '10:00');
    const back: Entry = {
      ...sum('one', 'cooked', 400, '13:45'),
      measures: { what: 'sum', flow: 'unpulled' },
      measure: 'mass',
    };
    const input = inputOf([one], [dishOf('taco', 20)], [sum('one', 'cooked', 1200, '13:40'), back]);
    const wave = reckon(openMeal(input)).batches[0]?.second;
    expect(wave?.backG).toBeCloseTo(400, 9);
    const minutes = ((wave?.tender.mid ?? NaN) - at('13:45')) / 60_000;
    expect(minutes).toBeGreaterThan(10);
    expect(minutes).toBeLessThan(120);
    const whole = reckon(openMeal({ ...input, batches: [{ ...one, again: { size: 'whole' } }] })).batches[0];
    expect(whole?.second?.tender.mid ?? NaN).toBeGreaterThan((wave?.tender.mid ?? NaN) + 10 * 60_000);
    const tender = new Map([['one', wave?.tender.mid ?? NaN]]);
    const due = benchCards(input, undefined, undefined, tender);
    expect(due.filter(({ what }) => what === 'again').map(({ done }) => done)).toEqual([false]);
    const again: Entry = {
      ...back,
      id: 'again',
      measures: { what: 'sum', flow: 'again' },
      measure: 'mass',
      value: grams(350),
    };
    const done = benchCards({ ...input, entries: [...input.entries, again] }, undefined, undefined, tender);
    expect(done.find(({ what }) => what === 'again')?.done).toBe(true);
  });

  test('pulled in its pot there is nothing to lift', () => {
    expect(said(cards([pot('one', '10:00', { after: [...afterBy('in the pot')] })])).join()).not.toContain(
      'lift',
    );
  });
});

describe('what the scale sees', () => {
  test.each([
    [1000, 1004, undefined, undefined],
    [0, 118, 110, 1],
    [118, 341, 110, 2],
    [341, 230, 110, -1],
    [0, 480, undefined, 1],
  ])('from %s g to %s g, pieces of %s g: %s', (before, after, usual, pieces) => {
    expect(jumpOf(before, after, usual)?.pieces).toBe(pieces);
  });
});

describe('a weighing that can hardly be', () => {
  const shred = { mid: 1000, p10: 900, p90: 1100 };
  test.each([
    [8200, { what: 'more than there is', grams: 1800 }],
    [1750, { what: 'far more', grams: 1000 }],
    [300, { what: 'far less', grams: 1000 }],
    [1190, undefined],
    [810, undefined],
  ])('%s g of shred from 1,800 g of cooked meat', (g, doubt) => {
    expect(doubtOf(g, shred, 1800)).toEqual(doubt);
  });
});

test('one thing at a time is the day’s one list: what goes in and comes out on the way stands among the looks', () => {
  const cook = [
    { id: 'low', heat: 'stove' as const, lid: 'on' as const },
    { id: 'last', heat: 'stove' as const, lid: 'ajar' as const, minutes: { text: '45 min', lo: 45, hi: 45 } },
  ];
  const items = [
    { id: 'stock', ref: 'stock-low-salt', state: 'in' as const },
    { id: 'onion', ref: 'onion', state: 'in' as const, at: { phase: 0, minutes: 60 } },
  ];
  const lidOn = Date.UTC(2026, 11, 5, 9);
  const input = inputOf([batchOf([lotOf('beef-shank', 2000)], { cook, items, lidOn })], [dishOf('taco', 12)]);
  const { lines } = dayOf(openMeal(input), { now: lidOn, tries: 0 });
  const cards = benchCards(input, { lines }).filter(({ done }) => !done);
  const before = cards.slice(
    0,
    cards.findIndex(({ what }) => what === 'lift'),
  );
  expect(before.map(({ does, what }) => does?.what ?? what)).toEqual(
    expect.arrayContaining(['in', 'lid', 'round', 'look']),
  );
  const times = before.map(({ at = 0 }) => at);
  expect(times).toEqual(times.toSorted((a, b) => a - b));
  // Ticked, it is gone from both.
  const [first] = before;
  const entry: Entry = {
    id: 'ticked',
    at: lidOn,
    batch: 'pot',
    measures: { what: 'done', task: first?.task ?? '' },
    value: { text: 'done' },
    measure: 'time',
    source: 'typed',
  };
  const ticked = { ...input, entries: [entry] };
  const after = dayOf(openMeal(ticked), { now: lidOn, tries: 0 });
  expect(benchCards(ticked, after).some(({ task, done }) => task === first?.task && !done)).toBe(false);
});
