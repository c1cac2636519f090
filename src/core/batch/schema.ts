import './jitless.ts';
import { z } from 'zod';
import { batchReadings, lotReadings, type Weighable } from '../ledger/index.ts';
import { avoidable } from './avoidable.ts';
import { ID_MOST, most, PIECES_MOST, TEXT_LONG } from './bounds.ts';
import {
  duration,
  id,
  length,
  mass,
  measured,
  moment as time,
  name,
  pieces,
  share,
  temperature,
  volume,
  within,
} from './fields.ts';
import { bounds, PRICE, TEXT_MOST } from '../quantity/index.ts';
import { kitchen } from './kitchenSchema.ts';
import type { doings, stands } from './words.ts';
import {
  fates,
  feels,
  lidFits,
  ontos,
  panFats,
  preps,
  rounds,
  starts,
  steps,
  taskNeeds,
  taskWhens,
  ways,
} from './words.ts';

/**
 * The file, version 1: one meal with everything its reckoning needs.
 * This schema is the single description of the data; the types, the checks on a file that comes in,
 * docs/batch-file.md's JSON Schema and the messages come from it.
 */
const portionOf = (quantity: typeof mass) =>
  z.strictObject({ want: quantity.optional(), min: quantity.optional(), max: quantity.optional() });

export const dishKinds = [
  'taco',
  'roll',
  'long roll',
  'pasta',
  'hand pie',
  'burrito',
  'soup',
  'dip',
  'on the bone',
  'own',
] as const;

/** What may not run short of a dish, if not both. */
export const parts = ['meat', 'liquid'] as const;

const guests = z.strictObject({
  light: pieces.optional(),
  usual: pieces.optional(),
  hungry: pieces.optional(),
  children: pieces.optional(),
  each: pieces.optional().describe('servings for one usual guest; absent: 1'),
});

const dish = z.strictObject({
  id,
  kind: z.enum(dishKinds),
  name: name.optional(),
  count: pieces.describe('servings; one plate, one taco, one roll; not asked where guests are given'),
  guests: guests.optional().describe('how many eat it, by appetite: the servings are worked out'),
  meat: portionOf(mass).optional().describe('g of shred for one serving; absent: the usual of its kind'),
  liquid: portionOf(volume).optional().describe('ml ladled or dipped for one serving; absent: the usual'),
  held: share.optional().describe('liquid that the shred holds, of its own weight'),
  way: z.enum(['set', 'even']).optional(),
  besides: z
    .array(
      z.strictObject({
        id,
        name,
        each: measured.optional().describe('g, ml or pieces for one serving; absent: one'),
        measure: z.enum(['mass', 'volume', 'count']).optional(),
        holds: z.array(z.enum(avoidable)).max(avoidable.length).optional(),
      }),
    )
    .max(most.besides)
    .optional()
    .describe('what goes on it besides: cheese, pickle, spread, something crisp'),
  built: z.literal(true).optional().describe('guests build it themselves: it is set out, not filled'),
  firm: z.enum(parts).optional().describe('the part that must not run short; absent: both'),
});

/** Whether the browser knows the clocks of a place. */
function isZone(name: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: name }).format(0) !== '';
  } catch {
    return false;
  }
}

const clockTime = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, { error: 'a time of day is written 07:30' });

/** A task of the cook's own, beside what the batches ask. */
const ownTask = z.strictObject({
  id,
  words: name,
  minutes: duration,
  alone: z.literal(true).optional().describe('it needs nobody while it runs'),
  needs: z.enum(taskNeeds).optional(),
  when: z.enum(taskWhens).describe('what it must be done before'),
});

const day = z.strictObject({
  chance: z.number().min(0.5).max(0.99).optional().describe('of being ready; absent: .9'),
  hands: z.int().min(1).max(20).optional().describe('how many cook; absent: 1'),
  from: clockTime.optional().describe('nobody works before it; absent: 06:30'),
  to: clockTime.optional().describe('nor after it; absent: 22:30'),
  forward: z.literal(true).optional().describe('run from now, and served when it is ready'),
  tasks: z.array(ownTask).max(most.tasks).optional(),
  minutes: z.record(z.string().max(200), duration).optional().describe('how long a task takes here, by task'),
  pins: z.record(z.string().max(200), time).optional().describe('epoch, ms: when a task is to start'),
});

const wallTime = z.string().regex(/^(19|20)\d\d-(0[1-9]|1[0-2])-([0-2]\d|3[01])T([01]\d|2[0-3]):[0-5]\d$/, {
  error: 'a moment is written 2026-12-05T18:00',
});
const zone = z.string().max(80).refine(isZone, { error: 'no clock is known there' });

