import fc from 'fast-check';
import { expect, test } from '@jest/globals';
import { afterBy, schools, type Batch, usualAfter, withChilling, withSkim } from '../../../meal/index.ts';
import { openMeal } from '../../../model/index.ts';
import { anyAfter } from '../../../testing/anyAfter.ts';
import { batchOf, dishOf, grams, inputOf, lotOf } from '../../../testing/meals.ts';
import { runs } from '../../../testing/runs.ts';
import { dayNoteWords } from '@/words/index.ts';
import { type DayPlan, dayOf } from './day.ts';

const NOON = Date.UTC(2026, 11, 4, 11);
const MINUTE = 60_000;
/** What is cooked and not held stands so long at most, min: a hand is busy, a slot is ten minutes (the rule is two hours: FDA Food Code 3-501.19, from memory four at most). */
const STANDS = 30;

const anyPot = fc.record({
  cut: fc.constantFrom('beef-shank', 'beef-brisket', 'pork-picnic', 'lamb-shoulder'),
  g: fc.integer({ min: 600, max: 9000 }),
  heat: fc.constantFrom('oven' as const, 'stove' as const, 'slow cooker' as const),
  sear: fc.boolean(),
  chilled: fc.boolean(),
  way: fc.constantFrom('hot' as const, 'settle' as const, 'chill' as const, 'leave' as const),
  after: fc.oneof(
    anyAfter,
    fc.constantFrom(...schools).map(afterBy),
    fc.constant(usualAfter({ strain: true, skim: 'hot' })),
  ),
  lifted: fc.boolean(),
});
const anyDay = fc.record({
  pots: fc.array(anyPot, { minLength: 1, maxLength: 3 }),
  serving: fc.integer({ min: 2, max: 60 }),
  hands: fc.integer({ min: 1, max: 3 }),
  kinds: fc.subarray(['taco', 'roll', 'folded taco', 'pasta'] as const, { minLength: 1 }),
  forward: fc.boolean(),
});
type AnyDay = typeof anyDay extends fc.Arbitrary<infer T> ? T : never;

function mealOf(
  { pots, serving, hands, kinds, forward }: AnyDay,
  pins: Readonly<Record<string, number>> = {},
) {
  const batches = pots.map(({ cut, g, heat, sear, chilled, way, after, lifted }, i): Batch => {
    const batch = withSkim(
      batchOf([lotOf(cut, g)], {
        sear,
        after: [...after],
        cook: [
          {
            id: 'p',
            heat,
            lid: 'on',
            ...(heat === 'slow cooker' && { setting: 'low' as const }),
            ...(heat === 'oven' && { setting: { text: '160 °C', lo: 160, hi: 160 } }),
          },
        ],
        ...(lifted && { lidOn: NOON - 6 * 60 * MINUTE }),
      }),
      way,
    );
    return {
      ...withChilling(batch, chilled || way === 'chill'),
      id: `pot ${String(i)}`,
      name: `Pot ${String(i)}`,
    };
  });
  const input = inputOf(
    batches,
    kinds.map((kind) => dishOf(kind, 12, { id: kind })),
  );
  const at = new Date(NOON + serving * 60 * MINUTE).toISOString().slice(0, 16);
  const taken = pots.flatMap(({ lifted }, i) =>
    lifted
      ? [
          {
            id: `out ${String(i)}`,
            at: NOON - MINUTE,
            batch: `pot ${String(i)}`,
            measures: { what: 'sum' as const, flow: 'cooked' as const },
            value: grams(500),
            measure: 'mass' as const,
            source: 'typed' as const,
          },
        ]
      : [],
  );
  return openMeal({
    ...input,
    entries: taken,
    meal: {
      ...input.meal,
      serving: { local: at, zone: 'UTC' },
      day: { hands, ...(forward && { forward: true as const }), pins },
    },
  });
}

