import './jitless.ts';
import { z } from 'zod';
import { ID_MOST, most, PIECES_MOST } from './bounds.ts';
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
import { afterStep } from './afterSchema.ts';
import { cooling } from './coolingSchema.ts';
import { entry } from './entrySchema.ts';
import { closing, learned } from './learnedSchema.ts';
import { kitchen } from './kitchenSchema.ts';
import { shelfItem } from './shelfSchema.ts';
import {
  type day,
  type dish,
  type dishKinds,
  type guests,
  meal,
  type ownTask,
  type parcel,
  type parts,
  type sitting,
} from './mealSchema.ts';
import type {
  costPers,
  becameOf,
  learnables,
  leftThings,
  verdicts,
  coolWays,
  doings,
  feels,
  stands,
  tastes,
} from './choices.ts';
import {
  fates,
  heats,
  outs,
  lidFits,
  ontos,
  panFats,
  preps,
  rounds,
  starts,
  beforeWhats,
  leavings,
  ways,
} from './choices.ts';

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

export const stoveSettings = ['bare simmer', 'simmer', 'boil'] as const;
export const lids = ['on', 'ajar', 'off'] as const;

const phase = z.strictObject({
  id,
  heat: z.enum(heats),
  setting: z
    .union([temperature, z.enum(stoveSettings), z.enum(['low', 'high'])])
    .optional()
    .describe('a temperature; of a slow cooker low or high; of a stove how it bubbles, absent: a simmer'),
  air: z.enum(['dry', 'humid']).optional().describe('in the open smoke, absent: dry'),
  lid: z.enum(lids),
  fit: z.enum(lidFits).optional().describe('how the lid lies on it; absent: as usual'),
  minutes: duration
    .optional()
    .describe('when to look, from the first to the last; a fork decides. Absent: until it is tender'),
  out: z
    .enum(outs)
    .optional()
    .describe(
      'how a written time ends; absent: when a fork finds it tender, in the open smoke and below 70 °C then, tender or not',
    ),
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
  note: name
    .optional()
    .describe('what its line said beside its name and amount: how it is cut, what it is for'),
  state: z.enum(['in', 'held back', 'out']),
});

export const levels = ['cover', 'tops showing', 'half way', 'own juice'] as const;

const step = z.strictObject({ what: z.enum(beforeWhats), minutes: duration.optional() });

export const buyWays = ['as they are', 'in order', 'cheapest'] as const;

const batch = z.strictObject({
  id,
  name,
  lots: z.array(lot).max(most.lots),
  size: z.enum(sizes),
  trim: z.enum(trims),
  picking: z.enum(pickings),
  chilled: z
    .literal(true)
    .optional()
    .describe('cooked the day before and chilled overnight, however it is skimmed'),
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
  at: id
    .optional()
    .describe(
      'of kitchen.places, where it is cooked, in a vessel that is lent; absent: where its vessel stands',
    ),
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
  goes: z
    .strictObject({
      bone: z.enum(leavings).optional(),
      pickings: z.enum(leavings).optional(),
      strained: z.enum(leavings).optional(),
    })
    .optional()
    .describe('where what is left over went; absent: the bin'),
  again: z
    .strictObject({ size: z.enum(sizes) })
    .optional()
    .describe('the size that what went back is cut to; absent: cubes'),
  later: share
    .optional()
    .describe('of its shred and its liquid: for another day, no plate of this meal gets it'),
  cools: z.array(cooling).max(most.cools).optional().describe('what of it is cooled, how, and since when'),
  tear: duration.optional().describe('min that it goes on in the pot once it was tender, torn and put back'),
  cook: z.array(phase).min(1).max(most.phases),
  closed: closing.optional().describe('how it ended; absent: it is not closed'),
  leftOut: z.literal(true).optional().describe('it teaches nothing: left out by hand'),
  guessG: mass.optional().describe('g of shred that the cook guessed before it was weighed'),
  after: z
    .array(afterStep)
    .max(most.after)
    .describe(
      'once the meat is tender, in order: of each liquid whether it is strained, skimmed, boiled down',
    ),
  buy: z
    .strictObject({ chance: z.number().min(0.5).max(0.99), way: z.enum(buyWays) })
    .optional()
    .describe('how much to buy: how surely, and in what mix'),
});

/** Four ids deep nothing lies. */
const gone = z
  .array(
    z
      .string()
      .min(1)
      .max(4 * ID_MOST),
  )
  .max(most.gone)
  .describe(
    'ids of what was taken away or undone, so that a copy which has it still can be told from one to which it was added; of what lay in something, behind its id and a slash',
  );

