import { describe, expect, test } from '@jest/globals';
import { answer, benchCards } from '../answers/index.ts';
import { readHandout } from '../meal/file/index.ts';
import { type Entry, type HandBack, standingEntries } from '../meal/index.ts';
import { openMeal } from '../model/index.ts';
import { reckonAtOnce } from '../reckoning/index.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../testing/meals.ts';
import { backOf, takenFrom, withNotes } from './back.ts';
import { clashesOf, judged, keeping, leftOpen, type NewEntry } from './clash.ts';
import { daysOf, handoutOf, jobsFor } from './handout.ts';
import { jobsOf } from './jobs.ts';
import { inHands } from './strand.ts';

const NOW = Date.UTC(2026, 11, 5, 7);
const MINUTE = 60_000;
const hands = ['ida', 'bram', 'noor'].map((id) => ({ id, name: id }));

/** Two pots of one day, three who cook. */
function day(entries: readonly Entry[] = []) {
  const pots = ['beef', 'pork'].map((id) => ({
    ...batchOf([lotOf('beef-shank', 4000, { id: `${id} lot` })]),
    id,
    name: id,
  }));
  const input = inputOf(pots, [dishOf('taco', 30)]);
  const kitchen = { ...input.kitchen, hands };
  const meal = {
    ...input.meal,
    batches: ['beef', 'pork'],
    serving: { local: '2026-12-05T19:00', zone: 'UTC' },
    day: { cooks: hands.map(({ id }) => id), hands: 3 },
  };
  const opened = openMeal({ ...input, kitchen, meal, entries });
  const plan = answer('day', opened, { now: NOW, tries: 0 });
  const { batches } = reckonAtOnce(opened);
  const cards = benchCards(opened.input, plan);
  const says = {
    line: ({ does }: { does: { what: string } }) => does.what,
    weighed: (what: { step: string } | { lot: string } | { liquid: string }) =>
      'lot' in what ? what.lot : 'liquid' in what ? what.liquid : what.step,
    person: (id: string) => id,
    onPlate: (dish: string) => (dish === 'dish-taco' ? [{ batch: 'beef', g: 52 }] : undefined),
  };
  return { opened, plan, batches, jobs: jobsOf(plan, batches, cards, says, 'beef') };
}

const entry = (id: string, g: number, changes: Partial<Entry> = {}): Entry =>
  ({
    id,
    at: NOW,
    batch: 'beef',
    measures: { what: 'sum', flow: 'shred' },
    measure: 'mass',
    value: grams(g),
    source: 'typed',
    ...changes,
  }) as Entry;

