import { describe, expect, test } from '@jest/globals';
import type { Kitchen } from '../../../meal/index.ts';
import { openMeal } from '../../../model/index.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../../testing/meals.ts';
import { dayOf } from './day.ts';

const NOW = Date.UTC(2026, 11, 5, 5);
const MINUTE = 60_000;
const hands = [
  { id: 'ida', name: 'Ida' },
  { id: 'bram', name: 'Bram', at: 'shed' },
];
const shed = { id: 'shed', name: 'boat shed', road: { text: '20 min', lo: 20, hi: 20 }, hands: 1 };
const stove = (id: string, at?: string) => ({ id, name: id, kind: 'burner' as const, ...(at && { at }) });
const oven = (id: string, at?: string) => ({
  ...{ id, name: id, kind: 'oven' as const, widthCm: 45, heightCm: 35 },
  ...(at && { at }),
});
const heatSources = [
  ...['a', 'b'].map((id) => stove(id)),
  oven('oven'),
  ...['c', 'd'].map((id) => stove(id, 'shed')),
  oven('shed oven', 'shed'),
];

/** Two pots alike: one here and one in the shed, or both here. */
function day(
  places: Partial<Pick<Kitchen, 'places'>>,
  at: string | undefined,
  sources = heatSources,
  ids = ['here', 'there'],
) {
  const pots = ids.map((id) => ({
    ...batchOf([lotOf('beef-blade-roast', 2500, { id: `${id} lot` })]),
    id,
    name: id,
    ...(id !== 'here' && at !== undefined && { at }),
  }));
  const input = inputOf(pots, [dishOf('taco', 40)]);
  const kitchen: Kitchen = {
    ...input.kitchen,
    hands,
    heatSources: sources,
    fridges: [
      { id: 'f', name: 'fridge', kind: 'fridge', shelves: 4 },
      { id: 'g', name: 'shed fridge', kind: 'fridge', shelves: 4, at: 'shed' },
    ],
    ...places,
  };
  const meal = {
    ...input.meal,
    batches: ids,
    serving: { local: '2026-12-05T19:00', zone: 'UTC' },
    day: { cooks: ['ida', 'bram'], hands: 2 },
  };
  return dayOf(openMeal({ ...input, kitchen, meal }), { now: NOW, tries: 40 });
}

describe('a second kitchen', () => {
  const plan = day({ places: [shed] }, 'shed');

  test('has its own hands: what is done there is done by who works there, at one time with what is done here', () => {
    const who = (batch: string) =>
      new Set(plan.lines.filter((line) => line.batch === batch).flatMap((line) => line.who ?? []));
    expect([...who('there')]).toEqual(['bram']);
    expect([...who('here')]).toEqual(['ida']);
    expect(plan.unplaced).toEqual([]);
    expect(plan.lacks).toEqual([]);
  });

  test('is a road away: what is cooked there is carried over, hot, before a plate is filled', () => {
    const carry = plan.lines.find(({ ref }) => ref.kind === 'carry');
    const fill = plan.lines.find(({ ref }) => ref.kind === 'plates');
    const done = plan.placed.find(({ ref }) => ref.kind === 'together' && ref.batch === 'there');
    expect(carry?.does).toEqual({ what: 'carry', cold: false });
    // Ten minutes to load it and twenty on the road.
    expect((carry?.to ?? 0) - (carry?.from ?? 0)).toBe(30 * MINUTE);
    expect(carry?.from).toBeGreaterThanOrEqual(done?.to ?? Infinity);
    expect(fill?.from).toBeGreaterThanOrEqual(carry?.to ?? Infinity);
    expect(plan.lines.filter(({ ref }) => ref.kind === 'carry')).toHaveLength(1);
    expect(plan.lateMin).toBe(0);
  });

  test('sends what several of its pots leave in one go, once the last of them is done', () => {
    const both = day({ places: [shed] }, 'shed', heatSources, ['here', 'there', 'beside']);
    const trips = both.lines.filter(({ ref }) => ref.kind === 'carry');
    expect(trips).toHaveLength(1);
    const done = both.placed.filter(({ ref }) => ref.kind === 'together' && ref.batch !== 'here');
    expect(done).toHaveLength(2);
    for (const { to } of done) expect(trips[0]?.from).toBeGreaterThanOrEqual(to);
    const fill = both.lines.find(({ ref }) => ref.kind === 'plates');
    expect(fill?.from).toBeGreaterThanOrEqual(trips[0]?.to ?? Infinity);
  });

  test('lacks what nobody has written of it: an oven here is none there', () => {
    const cold = day(
      { places: [shed] },
      'shed',
      heatSources.filter(({ at, kind }) => at === undefined || kind === 'burner'),
    );
    expect(cold.lacks).toContainEqual({ what: 'none', kind: 'oven' });
    expect(plan.lacks).toEqual([]);
  });

  test('a place that is not there any more is the kitchen itself, and one kitchen is planned as ever', () => {
    const [gone, plain] = [day({}, 'shed'), day({}, undefined)];
    expect(gone.lines).toEqual(plain.lines);
    expect(gone.lines.some(({ ref }) => ref.kind === 'carry')).toBe(false);
  });
});