const meal = z.strictObject({
  id,
  name,
  serving: z.strictObject({ local: wallTime, zone }).optional(),
  place: z.enum(['here', 'kept hot', 'sent out']).optional(),
  sent: z
    .strictObject({
      road: duration.optional().describe('min on the road; absent: 30'),
      packing: duration.optional().describe('min to pack it all; absent: by its servings'),
      cold: z
        .literal(true)
        .optional()
        .describe('sent out chilled and reheated there; absent: hot, in hot boxes'),
    })
    .optional()
    .describe('of a meal that is sent out'),
  dishes: z.array(dish).max(most.dishes),
  avoid: z.array(z.enum(avoidable)).max(avoidable.length).optional(),
  avoidFor: z
    .partialRecord(z.enum(avoidable), z.int().min(1).max(PIECES_MOST))
    .optional()
    .describe('how many guests must not have it; absent: somebody'),
  notes: z.string().max(TEXT_LONG).optional().describe('what the cook wants to know of it next time'),
  batches: z.array(id).max(most.batches).describe('in the order of the stove'),
  day: day.optional(),
});

export const sizes = ['cubes', 'chunks', 'ribs', 'whole'] as const;
export const trims = ['none', 'silver skin', 'thick fat', 'close'] as const;
export const pickings = ['all tender', 'membrane', 'lean only'] as const;
export const fattinesses = ['leaner', 'usual', 'fattier'] as const;

const price = z.strictObject({
  text: z.string().max(TEXT_MOST).describe('as it was typed'),
  amount: within(PRICE).optional().describe('in the currency of the kitchen'),
  per: z.enum(['kg', 'lb', 'all']),
});

const lot = z.strictObject({
  id,
  kind: z.enum(['meat', 'bones']),
  cut: z
    .string()
    .max(ID_MOST)
    .describe('a cut of the reference table or of kitchen.cuts; empty: not chosen yet'),
  weight: mass,
  pieces: z
    .strictObject({
      count: z.int().positive().max(PIECES_MOST).optional(),
      size: z.enum(sizes).optional(),
      longestCm: length.optional().describe('the longest bone or piece'),
    })
    .optional(),
  trim: z.enum(trims).optional(),
  picking: z.enum(pickings).optional(),
  bone: z.enum(['in', 'out']).optional().describe('absent: as the cut is usually sold'),
  fattiness: z.enum(fattinesses).optional(),
  price: price.optional(),
  shopHas: mass.optional().describe('g; no more of it can be bought'),
  placements: z
    .array(z.strictObject({ vessel: id, share }))
    .max(10)
    .optional(),
});

export const heats = ['oven', 'stove', 'slow cooker', 'smoker'] as const;
export const stoveSettings = ['bare simmer', 'simmer', 'boil'] as const;
export const lids = ['on', 'ajar', 'off'] as const;

const phase = z.strictObject({
  heat: z.enum(heats),
  setting: z
    .union([temperature, z.enum(stoveSettings), z.enum(['low', 'high'])])
    .optional()
    .describe('a temperature; of a slow cooker low or high; of a stove how it bubbles, absent: a simmer'),
  air: z.enum(['dry', 'humid']).optional().describe('in the open smoke, absent: dry'),
  lid: z.enum(lids),
  fit: z.enum(lidFits).optional().describe('how the lid lies on it; absent: as usual'),
  minutes: duration.optional().describe('absent: until it is tender'),
  main: z
    .literal(true)
    .optional()
    .describe('the long one, about which the others lie; of none: the last without a time, else the longest'),
  vessel: id.optional().describe('absent: the smallest that it fits'),
});

/** A moment of the cook. */
const moment = z.strictObject({
  phase: z.int().min(0).max(most.phases),
  minutes: z.number().min(0).max(bounds.duration.most),
  before: z.literal('end').optional().describe('minutes are counted back from the end of the phase'),
});