describe('the jobs of a day', () => {
  const { plan, batches, jobs } = day();

  test('are every line that wants named hands, once, and nobody’s part has a job of somebody else', () => {
    const wanting = plan.lines.filter(({ hands: n, who = [] }) => n > 0 && who.length > 0);
    expect(jobs.map(({ id }) => id)).toEqual(wanting.map(({ key }) => key));
    const parts = hands.map(({ id }) => jobsFor(jobs, id));
    for (const job of jobs) expect(parts.filter((part) => part.includes(job))).toHaveLength(job.by.length);
  });

  test('say what is weighed where, and what is likely to lie on the scale', () => {
    const pull = jobs.find(({ words, pot }) => words === 'pull' && pot === 'beef');
    expect(pull?.weigh?.map(({ measures }) => ('flow' in measures ? measures.flow : ''))).toEqual(
      expect.arrayContaining(['shred', 'pickings', 'bone']),
    );
    const shred = pull?.weigh?.find(({ measures }) => 'flow' in measures && measures.flow === 'shred');
    expect(shred?.likely?.mid).toBeCloseTo(batches[0]?.meat.shredG.mid ?? 0, 6);
    const trim = jobs.find(({ words, pot }) => words === 'trim' && pot === 'pork');
    expect(trim?.weigh).toEqual([
      expect.objectContaining({ measures: { what: 'flow', flow: 'board', lot: 'pork lot' } }),
    ]);
    expect(jobs.find(({ words }) => words === 'look')?.fork).toBe(true);
  });

  test('the liquid of a pot is measured once, at the last that is done to it, and plates are counted where they are filled', () => {
    for (const pot of ['beef', 'pork']) {
      const at = jobs.filter((job) => job.pot === pot && job.weigh?.some(({ ml }) => ml));
      expect(at.map(({ words }) => words)).toEqual(['skim']);
      const jug = at[0]?.weigh?.find(({ ml }) => ml);
      expect(jug).toMatchObject({ name: 'broth', measures: { what: 'sum', flow: 'liquid' } });
      expect(jug?.ml?.mid).toBeCloseTo(batches.find(({ id }) => id === pot)?.liquid.brothMl?.mid ?? 0, 6);
    }
    const filled = jobs.filter(({ serves }) => serves);
    expect(filled.map(({ words, serves }) => [words, serves?.count])).toEqual([['fill', 30]]);
    // What is booked is what was handed out as the portion.
    expect(filled[0]?.serves?.on).toEqual([{ batch: 'beef', g: 52 }]);
  });

  test('who waits for whom is told on both sides, and never of oneself', () => {
    const waits = jobs.flatMap((job) => (job.waits ?? []).map((pass) => ({ job, pass })));
    expect(waits.length).toBeGreaterThan(0);
    for (const { job, pass } of waits) {
      expect(pass.who.filter((who) => job.by.includes(who))).toEqual([]);
      expect(pass.at).toBeLessThanOrEqual(job.at);
      const giver = jobs.find(
        (one) => one.words === pass.words && one.waited?.some(({ at }) => at === job.at),
      );
      expect(giver?.by).toEqual(pass.who);
    }
  });

  test('the meat in hand is what is left of it: raw before the knife, shred at the end', () => {
    const of = (words: string) => jobs.find((job) => job.words === words && job.pot === 'beef')?.meatG ?? 0;
    const [beef] = batches;
    expect(of('trim')).toBeCloseTo(beef?.meat.rawG.mid ?? 0, 6);
    expect(of('pull')).toBeCloseTo(beef?.meat.onBenchG.mid ?? 0, 6);
    expect(of('bring together')).toBeCloseTo(beef?.meat.shredG.mid ?? 0, 6);
    const strand = inHands(jobsFor(jobs, 'bram'));
    expect(strand.every(({ g }) => g >= 0 && g <= 8000)).toBe(true);
    // Of two pots both are in hand between the first job at one and the last at the other.
    expect(
      inHands([
        { at: 0, pot: 'a', meatG: 5 },
        { at: 1, pot: 'b', meatG: 3 },
        { at: 2, pot: 'a', meatG: 4 },
        { at: 3, pot: 'b', meatG: 2 },
      ]).map(({ g }) => g),
    ).toEqual([5, 8, 7, 2]);
  });

  test('go as one person’s day, which comes back from a file as it went', () => {
    const [first] = daysOf(jobs, 'UTC');
    const head = {
      id: 'meal bram 2026-12-05',
      meal: { id: 'meal', name: 'Winter lantern supper' },
      who: { id: 'bram', name: 'Bram' },
      made: NOW,
      zone: 'UTC',
      units: { system: 'metric', degrees: 'C' } as const,
      cautions: ['Hold hot at 57 °C or above.'],
    };
    const handout = handoutOf(head, jobs, first?.date ?? '', [
      { id: 'beef', name: 'beef', lots: [] },
      { id: 'pork', name: 'pork', lots: [] },
      { id: 'lamb', name: 'lamb', lots: [] },
    ]);
    expect(handout.pots.map(({ id }) => id)).not.toContain('lamb');
    expect(handout.jobs.length).toBe(jobsFor(jobs, 'bram').length);
    expect(readHandout(JSON.stringify(handout))).toEqual({ ok: true, handout });
    expect(readHandout('{"format":"slow-spoon meal"}')).toMatchObject({ ok: false });
    expect(readHandout(JSON.stringify({ ...handout, version: 2 }))).toMatchObject({
      ok: false,
      error: 'This file is version 2 and this program reads up to 1; bring Slow Spoon up to date.',
    });
    const back = backOf(handout, { entries: [entry('e', 900)], notes: [] }, 'phone', NOW);
    expect(readHandout(JSON.stringify(back))).toEqual({ ok: true, back });
    const spoiled = { ...back, entries: [{ ...entry('e', 900), measure: 'count' }] };
    expect(readHandout(JSON.stringify(spoiled))).toMatchObject({ ok: false });
  });
});