/** Minutes in which something cooked stands without a line that holds, cools or reheats it; told with what it stands after. */
function uncovered({ lines, placed, serving }: DayPlan, now: number): readonly string[] {
  const batches = [...new Set(lines.flatMap(({ batch }) => batch ?? []))];
  const plates = lines.filter(({ ref }) => ref.kind === 'plates');
  return batches.flatMap((batch) => {
    const own = lines.filter((line) => line.batch === batch);
    const pot = own.filter(({ ref }) => ref.kind === 'pot');
    const raw = new Set([
      'trim',
      'brine',
      'marinate',
      'boil marinade',
      'stand',
      'toast',
      'soak',
      'blend',
      'blister',
      'chop',
      'smoke',
    ]);
    // From the first panful on it is no raw meat any more.
    const begun = own.filter(({ ref }) => !raw.has(ref.kind));
    if (begun.length === 0) return [];
    const told: string[] = [];
    let until = pot.length > 0 ? Math.min(...begun.map(({ from }) => from)) : now;
    // From its heat to its lifting the pot is one.
    const cook = placed.find(({ ref }) => ref.kind === 'pot' && ref.batch === batch);
    for (const line of [...begun, ...(cook ? [{ ...cook, key: 'the pot' }] : []), ...plates].sort(
      (a, b) => a.from - b.from,
    )) {
      const gap = (line.from - until) / MINUTE;
      if (gap > STANDS) told.push(`${batch}: ${String(Math.round(gap))} min before ${line.key}`);
      until = Math.max(until, line.to);
    }
    if (plates.length > 0 && (serving - until) / MINUTE > STANDS) told.push(`${batch}: after the plates`);
    return told;
  });
}

test('nothing cooked stands without a line that holds, cools or reheats it, whatever the day', () => {
  fc.assert(
    fc.property(anyDay, (any) => {
      const day = dayOf(mealOf(any), { now: NOON, tries: 0 });
      if (!day.unplanned) expect(uncovered(day, NOON)).toEqual([]);
    }),
    { numRuns: runs(1000, 60) },
  );
});

test('meat is browned right before it goes on: never kept overnight, by no plan', () => {
  fc.assert(
    fc.property(anyDay, fc.nat(20), (any, tries) => {
      const day = dayOf(
        mealOf({ ...any, pots: any.pots.map((pot) => ({ ...pot, sear: true, lifted: false })) }),
        {
          now: NOON,
          tries,
        },
      );
      for (const sear of day.lines.filter(({ ref, does }) => ref.kind === 'sear' && does.what === 'sear')) {
        const pot = day.lines.filter(({ ref, batch }) => ref.kind === 'pot' && batch === sear.batch);
        expect(Math.min(...pot.map(({ from }) => from)) - sear.to).toBeLessThanOrEqual(STANDS * MINUTE);
      }
      expect(day.notes.filter(({ what }) => what === 'left browned')).toEqual([]);
    }),
    { numRuns: runs(300, 20) },
  );
});

test('once it is browned the pot goes on, whatever is still to be chopped and however late it is served', () => {
  const batch = { ...batchOf([lotOf('beef-shank', 3000)], { sear: true }), id: 'pot 0' };
  const input = inputOf([batch], [dishOf('taco', 12)]);
  const seared = {
    id: 'seared',
    at: NOON - MINUTE,
    batch: 'pot 0',
    measures: { what: 'done' as const, task: 'pot 0|sear' },
    value: { text: 'done' },
    measure: 'time' as const,
    source: 'typed' as const,
  };
  const serving = { local: '2026-12-05T18:00', zone: 'UTC' };
  const { lines, placed } = dayOf(
    openMeal({ ...input, entries: [seared], meal: { ...input.meal, serving } }),
    {
      now: NOON,
      tries: 0,
    },
  );
  expect(lines.some(({ ref }) => ref.kind === 'sear')).toBe(false);
  const chop = placed.find(({ ref }) => ref.kind === 'chop');
  const pot = placed.find(({ ref }) => ref.kind === 'pot');
  expect(((chop?.from ?? NaN) - NOON) / MINUTE).toBeLessThan(STANDS);
  expect(((pot?.from ?? NaN) - NOON) / MINUTE).toBeLessThan(45);
  expect(pot?.from).toBeGreaterThanOrEqual(chop?.to ?? NaN);
});

