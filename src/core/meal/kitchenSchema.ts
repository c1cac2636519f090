import { z } from 'zod';
import { ALTITUDE, bounds, PRICE } from '../quantity/index.ts';
import { most, TEXT_LONG, YIELD } from './bounds.ts';
import { clockTime, duration, id, length, measured, moment, name, share, within } from './fields.ts';
import { dishKinds } from './mealSchema.ts';
import {
  fridgeKinds,
  afterWhats,
  lessonStations,
  pieceWords,
  doings,
  fates,
  heats,
  preps,
  skims,
  sourceKinds,
  stands,
  tinSizes,
  tools,
  vesselKinds,
} from './choices.ts';

/** Where something stands, or somebody works. */
const at = id.optional().describe('of kitchen.places; absent: in the kitchen itself');

/** The kitchen's part of the file: its vessels, fires, scoops, and the cook's own cuts and ingredients. */
const vessel = z.strictObject({
  id,
  name,
  kind: z.enum(vesselKinds),
  shape: z.enum(['round', 'box']),
  widthCm: length.describe('inner width or diameter'),
  lengthCm: length.optional().describe('of a box'),
  heightCm: length,
  bottomCm: length
    .optional()
    .describe('inner width at the bottom where the walls slope; absent: they are upright'),
  brimMl: within(bounds.volume).optional().describe('measured; absent: by its shape'),
  lidCm: z
    .number()
    .min(0)
    .max(bounds.length.most)
    .optional()
    .describe('how far the lid stands above the rim'),
  on: z.array(z.enum(stands)).max(5).optional().describe('what it may stand on; absent: as its kind does'),
  tareG: within(bounds.mass).optional(),
  at,
});

const ownCut = z.strictObject({
  id,
  name,
  like: id.describe('the cut of the reference table from which it takes what is not given'),
  composition: z
    .strictObject({ protein: share, fat: share, ash: share.optional() })
    .optional()
    .describe('of the raw flesh, shares'),
  boneShare: z.number().min(0).max(0.95).optional(),
  yield: z
    .strictObject({
      value: within(YIELD),
      of: z.enum(['purchased', 'boneless']),
      what: z.enum(['cooked', 'shred']),
    })
    .optional(),
});

/** An ingredient that the short table does not have: from the large one, or the cook's own. */
const ownIngredient = z.strictObject({
  id,
  name,
  row: name.optional().describe('the published row’s own name, where it is shown by another'),
  role: z.enum(['liquid', 'solid']),
  per: z
    .strictObject({
      water: share,
      protein: share,
      fat: share,
      salt: share,
      ash: share,
      alcohol: share,
      other: share,
    })
    .refine((per) => Object.values(per).reduce((sum, part) => sum + part, 0) <= 1.001, {
      error: 'its parts are more than all of it',
    })
    .describe('grams in a gram'),
  pieceG: within(bounds.mass).optional(),
  pieces: z
    .partialRecord(z.enum(pieceWords), within(bounds.mass))
    .optional()
    .describe('what its bunch, bulb or slice weighs, g'),
  tinned: z.literal(true).optional().describe('it is sold in the tins that are usual where one cooks'),
  density: z.number().min(0.1).max(3).optional().describe('g/ml'),
  holds: z.array(z.string().max(40)).max(30).optional().describe('what some guests must not have'),
  made: moment.optional().describe('epoch, ms: of what came off the shelf, since when its days count'),
  unsure: z.literal(true).optional().describe('what else is in it only its label says'),
  section: z.string().max(40),
  packG: within(bounds.mass).optional(),
  off: z
    .partialRecord(z.enum(preps), share)
    .optional()
    .describe('what each prep takes off, of the weight as bought'),
  fate: z.enum(fates).optional(),
  does: z.enum(doings).optional().describe('what it does in the pan or the pot: order matters'),
  source: z.string().max(200),
});

const heatSource = z.strictObject({
  id,
  name,
  kind: z.enum(sourceKinds),
  heightCm: length.optional().describe('inner height of an oven, smoker or grill'),
  widthCm: length.optional().describe('inner width of an oven or smoker'),
  at,
});

/** Where things stand in the cold; its shelves are alike. */
const fridge = z.strictObject({
  id,
  name,
  kind: z.enum(fridgeKinds),
  shelves: z.int().min(1).max(20),
  widthCm: length.optional().describe('of a shelf, inside; absent: 50'),
  heightCm: length.optional().describe('between two shelves; absent: 25'),
  takenCm: z.number().min(0).max(10_000).optional().describe('of shelf that is full of other things'),
  at,
});

