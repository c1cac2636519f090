/**
 * Writes examples/*.json: small meals that show the file's format, and the demo's supper.
 *   node --import tsx scripts/examples.ts
 */
import { writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { mealFileOf, readMealFile, writeMealFile } from '../src/core/meal/file/index.ts';
import {
  afterBy,
  type AfterStep,
  type Batch,
  type Dish,
  type Entry,
  type Feel,
  type Kitchen,
  type Lot,
  type MealFile,
  type School,
  usualAfter,
  usualBatch,
  usualKitchen,
  type Weighable,
} from '../src/core/meal/index.ts';
import { type Measure, readQuantity } from '../src/core/quantity/index.ts';
import { reference } from '../src/reference/index.ts';

function typed(text: string, measure: Measure = 'mass') {
  const reading = readQuantity(text, measure);
  if (!reading.ok) throw new Error(reading.error);
  return reading.quantity;
}
const lot = (id: string, cut: string, weight: string, changes: Partial<Lot> = {}): Lot => ({
  id,
  kind: 'meat',
  cut,
  weight: typed(weight),
  ...changes,
});
const unstrained = [...usualAfter({ strain: false, skim: 'hot' })];
const batch = (id: string, name: string, lots: Lot[], changes: Partial<Batch> = {}): Batch => ({
  ...usualBatch(id, name),
  lots,
  ...changes,
});
const dish = (id: string, kind: Dish['kind'], count: number, changes: Partial<Dish> = {}): Dish => ({
  id,
  kind,
  count: typed(String(count), 'count'),
  ...changes,
});
const beside = (
  id: string,
  name: string,
  each: string,
  holds?: NonNullable<Dish['besides']>[number]['holds'],
): NonNullable<Dish['besides']>[number] => ({
  id,
  name,
  each: typed(each),
  measure: 'mass',
  ...(holds && { holds }),
});
const sum = (id: string, at: string, batchId: string, flow: Weighable, text: string): Entry => ({
  id,
  at: Date.parse(at),
  batch: batchId,
  measures: { what: 'sum', flow },
  value: typed(text),
  measure: 'mass',
  source: 'scale',
});

const mark = (id: string, at: string, batchId: string, liquid: string, text: string): Entry => ({
  id,
  at: Date.parse(at),
  batch: batchId,
  measures: { what: 'mark', liquid },
  value: typed(text, 'volume'),
  measure: 'volume',
  source: 'typed',
});

const back = (id: string, at: string, batchId: string, thing: string, n: number): Entry => ({
  id,
  at: Date.parse(at),
  batch: batchId,
  measures: { what: 'back', thing },
  value: typed(String(n), 'count'),
  measure: 'count',
  source: 'typed',
});

const fork = (id: string, at: string, batchId: string, feel: Feel): Entry => ({
  id,
  at: Date.parse(at),
  batch: batchId,
  measures: { what: 'check', feel },
  value: { text: feel },
  measure: 'feel',
  source: 'typed',
});

function write(
  file: string,
  id: string,
  name: string,
  dishes: Dish[],
  batches: Batch[],
  more: { entries?: Entry[]; kitchen?: Partial<Kitchen>; meal?: Partial<MealFile['meal']> } = {},
): void {
  const meal = mealFileOf(
    {
      meal: { id, name, dishes, batches: batches.map((b) => b.id), ...more.meal },
      batches,
      entries: more.entries ?? [],
      kitchen: { ...usualKitchen, ...more.kitchen },
    },
    reference.version,
  );
  const text = writeMealFile(meal);
  const reading = readMealFile(text);
  if (!reading.ok) throw new Error(`${file}: ${reading.error}`);
  writeFileSync(fileURLToPath(new URL(`../examples/${file}.json`, import.meta.url)), text);
}

const perKg = (text: string) => ({ price: { text, amount: Number(text), per: 'kg' as const } });

write(
  'one-lot',
  'example-one-lot',
  'Tacos for twelve',
  [dish('tacos', 'taco', 24)],
  [batch('one-pot', 'Pot one', [lot('blade', 'beef-blade-roast', '5 lb 4 oz')])],
);

write(
  'mixed-lots',
  'example-mixed-lots',
  'Bowls and rolls',
  [dish('bowls', 'soup', 6), dish('rolls', 'roll', 8)],
  [
    batch('mixed-pot', 'Pot one', [
      lot('shank', 'beef-shank', '2 × 900 g'),
      lot('ribs', 'beef-short-ribs', '1.2–1.5 kg', { trim: 'thick fat' }),
      lot('under-blade', 'beef-under-blade', '1,1 kg'),
    ]),
  ],
);

write(
  'own-cut',
  'example-own-cut',
  'Tail for pasta',
  [dish('pasta', 'pasta', 8, { way: 'even' })],
  [batch('tail-pot', 'Pot one', [lot('tail', 'oxtail', '3.2 kg')], { after: unstrained, size: 'ribs' })],
  {
    kitchen: {
      cuts: [
        {
          id: 'oxtail',
          name: 'Oxtail',
          like: 'beef-shank',
          composition: { protein: 0.19, fat: 0.13 },
          boneShare: 0.48,
        },
      ],
    },
  },
);

write(
  'two-batches',
  'example-two-batches',
  'Two pots, one table',
  [dish('tacos', 'taco', 40), dish('bowls', 'soup', 8)],
  [
    batch('beef-pot', 'Beef', [lot('shank', 'beef-shank', '3 kg')], { level: 'cover' }),
    batch('lamb-pot', 'Lamb', [lot('shoulder', 'lamb-shoulder', '3 kg')], {
      level: 'half way',
      cook: [{ id: 'heat3', heat: 'slow cooker', setting: 'low', lid: 'on' }],
      sear: false,
    }),
  ],
);

write(
  'weighed',
  'example-weighed',
  'Weighed as it came',
  [dish('tacos', 'taco', 30)],
  [
    batch('weighed-pot', 'Pot one', [
      lot('blade', 'beef-blade-roast', '2.6 kg'),
      lot('brisket', 'beef-brisket', '1.4 kg'),
    ]),
  ],
  {
    entries: [
      sum('trimmings', '2026-11-21T09:10:00Z', 'weighed-pot', 'trim', '180 g'),
      sum('bones', '2026-11-21T13:42:00Z', 'weighed-pot', 'bone', '390 g'),
      sum('pickings', '2026-11-21T13:58:00Z', 'weighed-pot', 'pickings', '240 g'),
      sum('shred', '2026-11-21T14:05:00Z', 'weighed-pot', 'shred', '1.98 kg'),
      sum('jug', '2026-11-21T14:20:00Z', 'weighed-pot', 'liquid', '1.9 kg'),
    ],
  },
);

const step = (what: AfterStep['what'], more: Partial<AfterStep> = {}): AfterStep => ({
  id: what,
  what,
  ...more,
});
/** The school's steps with others put in before one of them. */
const with_ = (school: School, before: AfterStep['what'], ...more: AfterStep[]): AfterStep[] => {
  const steps = [...afterBy(school)];
  const at = steps.findIndex(({ what }) => what === before);
  return [...steps.slice(0, at), ...more, ...steps.slice(at)];
};
const shank = (id: string) => [lot(`${id}-shank`, 'beef-shank', '3 kg')];

write(
  'part-boiled-down',
  'example-part-boiled-down',
  'Rolls with a dip boiled down',
  [dish('rolls', 'roll', 8)],
  [
    batch('down-pot', 'Pot one', shank('down'), {
      level: 'cover',
      after: with_(
        'broth',
        'dress',
        step('set apart', { as: 'dip', amount: typed('900 ml', 'volume'), measure: 'volume' }),
        step('boil down', { liquid: 'dip', to: typed('600 ml', 'volume') }),
      ),
    }),
  ],
  {
    entries: [
      mark('first-mark', '2026-11-21T15:02:00Z', 'down-pot', 'dip', '850 ml'),
      mark('second-mark', '2026-11-21T15:12:00Z', 'down-pot', 'dip', '700 ml'),
    ],
  },
);

write(
  'sauce-apart',
  'example-sauce-apart',
  'A sauce brought in',
  [dish('pasta', 'pasta', 10)],
  [
    batch('apart-pot', 'Pot one', shank('apart'), {
      after: with_(
        'broth',
        'dress',
        step('set apart', { as: 'sauce', amount: typed('700 ml', 'volume'), measure: 'volume' }),
        step('add', {
          liquid: 'sauce',
          ref: 'tomatoes-canned',
          amount: typed('800 g'),
          measure: 'mass',
        }),
      ),
    }),
  ],
);

write(
  'starch',
  'example-starch',
  'Thickened with starch',
  [dish('gravy', 'long roll', 8)],
  [
    batch('starch-pot', 'Pot one', shank('starch'), {
      after: with_(
        'broth',
        'dress',
        step('thicken', { with: 'starch', amount: typed('20 g'), measure: 'mass' }),
        step('salt', { amount: typed('2 g'), measure: 'mass' }),
      ),
    }),
  ],
);

write(
  'stretched',
  'example-stretched',
  'A filling stretched with potatoes',
  [dish('pies', 'hand pie', 24)],
  [
    batch('stretch-pot', 'Pot one', shank('stretch'), {
      after: with_(
        'sauce',
        'meat back',
        step('stretch', { ref: 'potato', amount: typed('600 g'), measure: 'mass' }),
      ),
    }),
  ],
);

write(
  'torn',
  'example-torn',
  'Torn and put back',
  [dish('tacos', 'taco', 24)],
  [batch('torn-pot', 'Pot one', shank('torn'), { tear: typed('30 min', 'duration'), after: unstrained })],
);

write(
  'kept-in-sauce',
  'example-kept-in-sauce',
  'Meat kept in its sauce',
  [dish('pasta', 'pasta', 10)],
  [
    batch('kept-pot', 'Pot one', shank('kept'), {
      after: [...afterBy('sauce'), step('hold', { minutes: typed('2 h', 'duration') })],
    }),
  ],
);

write(
  'by-spoon',
  'example-by-spoon',
  'Weighed by a spoon alone',
  [dish('tacos', 'taco', 24)],
  [
    batch('spoon-pot', 'Pot one', shank('spoon'), {
      cook: [
        { id: 'heat2', heat: 'oven', setting: typed('160 °C', 'temperature'), lid: 'on', vessel: 'pot-28' },
      ],
      after: [...afterBy('in the pot')],
    }),
  ],
  {
    entries: [
      {
        id: 'spoon-wet',
        at: Date.parse('2026-11-21T14:40:00Z'),
        batch: 'spoon-pot',
        measures: { what: 'stock', stock: 'pot', vessel: 'pot-28' },
        value: { text: '6.5 cm', lo: 6.5, hi: 6.5 },
        measure: 'depth',
        source: 'typed',
      },
    ],
  },
);

write(
  'lantern-supper',
  'demo-lantern-supper',
  'Winter lantern supper',
  [
    dish('tacos', 'taco', 48, { besides: [beside('pickle', 'pickled red onion', '12 g', ['sulphites'])] }),
    dish('rolls', 'roll', 22, { name: 'barley rolls with a dip cup' }),
    dish('pasta', 'pasta', 16, {
      name: 'trays of pasta',
      besides: [beside('cheese', 'hard cheese, grated', '15 g', ['milk'])],
    }),
    dish('pies', 'hand pie', 12),
  ],
  [
    batch(
      'demo-pot-one',
      'Pot one',
      [
        lot('demo-shank', 'beef-shank', '4.2 kg', { ...perKg('9.80'), pieces: { count: 12 } }),
        lot('demo-blade', 'beef-blade-roast', '5.6 kg', perKg('12.40')),
      ],
      {
        size: 'chunks',
        items: [
          { id: 'demo-one-onion', ref: 'onion', state: 'in', put: Date.parse('2026-12-05T08:05:00Z') },
          { id: 'demo-one-carrot', ref: 'carrot', state: 'in', put: Date.parse('2026-12-05T08:06:00Z') },
          {
            id: 'demo-one-stock',
            ref: 'stock-low-salt',
            state: 'in',
            put: Date.parse('2026-12-05T08:20:00Z'),
          },
          {
            id: 'demo-one-bay',
            ref: 'bay-leaf',
            amount: typed('4', 'count'),
            measure: 'count',
            state: 'in',
            put: Date.parse('2026-12-05T08:20:00Z'),
          },
        ],
        lidOn: Date.parse('2026-12-05T08:24:00Z'),
        cools: [
          {
            id: 'demo-cool',
            what: 'liquid',
            vessel: 'pot-20',
            pans: 1,
            grams: typed('2 kg', 'mass'),
            way: 'fridge',
            start: Date.parse('2026-12-05T13:35:00Z'),
          },
        ],
      },
    ),
    batch('demo-pot-two', 'Pot two', [lot('demo-lamb', 'lamb-shoulder', '2 × 3.3 kg', perKg('13.90'))], {
      lidOn: Date.parse('2026-12-05T11:10:00Z'),
      after: unstrained,
      level: 'half way',
      items: [
        {
          id: 'demo-wine',
          ref: 'wine-red',
          amount: typed('600 ml', 'volume'),
          measure: 'volume',
          boiledTo: typed('200 ml', 'volume'),
          state: 'in',
        },
        {
          id: 'demo-onion',
          ref: 'onion',
          amount: typed('4', 'count'),
          measure: 'count',
          prep: 'peeled',
          state: 'in',
        },
        {
          id: 'demo-carrot',
          ref: 'carrot',
          amount: typed('3', 'count'),
          measure: 'count',
          prep: 'peeled',
          state: 'in',
        },
        {
          id: 'demo-garlic',
          ref: 'garlic',
          amount: typed('8', 'count'),
          measure: 'count',
          prep: 'peeled',
          state: 'in',
        },
        {
          id: 'demo-tomato',
          ref: 'tomatoes-canned',
          amount: typed('800 g'),
          measure: 'mass',
          prep: 'drained',
          state: 'in',
        },
        { id: 'demo-stock', ref: 'stock-low-salt', state: 'in' },
        { id: 'demo-bay', ref: 'bay-leaf', amount: typed('3', 'count'), measure: 'count', state: 'in' },
        {
          id: 'demo-rind',
          ref: 'cheese-rind',
          amount: typed('1', 'count'),
          measure: 'count',
          out: { phase: 0, minutes: 90 },
          state: 'in',
        },
        {
          id: 'demo-back',
          ref: 'stock-low-salt',
          amount: typed('300 ml', 'volume'),
          measure: 'volume',
          state: 'held back',
        },
      ],
    }),
    batch('demo-slow', 'Slow cooker', [lot('demo-brisket', 'beef-brisket', '2.9 kg', perKg('11.20'))], {
      sear: false,
      cook: [{ id: 'heat', heat: 'slow cooker', setting: 'high', lid: 'on' }],
      level: 'half way',
      lidOn: Date.parse('2026-12-05T06:20:00Z'),
    }),
  ],
  {
    kitchen: {
      heatSources: [
        { id: 'hall-burner-1', name: 'large burner', kind: 'burner' },
        { id: 'hall-burner-2', name: 'second burner', kind: 'burner' },
        { id: 'hall-burner-3', name: 'third burner', kind: 'burner' },
        { id: 'hall-burner-4', name: 'small burner', kind: 'burner' },
        { id: 'hall-oven', name: 'range oven', kind: 'oven', heightCm: 32 },
        { id: 'hall-wall-oven', name: 'wall oven', kind: 'oven', heightCm: 30 },
        { id: 'hall-base', name: 'slow cooker base', kind: 'slow cooker base' },
      ],
    },
    meal: {
      serving: { local: '2026-12-05T18:00', zone: 'Europe/Amsterdam' },
      place: 'here',
      avoid: ['pork'],
      avoidFor: { pork: 4 },
      parcels: [
        {
          id: 'demo-shed',
          place: 'the boat shed',
          dishes: [{ dish: 'pies', count: 6 }],
          cold: true,
          out: '17:15',
          note: 'Twelve minutes at 180 °C, then out on the board.',
        },
      ],
      day: {
        hands: 3,
        tasks: [
          {
            id: 'demo-toast',
            words: 'Toast the rolls',
            minutes: typed('12 min', 'duration'),
            needs: 'oven',
            when: 'serving',
          },
          {
            id: 'demo-pickle',
            words: 'Pickle red onions',
            minutes: typed('20 min', 'duration'),
            when: 'any time',
          },
        ],
      },
    },
    entries: [
      fork('demo-fork-one', '2026-12-05T11:50:00Z', 'demo-pot-one', 'turns freely'),
      {
        id: 'demo-cool-one',
        at: Date.parse('2026-12-05T13:55:00Z'),
        batch: 'demo-pot-one',
        measures: { what: 'temperature', thing: 'demo-cool' },
        value: typed('52 °C', 'temperature'),
        measure: 'temperature',
        source: 'probe',
      },
      fork('demo-fork-two', '2026-12-05T13:40:00Z', 'demo-pot-two', 'resists'),
      back('demo-shank-bones', '2026-12-05T13:33:00Z', 'demo-pot-one', 'demo-shank', 12),
      back('demo-bay-back', '2026-12-05T13:38:00Z', 'demo-pot-one', 'demo-one-bay', 3),
      sum('demo-bones', '2026-12-05T13:34:00Z', 'demo-pot-one', 'bone', '1.96 kg'),
      sum('demo-pickings', '2026-12-05T13:50:00Z', 'demo-pot-one', 'pickings', '520 g'),
    ],
  },
);

/** A pot of the weekend: its meat in a pot of its own, cooked the day before where it is chilled. */
const weekendPot = (
  id: string,
  name: string,
  cut: string,
  weight: string,
  price: string,
  vessel: string,
  changes: Partial<Batch> = {},
): Batch => {
  const usual = usualBatch(id, name);
  return {
    ...usual,
    lots: [lot(`${id}-lot`, cut, weight, { price: { text: price, amount: Number(price), per: 'kg' } })],
    cook: usual.cook.map((phase) => ({ ...phase, vessel })),
    ...changes,
  };
};
const people = (adults: number, children: number) => ({
  adults: typed(String(adults), 'count'),
  children: typed(String(children), 'count'),
});
const chilledOn = { chilled: true as const };

write(
  'lantern-weekend',
  'lantern-weekend',
  'Lantern weekend',
  [
    dish('weekend-tacos', 'taco', 160, { from: ['weekend-friday', 'weekend-saturday'] }),
    dish('weekend-rolls', 'roll', 60, {
      name: 'barley rolls with a dip cup',
      from: ['weekend-friday', 'weekend-saturday'],
    }),
    dish('weekend-pasta', 'pasta', 60, { from: ['weekend-lamb'], sitting: 'weekend-sunday' }),
  ],
  [
    weekendPot(
      'weekend-friday',
      'Friday’s beef',
      'beef-blade-roast',
      '18 kg',
      '11.40',
      'hall-45-one',
      chilledOn,
    ),
    weekendPot('weekend-saturday', 'Saturday’s shank', 'beef-shank', '22 kg', '9.80', 'hall-45-two'),
    weekendPot(
      'weekend-lamb',
      'Sunday’s lamb',
      'lamb-shoulder',
      '13 kg',
      '13.90',
      'hall-45-three',
      chilledOn,
    ),
  ],
  {
    kitchen: {
      currency: 'EUR',
      hands: [
        { id: 'hall-ida', name: 'Ida' },
        { id: 'hall-bram', name: 'Bram', at: 'boat-shed' },
        { id: 'hall-noor', name: 'Noor' },
      ],
      places: [{ id: 'boat-shed', name: 'boat shed', road: typed('20 min', 'duration') }],
      vessels: [
        ...usualKitchen.vessels,
        ...['one', 'two', 'three'].map((n): Kitchen['vessels'][number] => ({
          id: `hall-45-${n}`,
          name: `hall pot ${n}`,
          kind: 'pot',
          shape: 'round',
          widthCm: 45,
          heightCm: 30,
          ...(n === 'three' && { at: 'boat-shed' }),
        })),
      ],
      heatSources: [
        ...['one', 'two', 'three', 'four'].map((n): NonNullable<Kitchen['heatSources']>[number] => ({
          id: `weekend-burner-${n}`,
          name: `burner ${n}`,
          kind: 'burner',
        })),
        { id: 'weekend-oven-one', name: 'range oven', kind: 'oven', heightCm: 40 },
        { id: 'weekend-oven-two', name: 'wall oven', kind: 'oven', heightCm: 40 },
        ...['one', 'two'].map((n): NonNullable<Kitchen['heatSources']>[number] => ({
          id: `shed-burner-${n}`,
          name: `shed burner ${n}`,
          kind: 'burner',
          at: 'boat-shed',
        })),
        { id: 'shed-oven', name: 'shed oven', kind: 'oven', heightCm: 40, at: 'boat-shed' },
      ],
      fridges: [
        { id: 'weekend-cold', name: 'cold room', kind: 'fridge', shelves: 16 },
        { id: 'shed-fridge', name: 'shed fridge', kind: 'fridge', shelves: 5, at: 'boat-shed' },
      ],
    },
    meal: {
      sitting: 'Saturday supper',
      serving: { local: '2026-12-12T18:00', zone: 'Europe/Amsterdam' },
      people: people(104, 16),
      sittings: [
        {
          id: 'weekend-sunday',
          name: 'Sunday noon',
          serving: { local: '2026-12-13T12:30', zone: 'Europe/Amsterdam' },
          people: people(52, 8),
        },
      ],
      day: { hands: 3, cooks: ['hall-ida', 'hall-bram', 'hall-noor'] },
      quote: {
        costs: [
          { id: 'weekend-wage', name: 'wage', price: { text: '19', amount: 19 }, per: 'hour' },
          {
            id: 'weekend-bread',
            name: 'bread and carriers',
            price: { text: '0.45', amount: 0.45 },
            per: 'plate',
          },
          { id: 'weekend-food', name: 'other food', price: { text: '140', amount: 140 }, per: 'all' },
          { id: 'weekend-fuel', name: 'fuel', price: { text: '22', amount: 22 }, per: 'all' },
        ],
        head: { text: '13.50', amount: 13.5 },
        child: { text: '7', amount: 7 },
        tax: 0.09,
        deposit: 0.3,
      },
    },
  },
);