test('what was chilled lies in the fridge until it is reheated: nobody is told to hold it hot; no two lines bear one key', () => {
  const done = (kind: string, at: number) => ({
    id: kind,
    at,
    batch: 'pot 0',
    measures: { what: 'done' as const, task: `pot 0|${kind}` },
    value: { text: 'done' },
    measure: 'time' as const,
    source: 'typed' as const,
  });
  const batch = withChilling(
    { ...batchOf([lotOf('beef-shank', 3000)]), id: 'pot 0', lidOn: NOON - 20 * 60 * MINUTE },
    true,
  );
  const input = inputOf([batch], [dishOf('taco', 12, { id: 'a' }), dishOf('roll', 12, { id: 'b' })]);
  const entries = ['pot', 'pull', 'chill'].map((kind, i) => done(kind, NOON - (30 - i) * MINUTE));
  const serving = { local: '2026-12-04T20:00', zone: 'UTC' };
  const { lines } = dayOf(openMeal({ ...input, entries, meal: { ...input.meal, serving } }), {
    now: NOON,
    tries: 0,
  });
  const held = lines.flatMap(({ does, batch: of }) =>
    does.what === 'hold' && of === 'pot 0' ? [does.where] : [],
  );
  expect(held).toContain('in the fridge');
  expect(held).not.toContain('in its liquid');
  const beforeReheating = lines.slice(
    0,
    lines.findIndex(({ does }) => does.what === 'bring together'),
  );
  expect(beforeReheating.some(({ does }) => does.what === 'hold' && does.where === 'hot')).toBe(false);
  expect(new Set(lines.map(({ key }) => key)).size).toBe(lines.length);
});

test('a cook who puts the pot apart from its searing gets it so, with the caution beside it', () => {
  const any: AnyDay = {
    pots: [
      {
        cut: 'beef-shank',
        g: 3000,
        heat: 'oven',
        sear: true,
        chilled: false,
        way: 'hot',
        after: usualAfter({ strain: true, skim: 'hot' }),
        lifted: false,
      },
    ],
    serving: 40,
    hands: 2,
    kinds: ['taco'],
    forward: false,
  };
  const sear = NOON + 9 * 60 * MINUTE;
  const day = dayOf(mealOf(any, { 'pot 0|sear': sear, 'pot 0|pot': sear + 10 * 60 * MINUTE }), {
    now: NOON,
    tries: 0,
  });
  expect(day.lines.find(({ ref }) => ref.kind === 'sear')?.from).toBe(sear);
  const note = day.notes.find(({ what }) => what === 'left browned');
  expect(note && dayNoteWords(note, { moment: String }, () => undefined)).toMatch(
    /^Pot 0 would lie browned for [\d.]+ h/,
  );
});

test('plates that one pair of hands fills for an hour and more are said, and held hot until they are served', () => {
  const input = inputOf(
    [batchOf([lotOf('beef-brisket', 9000)])],
    [dishOf('taco', 90, { id: 'tacos' }), dishOf('roll', 60, { id: 'rolls' })],
  );
  const serving = { local: '2026-12-06T18:00', zone: 'UTC' };
  const meal = { ...input.meal, serving, day: { hands: 1 } };
  const { lines, notes, serving: served } = dayOf(openMeal({ ...input, meal }), { now: NOON, tries: 0 });
  const held = lines.filter(({ ref, does }) => ref.kind === 'plates' && does.what === 'hold');
  expect(held.length).toBeGreaterThan(0);
  for (const { to } of held) expect(to).toBe(served);
  const note = notes.find(({ what }) => what === 'plates wait');
  expect(note && dayNoteWords(note, { moment: String }, () => undefined)).toMatch(
    /filled \d+ min before they are served/,
  );
});

test('a pot that is chilled stays so, whichever way its fat comes off, and what is out of its pot is cooled now', () => {
  const shank = withChilling(batchOf([lotOf('beef-shank', 2000)]), true);
  for (const way of ['settle', 'hot', 'leave', 'chill'] as const) {
    const pot = withSkim(shank, way);
    const input = inputOf([{ ...pot, lidOn: NOON - 10 * 60 * MINUTE }], [dishOf('taco', 12)]);
    const out = {
      id: 'out',
      at: NOON - MINUTE,
      batch: pot.id,
      measures: { what: 'sum' as const, flow: 'cooked' as const },
      value: grams(1100),
      measure: 'mass' as const,
      source: 'typed' as const,
    };
    const serving = { local: '2026-12-05T18:00', zone: 'UTC' };
    const { lines } = dayOf(openMeal({ ...input, entries: [out], meal: { ...input.meal, serving } }), {
      now: NOON,
      tries: 0,
    });
    const fast = lines.find(({ does }) => does.what === 'cool fast');
    expect(fast && (fast.from - NOON) / MINUTE).toBeLessThan(90);
    expect(lines.some(({ does }) => does.what === 'settle')).toBe(way === 'settle');
    expect(lines.find(({ does }) => does.what === 'bring together')?.does).toEqual({
      what: 'bring together',
      how: 'reheated',
    });
  }
});