describe('what comes back', () => {
  const by = { device: 'phone', who: 'bram' };
  const back = (entries: readonly Entry[], made = NOW): HandBack => ({
    format: 'slow-spoon hand-back',
    version: 1,
    handout: 'h',
    meal: { id: 'meal', name: 'Supper' },
    who: { id: 'bram', name: 'Bram' },
    device: 'phone',
    made,
    entries: [...entries],
    notes: [],
  });
  const here = { batches: [{ id: 'beef' }], entries: [entry('known', 1)] };

  test('is taken once, and what is of no pot here is told', () => {
    const taken = takenFrom(
      back([entry('known', 1, { by }), entry('new', 2, { by }), entry('gone', 3, { by, batch: 'lamb' })]),
      here,
    );
    expect(taken.entries.map(({ id }) => id)).toEqual(['new']);
    expect(taken.strange.map(({ id }) => id)).toEqual(['gone']);
    expect(taken.known).toBe(1);
  });

  test('a clock that is off is seen where it is caught, and both times are kept; of a file nobody knows', () => {
    const late = back([entry('new', 2, { by, at: NOW })], NOW);
    const caught = takenFrom(late, here, NOW + 12 * MINUTE);
    expect(caught.behindMs).toBe(12 * MINUTE);
    expect(caught.entries[0]).toMatchObject({ at: NOW + 12 * MINUTE, by: { ...by, clock: NOW } });
    expect(takenFrom(late, here).entries[0]).toMatchObject({ at: NOW, by });
    expect(takenFrom(late, here, NOW + MINUTE)).toMatchObject({ behindMs: 0, entries: [{ at: NOW }] });
  });

  test('notes go behind those that are there, each once', () => {
    expect(withNotes('less salt', ['Bram, 14:58: a splinter', 'less salt'])).toBe(
      'less salt\nBram, 14:58: a splinter',
    );
  });
});

describe('one thing weighed on two devices', () => {
  const [mine, his] = [
    entry('mine', 1500, { by: { device: 'laptop' }, at: NOW }),
    entry('his', 2180, { by: { device: 'phone', who: 'bram' }, at: NOW + MINUTE }),
  ];
  const bones = entry('bones', 800, { measures: { what: 'sum', flow: 'bone' } });
  const cooked = entry('cooked', 3050, { measures: { what: 'sum', flow: 'cooked' } });
  const written = (entries: readonly NewEntry[]): Entry[] =>
    entries.map((one, i) => ({ ...one, id: `w${i}`, at: NOW + 5 * MINUTE + i, source: 'typed' }));

  const bowls = [{ id: 'bowl', tareG: 680 }];

  test('is told where they differ, and nowhere else', () => {
    expect(clashesOf([mine, his, bones], bowls)).toMatchObject([{ batch: 'beef', entries: [mine, his] }]);
    expect(clashesOf([mine, { ...his, value: grams(1501) }], bowls)).toEqual([]);
    expect(clashesOf([mine, { ...his, by: { device: 'laptop' } }], bowls)).toEqual([]);
    expect(clashesOf([mine, { ...his, replaces: 'mine' }], bowls)).toEqual([]);
    // The same, in a bowl on one of the scales.
    expect(clashesOf([mine, { ...his, vessel: 'bowl' }], bowls)).toEqual([]);
    // What adds up is two of it, and a second fork is a second fork.
    const eaten: Partial<Entry> = { measures: { what: 'sum', flow: 'eaten' } };
    const twice = [entry('mine', 1500, eaten), entry('his', 2180, { ...eaten, by: { device: 'phone' } })];
    expect(clashesOf(twice, bowls)).toEqual([]);
  });

  test('the ledger lays each against what went in: the one that leaves a hole comes last, and says how much', () => {
    const { opened } = day([cooked, bones, mine, his]);
    const [clash] = clashesOf(opened.input.entries, bowls);
    if (!clash) throw new Error('nothing clashes');
    const [better, worse] = judged(opened, clash);
    expect(better?.entry.id).toBe('his');
    expect(worse?.entry.id).toBe('mine');
    expect(worse?.offG).toBeGreaterThan((better?.offG ?? 0) + 500);
    expect(worse?.unaccounted[0]?.flow.id).toBe('missing');
  });

  test('one act settles it: one is kept, or a range over both', () => {
    const [clash] = clashesOf([mine, his], bowls);
    if (!clash) throw new Error('nothing clashes');
    const kept = [mine, his, ...written(keeping(clash, his))];
    expect(clashesOf(kept, bowls)).toEqual([]);
    expect(standingEntries(kept).map(({ value }) => value?.lo)).toEqual([2180]);
    const mineKept = [mine, his, ...written(keeping(clash, mine))];
    expect(clashesOf(mineKept, bowls)).toEqual([]);
    expect(standingEntries(mineKept).map(({ value }) => value?.lo)).toEqual([1500]);
    const open = [mine, his, ...written(leftOpen(clash, bowls))];
    expect(clashesOf(open, bowls)).toEqual([]);
    expect(standingEntries(open).map(({ value }) => value)).toEqual([
      { text: '1500 g to 2180 g', lo: 1500, hi: 2180 },
    ]);
  });
});