const item = z.strictObject({
  id,
  ref: id.describe('an ingredient of the reference table or of kitchen.ingredients'),
  amount: measured
    .optional()
    .describe('as it goes in; absent: solved to the line (the first such liquid), or the usual share'),
  measure: z.enum(['mass', 'volume', 'count']).optional().describe('what lo and hi are: g, ml or pieces'),
  asBought: measured.optional().describe('in place of amount: what prep takes off comes off it'),
  prep: z.enum(preps).optional(),
  ways: z
    .array(z.enum(ways))
    .max(ways.length)
    .optional()
    .describe('what is done to it besides; a processor or ready cut is no work with a knife'),
  soften: duration
    .optional()
    .describe('min in the fat, in the order of the list; absent: the usual of its kind; 0: it goes in raw'),
  onto: z.enum(ontos).optional().describe('put on the meat, at its moment, in place of stirred in'),
  juiceIn: z.boolean().optional().describe('what is drained off goes in too'),
  boiledTo: measured.optional().describe('g or ml, as measure says: boiled down to it before it goes in'),
  soak: z
    .strictObject({
      water: volume.describe('ml'),
      in: id.optional().describe('an ingredient that is poured over it in place of water'),
      goesIn: share.describe('of the soaking liquid'),
    })
    .optional(),
  marinade: z.literal(true).optional().describe('stands with the meat before the pot'),
  vessel: id.optional(),
  at: moment.optional().describe('absent: from the start'),
  out: moment.optional().describe('absent: with the meat, at the end'),
  fate: z.enum(fates).optional().describe('absent: as its ingredient usually does'),
  put: time.optional().describe('epoch, ms: when it was ticked as put in'),
  state: z.enum(['in', 'held back', 'out']),
});

export const levels = ['cover', 'tops showing', 'half way', 'own juice'] as const;
export const skims = ['hot', 'settle', 'chill', 'leave'] as const;

const step = z.strictObject({ what: z.enum(steps), minutes: duration.optional() });

export const buyWays = ['as they are', 'in order', 'cheapest'] as const;

const batch = z.strictObject({
  id,
  name,
  lots: z.array(lot).max(most.lots),
  size: z.enum(sizes),
  trim: z.enum(trims),
  picking: z.enum(pickings),
  sear: z.boolean(),
  pan: id.optional().describe('the vessel to sear in; absent: the widest pan'),
  mixPans: z.boolean().optional().describe('pieces of different lots may lie in one pan'),
  panFat: z
    .strictObject({ amount: mass.optional(), then: z.enum(panFats) })
    .optional()
    .describe('g of fat to sear in; absent: what the panfuls want, and it goes into the pot'),
  steps: z.array(step).max(3).optional().describe('before the pan'),
  marinade: z
    .strictObject({ rest: z.enum(['in the pot', 'thrown away']), takenUp: share.optional() })
    .optional()
    .describe('what becomes of the marinade the meat leaves; what it takes up, of its own weight'),
  also: z.array(id).max(3).optional().describe('further vessels that share the batch'),
  level: z.enum(levels),
  items: z
    .array(item)
    .max(most.items)
    .optional()
    .describe('absent: the usual (stock to the line, onion, carrot)'),
  salt: measured.optional().describe('all that is added; absent: solved for the finished liquid'),
  saltIn: z.enum(['mass', 'volume']).optional().describe('what lo and hi of salt are: g, or ml by the spoon'),
  strength: z
    .strictObject({
      liquid: z.number().min(0).max(0.2).optional(),
      meat: z.number().min(0).max(0.2).optional(),
    })
    .optional()
    .describe('salt wanted of the weight of the finished liquid and of the dressed meat'),
  skimOnWay: z
    .strictObject({ fat: mass.optional(), scum: mass.optional() })
    .optional()
    .describe('g of fat and scum taken off while it cooks; an empty text is the usual'),
  lidOn: time.optional().describe('epoch, ms: when the lid went on'),
  dismissed: z
    .array(z.string().max(120))
    .max(most.dismissed)
    .optional()
    .describe('hints that were waved away'),
  start: z.enum(starts).optional().describe('how the pot goes into its oven; absent: warmed on the stove'),
  pans: z
    .strictObject({ pieces: pieces.optional(), minutes: duration.optional() })
    .optional()
    .describe(
      'as the cook browns it: pieces in a pan at once, min a side; absent: as many as fit, the usual',
    ),
  rounds: z
    .array(z.strictObject({ what: z.enum(rounds), every: duration }))
    .max(rounds.length)
    .optional()
    .describe(
      'done every so many minutes; absent: stirred on the stove, turned where it pokes out uncovered',
    ),
  tear: duration.optional().describe('min that it goes on in the pot once it was tender, torn and put back'),
  cook: z.array(phase).min(1).max(most.phases),
  strain: z.boolean(),
  skim: z.enum(skims),
  reduceTo: volume.optional().describe('ml of finished liquid to boil it down to'),
  buy: z
    .strictObject({ chance: z.number().min(0.5).max(0.99), way: z.enum(buyWays) })
    .optional()
    .describe('how much to buy: how surely, and in what mix'),
});

export const weighable: readonly Weighable[] = [...lotReadings, 'marinated', ...batchReadings];

