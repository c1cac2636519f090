import {
  type Batch,
  type DishKind,
  type Entry,
  type Meal,
  type OwnTask,
  usualBatch,
  type Measured,
} from '@/core/meal/index.ts';
import { wallTimeOf } from '@/core/clock/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';

const DAY = 86_400_000;
const HOUR = 3_600_000;
const MINUTE = 60_000;

/** A past cook of the demo's hall: invented, as its log would have it. */
interface Past {
  readonly name: string;
  readonly daysAgo: number;
  readonly cut: 'beef-shank' | 'beef-blade-roast' | 'lamb-shoulder';
  readonly rawG: number;
  readonly dish: DishKind;
  readonly plates: number;
  readonly perKg: string;
  /** Bones, pickings, shred, g, and ml of broth; absent: nobody weighed. */
  readonly weighed?: readonly [bone: number, pickings: number, shred: number, broth: number];
  /** Minutes in the oven when a fork still said no, and when it turned freely. */
  readonly forks: readonly [no: number, yes: number];
  /** Minutes from the bench to the bowl. */
  readonly pulled: number;
  /** Minutes at the board, and at the onions that somebody pickled. */
  readonly trimmed?: number;
  readonly onions?: number;
  /** The shred with the broth it was dressed with, g. */
  readonly dressed?: number;
  /** Plates that were filled by the scoop on the scale, g. */
  readonly scooped?: readonly number[];
  readonly guessG?: number;
  readonly closed: Omit<NonNullable<Batch['closed']>, 'at'>;
  readonly leftOut?: true;
  readonly notes?: string;
}

const past: readonly Past[] = [
  {
    name: 'Crew lunch',
    daysAgo: 271,
    cut: 'beef-shank',
    rawG: 2600,
    dish: 'taco',
    plates: 18,
    perKg: '9.20',
    weighed: [845, 90, 985, 820],
    forks: [190, 225],
    pulled: 24,
    guessG: 1250,
    closed: { verdict: 'just enough', rating: 4 },
  },
  {
    name: 'Rolls for forty',
    daysAgo: 243,
    cut: 'beef-shank',
    rawG: 5200,
    dish: 'roll',
    plates: 14,
    perKg: '9.20',
    weighed: [1690, 245, 1860, 1650],
    forks: [205, 245],
    pulled: 46,
    trimmed: 50,
    onions: 40,
    guessG: 2300,
    closed: { verdict: 'short', by: 2, rating: 3, noTime: 'picking the herbs' },
    notes: 'Start the pulling half an hour sooner.',
  },
  {
    name: 'Quay market',
    daysAgo: 201,
    cut: 'beef-blade-roast',
    rawG: 6000,
    dish: 'taco',
    plates: 50,
    perKg: '11.80',
    weighed: [800, 350, 2760, 2850],
    forks: [180, 205],
    pulled: 45,
    guessG: 3100,
    closed: { verdict: 'just enough', rating: 5 },
  },
  {
    name: 'Small table',
    daysAgo: 180,
    cut: 'lamb-shoulder',
    rawG: 1800,
    dish: 'pasta',
    plates: 7,
    perKg: '14.50',
    weighed: [270, 95, 740, 850],
    forks: [150, 180],
    pulled: 18,
    guessG: 900,
    closed: { verdict: 'just enough', rating: 5 },
  },
  {
    name: 'Long table',
    daysAgo: 159,
    cut: 'beef-shank',
    rawG: 3400,
    dish: 'taco',
    plates: 24,
    perKg: '9.40',
    weighed: [1110, 110, 1335, 1080],
    forks: [195, 220],
    pulled: 27,
    guessG: 1450,
    closed: { verdict: 'over', by: 1, rating: 4 },
  },
  {
    name: 'Boat day',
    daysAgo: 124,
    cut: 'lamb-shoulder',
    rawG: 2400,
    dish: 'roll',
    plates: 8,
    perKg: '14.50',
    weighed: [360, 120, 1000, 1180],
    forks: [150, 175],
    pulled: 22,
    guessG: 1080,
    closed: { verdict: 'over', by: 1, rating: 4 },
  },
  {
    name: 'Harvest tacos',
    daysAgo: 82,
    cut: 'beef-shank',
    rawG: 4800,
    dish: 'taco',
    plates: 34,
    perKg: '9.60',
    weighed: [1560, 160, 2610, 1500],
    forks: [200, 240],
    pulled: 42,
    closed: { verdict: 'just enough', rating: 4 },
    leftOut: true,
    notes: 'The bowl was not tared.',
  },
  {
    name: 'Rain supper',
    daysAgo: 61,
    cut: 'beef-blade-roast',
    rawG: 6200,
    dish: 'roll',
    plates: 21,
    perKg: '12.10',
    weighed: [830, 400, 2790, 2960],
    forks: [180, 215],
    pulled: 47,
    trimmed: 55,
    dressed: 2990,
    guessG: 2950,
    closed: { verdict: 'short', by: 1, rating: 4 },
  },
  {
    name: 'First frost',
    daysAgo: 40,
    cut: 'beef-shank',
    rawG: 5800,
    dish: 'taco',
    plates: 40,
    perKg: '9.60',
    weighed: [1900, 215, 2190, 1890],
    forks: [200, 235],
    pulled: 44,
    trimmed: 52,
    onions: 35,
    dressed: 2510,
    scooped: [36, 35, 38, 36, 37],
    guessG: 2280,
    closed: { verdict: 'just enough', rating: 5 },
  },
  {
    name: 'Pie night',
    daysAgo: 19,
    cut: 'beef-shank',
    rawG: 4400,
    dish: 'hand pie',
    plates: 24,
    perKg: '9.80',
    weighed: [1430, 190, 1605, 1460],
    forks: [195, 230],
    pulled: 35,
    trimmed: 40,
    onions: 30,
    guessG: 1660,
    closed: { verdict: 'just enough', rating: 4, noTime: 'skimming it cold' },
    notes: 'Peel the membrane while it is warm.',
  },
  {
    name: 'Choir evening',
    daysAgo: 12,
    cut: 'beef-blade-roast',
    rawG: 3200,
    dish: 'taco',
    plates: 26,
    perKg: '12.40',
    forks: [170, 200],
    pulled: 26,
    closed: { verdict: 'over', by: 2, rating: 5 },
  },
];

