import './jitless.ts';
import { z } from 'zod';
import { avoidable } from './avoidable.ts';
import { bounds } from '../quantity/index.ts';
import { ends, keepables, places } from './choices.ts';
import { id, moment, name, within, zone } from './fields.ts';

const gram = within(bounds.mass);

/** One box, jar or tub on the shelf; what has gone stays with its end, so that the log can tell. */
export const shelfItem = z.strictObject({
  id,
  what: z.enum(keepables),
  name,
  grams: gram,
  ml: within(bounds.volume).optional().describe('of a liquid'),
  boxes: z.int().min(1).max(500).optional().describe('in how many equal boxes; absent: one'),
  made: moment.describe('epoch, ms'),
  zone: zone.optional().describe('the place by whose days it is labelled; absent: wherever it is read'),
  place: z.enum(places),
  frozen: moment.optional().describe('epoch, ms: when it went into the freezer'),
  thawed: moment.optional().describe('epoch, ms: when it came out again'),
  useBy: moment.optional().describe('epoch, ms: as the cook wrote it; absent: by the rule of the kitchen'),
  holds: z
    .array(z.enum(avoidable))
    .max(avoidable.length)
    .optional()
    .describe('what some guests must not have in it; absent: nobody has said, it is not known'),
  notKnown: z
    .array(name)
    .max(40)
    .optional()
    .describe('what went into it of which nobody has said what it holds'),
  saltG: gram.optional().describe('of all of it'),
  fatG: gram.optional(),
  waterG: gram.optional(),
  proteinG: gram.optional(),
  meal: id.optional().describe('where it came from'),
  batch: id.optional(),
  liquid: name.optional().describe('which of its pot’s liquids; absent: its own'),
  gone: z
    .array(z.strictObject({ at: moment, how: z.enum(ends), grams: gram, meal: id.optional() }))
    .max(200)
    .optional()
    .describe('what has left it since'),
});

export type ShelfItem = z.infer<typeof shelfItem>;
export type Keepable = (typeof keepables)[number];
export type ShelfPlace = (typeof places)[number];
export type ShelfEnd = (typeof ends)[number];
