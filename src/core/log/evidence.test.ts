import { reckon } from '../reckoning/index.ts';
import { describe, expect, test } from '@jest/globals';
import { afterBy, type Entry, shredInScoop, usualKitchen, usualScoops } from '../meal/index.ts';
import { type Input, openMeal } from '../model/index.ts';

import { dayOf } from '../answers/heavy/day/day.ts';
import { type Changes, batchOf, dishOf, inputOf, lotOf, weighedEntry } from '../testing/meals.ts';
import { reckonDrawn } from '../testing/reckonDrawn.ts';
import { digestOf } from './digest.ts';
import { type Evidence, evidenceOf } from './evidence.ts';
import { learnedFigures, likedThickness, minutesHere } from './figures.ts';
import { reference } from '@/reference/index.ts';
import { learn } from './learn.ts';

const oven = [
  { id: 'heat', heat: 'oven' as const, lid: 'on' as const, setting: { text: '150 °C', lo: 150, hi: 150 } },
];
const MINUTE = 60_000;
const lot = lotOf('beef-shank', 3000, { id: 'a' });
const pot = (changes: Changes = {}) => batchOf([lot], { cook: oven, ...changes });
const mealOf = (entries: Entry[] = [], changes: Changes = {}, plates = 20) =>
  inputOf([pot(changes)], [dishOf('taco', plates)], entries);
const planned = reckon(openMeal(mealOf())).batches[0];
const cookedG = planned?.meat.cookedG.mid ?? NaN;
const onBenchG = planned?.meat.onBenchG.mid ?? NaN;
const shredG = planned?.meat.shredG.mid ?? NaN;
const find = (all: readonly Evidence[], what: Evidence['what']) => all.find((one) => one.what === what);
const said = (entries: Entry[], changes: Changes = {}, plates = 20) =>
  evidenceOf(openMeal(mealOf(entries, changes, plates)), 'pot');

const yOf = (evidence: readonly (Evidence | undefined)[]) =>
  learn(
    evidence.flatMap((one) => one ?? []),
    evidence.length,
  ).learned.figures[0];
/** What evidence makes of the yield, and how much of it is still open. */
const meanOf = (evidence: readonly (Evidence | undefined)[]) => yOf(evidence)?.mean ?? NaN;
const openOf = (evidence: readonly (Evidence | undefined)[]) => {
  const { shared = NaN, own = NaN } = yOf(evidence) ?? {};
  return Math.hypot(shared, own);
};