/**
 * The file, version 1: one meal with everything its reckoning needs.
 * This schema is the single description of the data; the types, the checks on a file that comes in,
 * docs/batch-file.md's JSON Schema and the messages come from it.
 */
export const mealFile = z.strictObject({
  format: z.literal('slow-spoon meal'),
  version: z.literal(1),
  reference: z.string().max(80).describe('version of the reference table the figures came from'),
  meal,
  batches: z.array(batch).min(1).max(most.batches),
  entries: z.array(entry).max(most.entries),
  kitchen,
  learned: learned.optional().describe('what earlier batches had taught; absent: nothing'),
  gone: gone.optional(),
  versions: z
    .array(z.string().max(40))
    .max(most.merged)
    .optional()
    .describe('that it has come through, its own last: what a copy of it was taken from is found by them'),
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
      rings: z
        .enum(['silent', 'spoken'])
        .optional()
        .describe('how the plan’s rings are told; absent: by a bell'),
    })
    .optional(),
  got: z.array(z.string().max(400)).max(10_000).optional().describe('lines ticked off the shopping list'),
  shelf: z.array(shelfItem).max(most.shelf).optional(),
  lines: z.array(z.string().max(TEXT_MOST)).max(1000).optional().describe('lines that were put on the list'),
});

/** Each further line of a backup: a meal as it is kept. */
export const backupMeal = z.strictObject({
  made: z.number().min(0).max(8.64e15).describe('when it was made or came in, ms'),
  meal,
  batches: z.array(batch).min(1).max(most.batches),
  entries: z.array(entry).max(most.entries),
  kitchen: kitchen.optional().describe('its own, if it came in with one'),
  learned: learned.optional().describe('what its file had learned, if it came in with it'),
  gone: gone.optional(),
});

export type BackupHead = z.infer<typeof backupHead>;
export type BackupMeal = z.infer<typeof backupMeal>;
export type Meal = z.infer<typeof meal>;
export type CostPer = (typeof costPers)[number];
export type Quote = NonNullable<Meal['quote']>;
export type Sitting = z.infer<typeof sitting>;
export type Dish = z.infer<typeof dish>;
export type Batch = z.infer<typeof batch>;
export type Lot = z.infer<typeof lot>;
export type Day = z.infer<typeof day>;
export type OwnTask = z.infer<typeof ownTask>;
export type Phase = z.infer<typeof phase>;
export type Item = z.infer<typeof item>;
export type Closing = z.infer<typeof closing>;
export type Learned = z.infer<typeof learned>;
export type Learnable = (typeof learnables)[number];
export type Became = (typeof becameOf)[number];
export type LeftThing = (typeof leftThings)[number];
export type Verdict = (typeof verdicts)[number];
export type { Entry, Measured, OnPlate } from './entrySchema.ts';
export type MealFile = z.infer<typeof mealFile>;
export type Size = (typeof sizes)[number];
export type Trim = (typeof trims)[number];
export type Picking = (typeof pickings)[number];
export type Fattiness = (typeof fattinesses)[number];
export type Price = z.infer<typeof price>;
export type Guests = z.infer<typeof guests>;
export type Parcel = z.infer<typeof parcel>;
export type Part = (typeof parts)[number];
export type Onto = (typeof ontos)[number];
export type Feel = (typeof feels)[number];
export type Doing = (typeof doings)[number];
export type Stand = (typeof stands)[number];
export type {
  AfterStep,
  AfterWhat,
  BeforeWhat,
  DrawnFrom,
  Fate,
  Prep,
  Round,
  Skim,
  StretchState,
  Tool,
  Way,
} from '../work/index.ts';
export type Taste = (typeof tastes)[number];
export type Cooling = z.infer<typeof cooling>;
export type CoolWay = (typeof coolWays)[number];
export type Leaving = (typeof leavings)[number];
export type Moment = z.infer<typeof moment>;
export type BuyMix = (typeof buyWays)[number];
export type Level = (typeof levels)[number];
export type Heat = (typeof heats)[number];
export type Lid = (typeof lids)[number];
export type Out = (typeof outs)[number];
export type DishKind = (typeof dishKinds)[number];
export type {
  Fridge,
  HeatSource,
  Kitchen,
  Lesson,
  LessonSets,
  OwnCut,
  OwnIngredient,
  Scoop,
  Vessel,
} from './kitchenSchema.ts';
export type { Keepable, ShelfEnd, ShelfItem, ShelfPlace } from './shelfSchema.ts';
export { weighable } from './entrySchema.ts';
export type { Weighable } from '../ledger/index.ts';
