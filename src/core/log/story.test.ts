import { reckon } from '../reckoning/index.ts';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { openMeal } from '../model/index.ts';

import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '../testing/meals.ts';
import { batchRows, entryRows } from './csvOut.ts';
import { type Digest, digestOf, type Logged } from './digest.ts';
import { guessesOf, offBy } from './eye.ts';
import { isPast, ordered, orders, searched, yieldOf } from './list.ts';
import { comparedOf, overTime, quarters } from './overTime.ts';
import { learnedBefore, pastOf } from './past.ts';
import { drawnFrom, offOf, quizKinds, quizOf, slabParts, worstPart } from './practice.ts';
import { cutsInLog, storyOf } from './story.ts';
import { strandBars } from './bars.ts';

const DAY = 86_400_000;
const START = Date.UTC(2026, 0, 5);
const lot = lotOf('beef-shank', 3000, { id: 'a' });
const shredG = reckon(openMeal(inputOf([batchOf([lot])], []))).batches[0]?.meat.shredG.mid ?? NaN;
const entries = [weighedEntry({ what: 'sum', flow: 'shred' }, 0.93 * shredG, START)];
const [first] = digestOf(inputOf([batchOf([lot])], [dishOf('taco', 20)], entries));
if (!first) throw new Error('no digest');

const NAMES = ['one', 'two', 'three', 'four', 'five', 'six'];

/** A past batch as the one above, with another day, yield and name. */
const past = (i: number, factor: number, changes: Partial<Digest> = {}): Digest => ({
  ...first,
  batch: `b${i}`,
  meal: `m${i}`,
  name: `Supper ${NAMES[i] ?? 'of old'}`,
  at: START + i * 20 * DAY,
  cuts: first.cuts.map((cut) => ({ ...cut, shredG: cut.plannedG * factor })),
  evidence: [{ what: 'y', of: 'beef-shank', value: Math.log(factor), noise: 0.065, spread: 0.07 }],
  ...changes,
});
const six = [0.93, 0.9, 0.96, 0.92, 0.95, 0.91].map((factor, i) => past(i, factor));

describe('how a cut came to be known', () => {
  test('the funnel narrows with each cook, and its middle goes to what this kitchen gets', () => {
    const story = storyOf(six, 'beef-shank');
    if (!story) throw new Error('no story');
    expect(story.n).toBe(6);
    const published = story.published.mean;
    expect(story.now.mean / published).toBeGreaterThan(0.92);
    expect(story.now.mean / published).toBeLessThan(0.96);
    const widths = [...story.told.map(({ before }) => before), story.now].map(
      ({ p10, p90, mean }) => (p90 - p10) / mean,
    );
    for (const [i, width] of widths.entries()) if (i > 0) expect(width).toBeLessThan(widths[i - 1] ?? 0);
    // Before the first cook it is what is published.
    expect(story.told[0]?.before.p10).toBeCloseTo(story.published.p10, 9);
    expect(story.told[0]?.before.p90).toBeCloseTo(story.published.p90, 9);
  });

  test('one left out counts for nothing and still stands there; one that is absurd is not counted', () => {
    const out = storyOf([...six, past(6, 1.5, { leftOut: true })], 'beef-shank');
    expect(out?.now).toEqual(storyOf(six, 'beef-shank')?.now);
    expect(out?.told.at(-1)).toMatchObject({ weight: 0, digest: { leftOut: true } });
    const absurd = storyOf([...six, past(6, 1.7)], 'beef-shank');
    expect(absurd?.told.at(-1)?.weight).toBe(0);
    expect(absurd?.n).toBe(6);
  });

  test('a cut that was never cooked has no story, and cuts come by how often', () => {
    expect(storyOf(six, 'lamb-shoulder')).toBeUndefined();
    const lamb = past(9, 1, {
      cuts: [{ cut: 'lamb-shoulder', name: 'Lamb shoulder', rawG: 1, plannedG: 1, shredG: 1 }],
    });
    expect(cutsInLog([lamb, ...six]).map(({ cut }) => cut)).toEqual(['beef-shank', 'lamb-shoulder']);
  });

  test('a meal of the past knows what came before it, never itself nor what came after', () => {
    const batches = pastOf(six);
    const serving = (i: number) => ({
      id: `m${i}`,
      serving: { local: new Date(START + i * 20 * DAY).toISOString().slice(0, 16), zone: 'UTC' },
    });
    expect(learnedBefore(batches, serving(0))).toBeUndefined();
    expect(learnedBefore(batches, serving(3))?.batches).toBe(3);
    expect(learnedBefore(batches, { id: 'next' })?.batches).toBe(6);
    expect(learnedBefore(batches, { id: 'm5' })?.batches).toBe(5);
    expect(pastOf([past(7, 1, { leftOut: true })])).toEqual([]);
  });
});