describe('what a batch says to the log', () => {
  test('a tenth less on the bench is a tenth less yield, as surely as the scale is', () => {
    const boneG = onBenchG - cookedG;
    const y = find(said([weighedEntry({ what: 'sum', flow: 'cooked' }, 0.9 * cookedG + boneG)]), 'y');
    expect(y?.of).toBe('beef-shank');
    expect(y?.value).toBeCloseTo(Math.log(0.9), 1);
    expect(y?.noise).toBeLessThan(0.1);
    expect(y?.noise).toBeGreaterThan(0.06);
  });

  test('a bowl that was not tared is not damped here: the log has to see it', () => {
    const y = find(said([weighedEntry({ what: 'sum', flow: 'cooked' }, 1.7 * onBenchG)]), 'y');
    expect(y?.value).toBeGreaterThan(0.3);
    const sane = said([weighedEntry({ what: 'sum', flow: 'cooked' }, onBenchG)]);
    const all = [...Array.from({ length: 6 }, () => sane).flat(), ...(y ? [y] : [])];
    expect(learn(all, 7).weights.at(-1)).toBe(0);
  });

  test('nothing weighed, nothing said', () => {
    expect(said([])).toEqual([]);
  });

  test('what was learned by then does not change what is said', () => {
    const entries = [weighedEntry({ what: 'sum', flow: 'shred' }, 0.93 * shredG)];
    const input = mealOf(entries);
    const learned = learn([{ what: 'y', of: 'beef-shank', value: -0.2, noise: 0.06 }], 1).learned;
    expect(evidenceOf(openMeal({ ...input, learned }), 'pot')).toEqual(evidenceOf(openMeal(input), 'pot'));
  });

  test('plates that ran short or over are bounds where nobody weighed', () => {
    const plates = Math.round(shredG / 52);
    const closed = (verdict: 'short' | 'just enough' | 'over', by?: number) => ({
      closed: { at: 1, verdict, ...(by !== undefined && { by }) },
    });
    const y = (changes: Changes) => find(said([], changes, plates), 'y');
    expect(y(closed('just enough'))?.value).toBeCloseTo(0, 1);
    expect(y(closed('short', 6))?.value).toBeCloseTo(Math.log((plates - 6) / plates), 1);
    expect(y(closed('over', 6))?.value).toBeCloseTo(Math.log((plates + 6) / plates), 1);
    const [short, over] = [y(closed('short')), y(closed('over'))];
    expect([short?.side, over?.side]).toEqual(['below', 'above']);
    expect([meanOf([short]) < 0, meanOf([over]) > 0]).toEqual([true, true]);
    // A bound is less sure than a count, and a count than a scale.
    const weighed = find(said([weighedEntry({ what: 'sum', flow: 'shred' }, shredG)]), 'y');
    expect(openOf([over])).toBeGreaterThan(openOf([y(closed('over', 6))]));
    expect(openOf([y(closed('over', 6))])).toBeGreaterThan(openOf([weighed]));
  });

  test('a careful cook who is over each time is not believed to get ever more: a hand is off by the same each time', () => {
    const plates = Math.round((0.9 * shredG) / 52);
    const over = find(said([], { closed: { at: 1, verdict: 'over' as const } }, plates), 'y');
    const [once, often] = [1, 15].map((n) => meanOf(Array.from({ length: n }, () => over)));
    expect(once).toBeGreaterThan(0);
    expect(often).toBeLessThan(0.05);
    // However often it was just enough, the hand may be light: a weighed batch is believed before all of them.
    const enough = find(
      said([], { closed: { at: 1, verdict: 'just enough' as const } }, Math.round((1.15 * shredG) / 52)),
      'y',
    );
    const weighed = find(said([weighedEntry({ what: 'sum', flow: 'shred' }, shredG)]), 'y');
    const many = Array.from({ length: 15 }, () => enough);
    expect(meanOf(many)).toBeLessThan(0.08);
    expect(meanOf([...many, weighed, weighed])).toBeLessThan(0.5 * meanOf(many));
  });

  test('what a filling is stretched with is on the plates, and teaches nothing of the meat', () => {
    const potato = { text: '500 g', lo: 500, hi: 500 };
    const stretched = [
      ...afterBy('broth'),
      { id: 'potato', what: 'stretch', ref: 'potato', amount: potato, measure: 'mass' } as const,
    ];
    const enough = { closed: { at: 1, verdict: 'just enough' as const }, after: stretched };
    const y = find(said([], enough, Math.round((shredG + 500) / 52)), 'y');
    expect(y?.value).toBeCloseTo(0, 1);
  });

  test('plates that went out bound what there was, though nobody closed the batch or said how it came out', () => {
    const served = (n: number): Entry => ({
      id: `served ${n}`,
      at: 9,
      batch: 'pot',
      measures: { what: 'served', dish: 'dish-taco' },
      value: { text: String(n), lo: n, hi: n },
      measure: 'count',
      source: 'typed',
    });
    const plates = Math.round(shredG / 52);
    const y = (n: number, changes: Changes = {}) => find(said([served(n)], changes, plates), 'y');
    // Many more than foretold say a lot, a few say nearly nothing, and no number says less than what is foretold.
    const [few, many] = [y(Math.round(plates / 3)), y(Math.round(1.25 * plates))];
    expect(meanOf([many])).toBeGreaterThan(0.05);
    expect(meanOf([few])).toBeGreaterThanOrEqual(0);
    expect(meanOf([few])).toBeLessThan(0.001);
    // Short without a number: what went out is the number.
    const short = y(Math.round(0.8 * plates), { closed: { at: 1, verdict: 'short' } });
    expect(short?.value).toBeCloseTo(Math.log(0.8), 1);
  });

  test('forks say how long it took, between the last no and the first yes', () => {
    const start = Date.UTC(2026, 10, 1, 10);
    const check = (feel: 'resists' | 'falls apart', minutes: number): Entry => ({
      id: `${feel} ${minutes}`,
      at: start + minutes * MINUTE,
      batch: 'pot',
      measures: { what: 'check', feel },
      value: { text: feel },
      measure: 'feel',
      source: 'typed',
    });
    const tender = find(said([check('resists', 240), check('falls apart', 300)], { lidOn: start }), 'tender');
    expect(tender?.of).toBe('oven beef-shank');
    // Falling apart already, it was tender long before, and nobody knows when.
    const once = find(said([check('falls apart', 300)], { lidOn: start }), 'tender');
    expect(once?.value).toBeLessThan(tender?.value ?? -Infinity);
    expect(once?.noise).toBeGreaterThan(tender?.noise ?? Infinity);
    // A look taken back teaches nothing; nor does a pot that nobody looked into, whatever was written.
    const back: Entry = {
      ...check('falls apart', 300),
      id: 'back',
      replaces: 'falls apart 300',
      value: null,
    };
    expect(find(said([check('falls apart', 300), back], { lidOn: start }), 'tender')).toBeUndefined();
    const cooked = weighedEntry({ what: 'sum', flow: 'cooked' }, 900, start + 500 * MINUTE);
    expect(find(said([cooked], { lidOn: start }), 'tender')).toBeUndefined();
  });

  test('a spoon says what is liked: right where it is, flat and thin above it, salty and thick below', () => {
    const taste = (says: 'flat' | 'right' | 'salty' | 'thin' | 'thick'): Entry => ({
      id: says,
      at: 5,
      batch: 'pot',
      measures: { what: 'taste', says },
      value: { text: says },
      measure: 'feel',
      source: 'typed',
    });
    const of = (what: 'salt' | 'thickness', says: Parameters<typeof taste>[0]) =>
      find(said([taste(says)]), what);
    for (const [what, below, above] of [
      ['salt', 'salty', 'flat'],
      ['thickness', 'thick', 'thin'],
    ] as const) {
      const right = of(what, 'right');
      expect(of(what, above)?.value).toBeGreaterThan(right?.value ?? Infinity);
      expect(of(what, below)?.value).toBeLessThan(right?.value ?? -Infinity);
      // What is off says less surely where right would be.
      expect(of(what, above)?.noise).toBeGreaterThan(right?.noise ?? Infinity);
    }
    expect(of('salt', 'thin')).toBeUndefined();
    expect(likedThickness(undefined)).toBeUndefined();
    const { learned } = learn(said([taste('right')]), 1);
    expect(likedThickness(learned)).toBeGreaterThan(0);
  });

  test('pulling has its pace', () => {
    const at = (flow: 'cooked' | 'shred' | 'strained' | 'skim', g: number, minutes: number) => ({
      ...weighedEntry({ what: 'sum', flow }, g),
      id: flow,
      at: minutes * MINUTE,
    });
    const [slow, fast] = [60, 20].map((minutes) =>
      find(said([at('cooked', onBenchG, 0), at('shred', shredG, minutes)]), 'pull'),
    );
    expect((slow?.value ?? NaN) - (fast?.value ?? NaN)).toBeCloseTo(Math.log(3), 6);
    expect(find(said([at('cooked', onBenchG, 0), at('shred', shredG, 600)]), 'pull')).toBeUndefined();
    const skim = [at('strained', 200, 0), at('skim', 60, 10)];
    expect(find(said(skim), 'skimming')?.value).toBeCloseTo(Math.log(2), 6);
    // What waits in the cold is nobody's work.
    expect(find(said(skim, { skim: 'chill' }), 'skimming')).toBeUndefined();
  });

  test('minutes written beside a tick teach how long these hands take at it, and the cook’s own tasks by their words', () => {
    const tasks = [
      { id: 'own', words: 'Set the table', minutes: { text: '', lo: 20, hi: 20 }, when: 'serving' as const },
    ];
    const ticked = (task: string, minutes: number): Entry => ({
      id: task,
      at: 5,
      batch: 'pot',
      measures: { what: 'done', task },
      value: { text: `${minutes} min`, lo: minutes, hi: minutes },
      measure: 'time',
      source: 'typed',
    });
    const withTasks = (entries: Entry[], learned?: Input['learned']): Input => {
      const input = mealOf(entries);
      return { ...input, meal: { ...input.meal, day: { tasks } }, ...(learned && { learned }) };
    };
    const days = (learned?: Input['learned']) =>
      dayOf(openMeal(withTasks([], learned)), { now: 0, tries: 0 }).lines;
    const minutesOf = (task: string, learned?: Input['learned']) =>
      days(learned).find((line) => line.task === task)?.minutes ?? NaN;
    const usual = minutesOf('pot|trim');
    const evidence = evidenceOf(
      openMeal(withTasks([ticked('pot|trim', 2 * usual), ticked('own|own', 45)])),
      'pot',
    );
    expect(evidence.find(({ of }) => of === 'trim')?.value).toBeCloseTo(Math.log(2), 6);
    const { learned } = learn(Array.from({ length: 5 }, () => evidence).flat(), 5);
    expect(minutesOf('pot|trim', learned)).toBeGreaterThan(1.6 * usual);
    // What the cook wrote stands, and is answered with what it took, whatever was written then.
    expect(minutesOf('own|own', learned)).toBe(20);
    const here = minutesHere(learned, { kind: 'own', own: 'own' }, tasks);
    expect(here?.n).toBe(5);
    expect(here?.minutes).toBeGreaterThan(42);
    expect(here?.minutes).toBeLessThan(46);
    expect(minutesHere(learned, { kind: 'chop', batch: 'pot' }, tasks)).toBeUndefined();
    // A tick alone says nothing of how long it took.
    const bare = { ...ticked('pot|trim', 0), value: { text: 'done' } };
    expect(evidenceOf(openMeal(withTasks([bare])), 'pot')).toEqual([]);
  });

  test('plates filled by the scoop on a scale teach what it holds, and portions by the scoop go by it', () => {
    const plate = (g: number, at: number): Entry => ({
      ...weighedEntry({ what: 'sum', flow: 'shred' }, g, at),
      measures: { what: 'plated', dish: 'dish-taco', by: { scoop: 'scoop-16', times: 2 } },
      measure: 'mass',
    });
    const scoop = usualScoops.find(({ id }) => id === 'scoop-16');
    const usual = shredInScoop({ ml: scoop?.ml ?? NaN });
    const plates = [1.18, 1.2, 1.22].map((by, i) => plate(2 * by * usual, i));
    const found = find(said(plates), 'scoop');
    expect(found?.of).toBe('scoop-16');
    expect(found?.value).toBeCloseTo(Math.log(1.2), 6);
    const { learned } = learn(Array.from({ length: 4 }, () => said(plates)).flat(), 4);
    const figures = learnedFigures(learned, usualKitchen, reference);
    const holds = figures.find(({ what }) => what === 'scoop');
    expect(holds).toMatchObject({ name: 'No. 16 scoop', unit: 'g', n: 4 });
    expect(holds?.published).toBeCloseTo(usual, 6);
    expect((holds?.mean ?? NaN) / usual).toBeGreaterThan(1.15);
    expect((holds?.p10 ?? NaN) / usual).toBeGreaterThan(1.05);
  });

  test('dressed meat on the scale teaches what shred takes up here, unless the cook had said how juicy', () => {
    const weighedBoth = [
      weighedEntry({ what: 'sum', flow: 'shred' }, shredG),
      weighedEntry({ what: 'sum', flow: 'dressed' }, 1.18 * shredG, 2),
    ];
    const soak = find(said(weighedBoth), 'soak');
    // A taco's shred holds .12 by the usual.
    expect(soak?.value).toBeCloseTo(Math.log(0.18 / 0.12), 2);
    expect(find(said(weighedBoth.slice(1)), 'soak')).toBeUndefined();
    const juicy = mealOf(weighedBoth);
    const written = { ...juicy, meal: { ...juicy.meal, dishes: [dishOf('taco', 20, { held: 0.2 })] } };
    expect(find(evidenceOf(openMeal(written), 'pot'), 'soak')).toBeUndefined();
    const { learned } = learn(Array.from({ length: 6 }, () => said(weighedBoth)).flat(), 6);
    const next = (meal: Input) => openMeal(meal).plan.tickets[0];
    const [before, after] = [next(mealOf()), next({ ...mealOf(), learned })];
    expect((after?.held ?? 0) / (before?.held ?? 1)).toBeGreaterThan(1.3);
    expect(after?.heldSpread).toBeLessThan(0.3);
    // What is written stands.
    expect(next({ ...mealOf(), learned, meal: written.meal })?.held).toBe(0.2);
  });

  test('the next reckoning of this kitchen goes by it: the middle moves, the range narrows', () => {
    const short = said([weighedEntry({ what: 'sum', flow: 'shred' }, 0.9 * shredG)]);
    const { learned } = learn(Array.from({ length: 6 }, () => short).flat(), 6);
    const [before, after] = [reckonDrawn(mealOf()), reckonDrawn({ ...mealOf(), learned })].map(
      ({ batches }) => batches[0]?.meat.shredG,
    );
    const width = (of = before) => ((of?.p90 ?? NaN) - (of?.p10 ?? NaN)) / (of?.mid ?? NaN);
    expect((after?.mid ?? NaN) / (before?.mid ?? NaN)).toBeGreaterThan(0.89);
    expect((after?.mid ?? NaN) / (before?.mid ?? NaN)).toBeLessThan(0.95);
    expect(width(after)).toBeLessThan(0.8 * width(before));
    // What is planned goes by it too, not only what is drawn.
    expect(reckon(openMeal({ ...mealOf(), learned })).batches[0]?.meat.shredG.mid).toBeCloseTo(
      after?.mid ?? NaN,
      6,
    );
  });
});

describe('a digest', () => {
  test('stands for what was cooked, and for nothing that was only planned', () => {
    expect(digestOf(mealOf())).toEqual([]);
    const entries = [weighedEntry({ what: 'sum', flow: 'shred' }, 0.9 * shredG, 5)];
    const [digest] = digestOf(mealOf(entries));
    expect(digest).toMatchObject({ batch: 'pot', meal: 'meal', weighed: true, leftOut: false, at: 5 });
    expect(digest?.cuts[0]?.plannedG).toBeCloseTo(shredG, 6);
    expect(digest?.cuts[0]?.shredG).toBeCloseTo(0.9 * shredG, 6);
    expect(digest?.strands.shred.grams).toBeCloseTo(0.9 * shredG, 6);
    // It crosses the border between threads, and goes into a row of the store.
    expect(structuredClone(digest)).toEqual(digest);
  });
});