const entry = z.strictObject({
  id,
  at: time.describe('epoch, ms'),
  batch: id,
  measures: z.discriminatedUnion('what', [
    z.strictObject({ what: z.literal('flow'), flow: z.enum(weighable), lot: id }),
    z.strictObject({ what: z.literal('sum'), flow: z.enum(weighable) }),
    z.strictObject({ what: z.literal('stock'), stock: z.literal('pot'), vessel: id }),
    z.strictObject({ what: z.literal('back'), thing: id }).describe('how many have come out again'),
    z
      .strictObject({
        what: z.literal('check'),
        lot: id.optional().describe('absent: all of them'),
        pieces: z.literal('big').optional().describe('only the big ones'),
        feel: z.enum(feels),
      })
      .describe('a fork in the meat; the value holds its words alone'),
    z.strictObject({ what: z.literal('done'), task: z.string().max(200) }).describe('a task of the day'),
  ]),
  value: measured.nullable().describe('g, ml, cm or pieces; null takes the named entry back'),
  measure: z.enum(['mass', 'volume', 'depth', 'count', 'feel', 'time']).describe('what lo and hi are'),
  vessel: id.optional().describe('it was weighed in this; its empty weight comes off'),
  celsius: z.number().min(-20).max(150).optional().describe('of a hot volume'),
  source: z.enum(['typed', 'scale', 'probe']),
  replaces: id.optional(),
});

export const mealFile = z.strictObject({
  format: z.literal('slow-spoon meal'),
  version: z.literal(1),
  reference: z.string().max(80).describe('version of the reference table the figures came from'),
  meal,
  batches: z.array(batch).min(1).max(most.batches),
  entries: z.array(entry).max(most.entries),
  kitchen,
});

/** The first line of a backup: how many meals follow, and what they all share. */
export const backupHead = z.strictObject({
  format: z.literal('slow-spoon backup'),
  version: z.literal(1),
  meals: z.int().min(0).max(1_000_000),
  kitchen: kitchen.optional().describe('that of all meals which carry none; absent: the usual one'),
  settings: z
    .strictObject({
      system: z.enum(['metric', 'us']),
      degrees: z.enum(['C', 'F']),
      hours: z.enum(['24', '12']).optional().describe('how times of day are written; absent: 18:00'),
    })
    .optional(),
  got: z.array(z.string().max(400)).max(10_000).optional().describe('lines ticked off the shopping list'),
  lines: z.array(z.string().max(TEXT_MOST)).max(1000).optional().describe('lines that were put on the list'),
});

/** Each further line of a backup: a meal as it is kept. */
export const backupMeal = z.strictObject({
  made: z.number().min(0).max(8.64e15).describe('when it was made or came in, ms'),
  meal,
  batches: z.array(batch).min(1).max(most.batches),
  entries: z.array(entry).max(most.entries),
  kitchen: kitchen.optional().describe('its own, if it came in with one'),
});

export type BackupHead = z.infer<typeof backupHead>;
export type BackupMeal = z.infer<typeof backupMeal>;
export type Meal = z.infer<typeof meal>;
export type Dish = z.infer<typeof dish>;
export type Batch = z.infer<typeof batch>;
export type Lot = z.infer<typeof lot>;
export type Day = z.infer<typeof day>;
export type OwnTask = z.infer<typeof ownTask>;
export type Phase = z.infer<typeof phase>;
export type Item = z.infer<typeof item>;
export type Entry = z.infer<typeof entry>;
export type MealFile = z.infer<typeof mealFile>;
export type Size = (typeof sizes)[number];
export type Trim = (typeof trims)[number];
export type Picking = (typeof pickings)[number];
export type Fattiness = (typeof fattinesses)[number];
export type Price = z.infer<typeof price>;
export type Guests = z.infer<typeof guests>;
export type Part = (typeof parts)[number];
export type Prep = (typeof preps)[number];
export type Way = (typeof ways)[number];
export type Onto = (typeof ontos)[number];
export type Round = (typeof rounds)[number];
export type Fate = (typeof fates)[number];
export type Feel = (typeof feels)[number];
export type Doing = (typeof doings)[number];
export type Step = (typeof steps)[number];
export type Stand = (typeof stands)[number];
export type Moment = z.infer<typeof moment>;
export type BuyMix = (typeof buyWays)[number];
export type Level = (typeof levels)[number];
export type Skim = (typeof skims)[number];
export type Heat = (typeof heats)[number];
export type Lid = (typeof lids)[number];
export type DishKind = (typeof dishKinds)[number];
export type { HeatSource, Kitchen, OwnCut, OwnIngredient, Scoop, Vessel } from './kitchenSchema.ts';
export type { Weighable };