describe('the list', () => {
  test('finds by words, by date and by bounds on the yield, together', () => {
    const share = (digest: Logged) => yieldOf(digest) ?? NaN;
    const at = `${String(Math.round(1000 * share(past(0, 0.93))) / 10)}%`;
    expect(searched(six, 'SHANK supper four').map(({ name }) => name)).toEqual(['Supper four']);
    expect(searched(six, '2026-02').length).toBeGreaterThan(0);
    for (const digest of searched(six, `shank > ${at}`))
      expect(share(digest)).toBeGreaterThan(share(past(0, 0.9299)));
    expect(searched(six, `>${at}`).length + searched(six, `<${at}`).length).toBeGreaterThanOrEqual(5);
    expect(searched(six, 'nothing like it')).toEqual([]);
    expect(searched(six, '  ')).toBe(six);
  });

  test('every order keeps every batch', () => {
    fc.assert(
      fc.property(fc.constantFrom(...orders), fc.shuffledSubarray(six), (order, some) => {
        expect(new Set(ordered(some, order))).toEqual(new Set(some));
      }),
    );
    expect(ordered(six, 'latest first')[0]?.batch).toBe('b5');
    expect(ordered(six, 'best yield')[0]?.batch).toBe('b2');
    const unweighed = past(8, 1, { weighed: false });
    expect(ordered([unweighed, ...six], 'worst yield').at(-1)).toBe(unweighed);
  });

  test('what stands on the heat is not past', () => {
    const open = past(0, 1, { closed: undefined, weighed: false });
    expect(isPast(open, open.at - 1)).toBe(false);
    expect(isPast(open, open.at)).toBe(true);
  });
});

describe('over time and side by side', () => {
  test('points come oldest first, the left out are not among them; quarters add up', () => {
    const points = overTime([...six, past(6, 2, { leftOut: true })], 'beef-shank');
    expect(points.map(({ batch }) => batch)).toEqual(six.map(({ batch }) => batch));
    const byQuarter = quarters(
      six.map((digest, i) => ({
        ...digest,
        closed: { at: 1, ...(i % 2 === 0 && { verdict: 'over' as const }) },
      })),
    );
    expect(byQuarter.reduce((sum, { counts }) => sum + counts.over, 0)).toBe(3);
    expect(byQuarter.reduce((sum, { counts }) => sum + counts.unsaid, 0)).toBe(3);
    expect(comparedOf(past(1, 0.9)).share).toBeCloseTo(yieldOf(past(1, 0.9)) ?? NaN, 9);
  });

  test('the bars of a batch close: meat and bone come to what was bought', () => {
    const { meat } = strandBars(first.strands);
    const sum = meat.reduce((total, { nowG }) => total + nowG, 0);
    expect(sum / first.strands.raw.grams).toBeGreaterThan(0.93);
    expect(sum / first.strands.raw.grams).toBeLessThan(1.03);
  });

  test('what goes out as a table has a row each', () => {
    expect(batchRows(six)).toHaveLength(6);
    expect(batchRows(six)[0]).toMatchObject({ name: 'Supper one', plates: 20 });
    expect(entryRows(entries)[0]).toMatchObject({ what: 'sum', of: 'shred', source: 'typed' });
  });
});

describe('the eye', () => {
  test('errors are signed, the program’s by what it had learned before', () => {
    const guessed = six.map((digest) => ({ ...digest, guessG: 1.2 * (digest.cuts[0]?.shredG ?? 0) }));
    const told = guessesOf(guessed);
    expect(told).toHaveLength(6);
    for (const { cook } of told) expect(cook).toBeCloseTo(0.2, 6);
    expect(Math.abs(told.at(-1)?.program ?? 1)).toBeLessThan(Math.abs(told[0]?.program ?? 0));
    expect(offBy(told.map(({ cook }) => cook))?.latest).toBeCloseTo(0.2, 6);
    expect(offBy([])).toBeUndefined();
    expect(guessesOf(six)).toEqual([]);
  });

  test('every drawn quiz is of this past, and its parts are the whole of it', () => {
    fc.assert(
      fc.property(fc.constantFrom(...quizKinds), fc.nat(100_000), (what, seed) => {
        const drawn = six.find((one) => one === drawnFrom(six, seed));
        const quiz = drawn && quizOf(drawn, what, seed);
        if (!quiz) throw new Error('no quiz');
        if (quiz.what === 'a lot') {
          const sum = slabParts.reduce((total, part) => total + quiz.parts[part], 0);
          expect(sum).toBeCloseTo(quiz.rawG, 6);
        } else if (quiz.what === 'a plate') expect(quiz.grams).toBeLessThanOrEqual(quiz.mostG);
        else expect(quiz.ml).toBeGreaterThan(0);
        expect(quizOf(quiz.digest, what, seed)).toEqual(quiz);
      }),
      // It was rounded to 68 g where 67.6 g is the most.
      { examples: [['a plate', 67_327]] },
    );
    expect(drawnFrom([past(0, 1, { weighed: false })], 1)).toBeUndefined();
  });

  test('the worst part is named, with how much', () => {
    const truth = { shred: 100, juice: 50, pickings: 40, bone: 10 };
    expect(worstPart({ ...truth, pickings: 10, shred: 110 }, truth)).toEqual({ part: 'pickings', offG: -30 });
    expect(offOf(110, 100)).toBeCloseTo(0.1, 9);
    expect(offOf(1, 0)).toBe(0);
  });
});