const onions: OwnTask = {
  id: 'demo-onions',
  words: 'Pickle red onions',
  minutes: { text: '20 min', lo: 20, hi: 20 },
  when: 'any time',
};

const grams = (g: number) => ({
  text: g >= 1000 ? `${String(g / 1000)} kg` : `${String(g)} g`,
  lo: g,
  hi: g,
});

/** The hall's eleven past cooks, as many days ago as they were in the scene. */
export const demoLog = (scene: number, zone: string): readonly Omit<LoadedMeal, 'kitchen'>[] =>
  past.map((one) => mealOf(one, scene, zone));

function mealOf(one: Past, scene: number, zone: string): Omit<LoadedMeal, 'kitchen'> {
  const id = `demo-past-${one.name.toLowerCase().replaceAll(' ', '-')}`;
  const served = scene + 3 * HOUR - one.daysAgo * DAY;
  const lidOn = served - 7 * HOUR;
  const bench = lidOn + (one.forks[1] + 30) * MINUTE;
  const entry = (name: string, at: number, value: Entry['value'], measured: Measured): Entry => ({
    id: `${id}-${name}`,
    at,
    batch: id,
    value,
    source: 'typed',
    ...measured,
  });
  const fork = (feel: 'gives but holds' | 'turns freely', minutes: number) =>
    entry(
      feel,
      lidOn + minutes * MINUTE,
      { text: feel },
      { measures: { what: 'check', feel }, measure: 'feel' },
    );
  const sum = (flow: 'cooked' | 'bone' | 'pickings' | 'shred' | 'dressed', g: number, at: number) =>
    entry(flow, at, grams(g), { measures: { what: 'sum', flow }, measure: 'mass' });
  const [bone, pickings, shred, broth] = one.weighed ?? [];
  const weighed =
    bone === undefined || pickings === undefined || shred === undefined || broth === undefined
      ? []
      : [
          sum('cooked', bone + pickings + (one.leftOut ? Math.round(0.7 * shred) : shred), bench),
          sum('bone', bone, bench + MINUTE),
          sum('pickings', pickings, bench + (one.pulled - 2) * MINUTE),
          sum('shred', shred, bench + one.pulled * MINUTE),
          entry(
            'liquid',
            bench + (one.pulled + 20) * MINUTE,
            { text: `${String(broth)} ml`, lo: broth, hi: broth },
            { measures: { what: 'sum', flow: 'liquid' }, measure: 'volume' },
          ),
        ];
  const meal: Meal = {
    id,
    name: one.name,
    serving: wallTimeOf(served, zone),
    dishes: [
      {
        id: `${id}-dish`,
        kind: one.dish,
        count: { text: String(one.plates), lo: one.plates, hi: one.plates },
      },
    ],
    batches: [id],
    ...(one.onions !== undefined && { day: { tasks: [onions] } }),
    ...(one.notes !== undefined && { notes: one.notes }),
  };
  const batch: Batch = {
    ...usualBatch(id, 'Pot one'),
    lots: [
      {
        id: `${id}-lot`,
        kind: 'meat',
        cut: one.cut,
        weight: grams(one.rawG),
        price: { text: one.perKg, amount: Number(one.perKg), per: 'kg' },
      },
    ],
    size: 'chunks',
    picking: 'membrane',
    cook: [{ id: 'heat', heat: 'oven', lid: 'on', setting: { text: '160 °C', lo: 160, hi: 160 } }],
    lidOn,
    closed: { at: served + 2 * HOUR, ...one.closed },
    ...(one.leftOut && { leftOut: true }),
    ...(one.guessG !== undefined && { guessG: grams(one.guessG) }),
  };
  const ticked = (task: string, minutes: number | undefined, at: number) =>
    minutes === undefined
      ? []
      : [
          entry(
            task,
            at,
            { text: `${String(minutes)} min`, lo: minutes, hi: minutes },
            { measures: { what: 'done', task }, measure: 'time' },
          ),
        ];
  const tasks = [
    ...ticked(`${id}|trim`, one.trimmed, lidOn - HOUR),
    ...ticked(`own|${onions.id}`, one.onions, served - HOUR),
  ];
  const dressed =
    one.dressed === undefined ? [] : [sum('dressed', one.dressed, bench + (one.pulled + 25) * MINUTE)];
  const plates = (one.scooped ?? []).map((g, i) =>
    entry(`plate-${String(i)}`, served + i * MINUTE, grams(g), {
      measures: { what: 'plated', dish: `${id}-dish`, by: { scoop: 'scoop-16', times: 1 } },
      measure: 'mass',
    }),
  );
  const forks = [fork('gives but holds', one.forks[0]), fork('turns freely', one.forks[1])];
  return { meal, batches: [batch], entries: [...tasks, ...forks, ...weighed, ...dressed, ...plates] };
}
