import { z } from 'zod';
import { id, name, share } from './fields.ts';
import { doings, fates, preps, sourceKinds, stands, vesselKinds } from './words.ts';

/** The kitchen's part of the file: its vessels, fires, scoops, and the cook's own cuts and ingredients. */
const vessel = z.strictObject({
  id,
  name,
  kind: z.enum(vesselKinds),
  shape: z.enum(['round', 'box']),
  widthCm: z.number().positive().max(300).describe('inner width or diameter'),
  lengthCm: z.number().positive().max(300).optional().describe('of a box'),
  heightCm: z.number().positive().max(300),
  bottomCm: z
    .number()
    .positive()
    .max(300)
    .optional()
    .describe('inner width at the bottom where the walls slope; absent: they are upright'),
  brimMl: z.number().positive().optional().describe('measured; absent: by its shape'),
  lidCm: z.number().min(0).max(50).optional().describe('how far the lid stands above the rim'),
  on: z.array(z.enum(stands)).max(5).optional().describe('what it may stand on; absent: as its kind does'),
  tareG: z.number().positive().optional(),
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
      value: z.number().positive().max(1),
      of: z.enum(['purchased', 'boneless']),
      what: z.enum(['cooked', 'shred']),
    })
    .optional(),
});

/** An ingredient that the short table does not have: from the large one, or the cook's own. */
const ownIngredient = z.strictObject({
  id,
  name,
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
    .describe('grams in a gram'),
  pieceG: z.number().positive().optional(),
  density: z.number().positive().max(3).optional().describe('g/ml'),
  holds: z.array(z.string().max(40)).max(30).optional().describe('what some guests must not have'),
  section: z.string().max(40),
  packG: z.number().positive().optional(),
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
  heightCm: z.number().positive().max(300).optional().describe('inner height of an oven, smoker or grill'),
  widthCm: z.number().positive().max(300).optional().describe('inner width of an oven or smoker'),
});

const measureSpoon = z.strictObject({
  id,
  name,
  kind: z.enum(['scoop', 'ladle']),
  ml: z.number().positive().max(5000),
  shredG: z.number().positive().max(5000).optional().describe('of shred in one, once it was weighed'),
});

export const kitchen = z.strictObject({
  vessels: z.array(vessel).max(200),
  heatSources: z.array(heatSource).max(50).optional(),
  scoops: z.array(measureSpoon).max(50).optional(),
  cuts: z.array(ownCut).max(1000),
  altitudeM: z.number().min(-500).max(9000),
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
    .strictObject({ fatPerKg: z.number().min(0).optional(), liquidPerL: z.number().min(0).optional() })
    .optional()
    .describe('what kept fat and liquid are worth, in the currency'),
  ingredients: z.array(ownIngredient).max(1000).optional(),
  packs: z.record(id, z.number().positive()).optional().describe('g in one pack, by ingredient'),
});

export type HeatSource = z.infer<typeof heatSource>;
export type Kitchen = z.infer<typeof kitchen>;
export type OwnCut = z.infer<typeof ownCut>;
export type OwnIngredient = z.infer<typeof ownIngredient>;
export type Scoop = z.infer<typeof measureSpoon>;
export type Vessel = z.infer<typeof vessel>;