const measureSpoon = z.strictObject({
  id,
  name,
  kind: z.enum(['scoop', 'ladle', 'hand']).describe('hand: a handful, forkful, pile or spoon'),
  ml: within(bounds.volume),
  shredG: within(bounds.mass).optional().describe('of shred in one, once it was weighed'),
  weighed: z.array(within(bounds.mass)).max(20).optional().describe('g: each that was weighed'),
});

export const kitchen = z.strictObject({
  vessels: z.array(vessel).max(most.vessels),
  heatSources: z.array(heatSource).max(most.heatSources).optional(),
  scoops: z.array(measureSpoon).max(most.scoops).optional(),
  cuts: z.array(ownCut).max(most.cuts),
  altitudeM: within(ALTITUDE),
  salt: z
    .strictObject({ name, gPerTsp: z.number().min(0.5).max(10) })
    .optional()
    .describe('the salt by the stove; absent: fine table salt'),
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/)
    .optional()
    .describe('ISO 4217; absent: EUR'),
  worth: z
    .strictObject({ fatPerKg: within(PRICE).optional(), liquidPerL: within(PRICE).optional() })
    .optional()
    .describe('what kept fat and liquid are worth, in the currency'),
  ingredients: z.array(ownIngredient).max(most.ingredients).optional(),
  atHome: z.array(id).max(1000).optional().describe('ingredients that are always in the house: not bought'),
  lessons: z
    .array(
      z.strictObject({
        id,
        at: moment.describe('epoch, ms'),
        step: z
          .enum([...afterWhats, ...lessonStations])
          .describe('the step, or the station, that it comes up at again'),
        text: z.string().max(TEXT_LONG),
        tag: name.optional(),
        sets: z
          .discriminatedUnion('what', [
            z.strictObject({
              what: z.literal('amount'),
              ref: id,
              amount: measured,
              measure: z.enum(['mass', 'volume', 'count']),
            }),
            z.strictObject({
              what: z.literal('heat'),
              heat: z.enum(heats),
            }),
            z.strictObject({ what: z.literal('tool'), tool: z.enum(tools) }),
            z.strictObject({ what: z.literal('way'), way: z.enum(skims) }),
          ])
          .optional()
          .describe('an amount or a choice that is offered as the next time’s own'),
        dish: z.enum(dishKinds).optional().describe('for this kind of dish alone'),
        cut: id.optional().describe('for this cut alone'),
        heat: z.enum(heats).optional().describe('on this heat alone'),
      }),
    )
    .max(most.lessons)
    .optional()
    .describe('notes that come up at their step again'),
  keeps: z.enum(['home', 'business']).optional().describe('by which rule things are kept; absent: a home’s'),
  fridges: z
    .array(fridge)
    .max(most.fridges)
    .optional()
    .describe('absent: one fridge of four shelves, and a freezer of three'),
  boards: z
    .int()
    .min(1)
    .max(20)
    .optional()
    .describe('to cut on; absent: one for each who cooks, and at least two'),
  hands: z
    .array(z.strictObject({ id, name, at }))
    .max(most.hands)
    .optional()
    .describe('who works here, by name; a meal’s file takes those who cook it'),
  places: z
    .array(
      z.strictObject({
        id,
        name,
        road: duration.optional().describe('min from there to here; absent: 30'),
        hands: z.int().min(1).max(20).optional().describe('how many work there; absent: 1'),
        from: clockTime.optional().describe('nobody works there before it; absent: the meal’s own hours'),
        to: clockTime.optional(),
      }),
    )
    .max(most.places)
    .optional()
    .describe('further kitchens: what stands there says so'),
  tins: z.enum(tinSizes).optional().describe('the tins that are usual here; absent: 400 g'),
  packs: z.record(id, within(bounds.mass)).optional().describe('g in one pack, by ingredient'),
});

export type Fridge = z.infer<typeof fridge>;
export type HeatSource = z.infer<typeof heatSource>;
export type Lesson = NonNullable<z.infer<typeof kitchen>['lessons']>[number];
export type LessonSets = NonNullable<Lesson['sets']>;
export type Kitchen = z.infer<typeof kitchen>;
export type OwnCut = z.infer<typeof ownCut>;
export type OwnIngredient = z.infer<typeof ownIngredient>;
export type Scoop = z.infer<typeof measureSpoon>;
export type Vessel = z.infer<typeof vessel>;
