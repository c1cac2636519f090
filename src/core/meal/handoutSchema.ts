import './jitless.ts';
import { z } from 'zod';
import { most } from './bounds.ts';
import { entry, measures, onPlate } from './entrySchema.ts';
import { id, moment, name, zone } from './fields.ts';

/** Names of days and tasks are longer than ids. */
const KEY_MOST = 400;
const key = z.string().min(1).max(KEY_MOST);
const grams = z.number().min(0).max(1e7);

/** A day of one person has no more jobs. */
const JOBS_MOST = 500;
const NOTE_MOST = 1000;

const person = z.strictObject({ id, name });

/** What passes from somebody else's hands into these, or on. */
const passes = z.strictObject({
  who: z.array(name).max(most.hands),
  words: name.describe('what they do before it, or wait to do'),
  at: moment.describe('epoch, ms: when theirs ends, or begins'),
});

export const job = z.strictObject({
  id: key,
  words: name,
  batch: id.describe('under which its readings are written'),
  pot: id.optional().describe('absent: it is of no pot'),
  at: moment.describe('epoch, ms: when it begins by the plan'),
  minutes: z.number().min(0).max(1e5),
  grams: grams.optional().describe('a figure beside the words, g'),
  meatG: grams.optional().describe('what its pot’s meat comes to at that moment, g'),
  done: key.describe('what its being done is kept under'),
  weigh: z
    .array(
      z.strictObject({
        name,
        measures,
        likely: z.strictObject({ lo: grams, mid: grams, hi: grams }).optional().describe('g'),
        ml: z
          .strictObject({ lo: grams, mid: grams, hi: grams })
          .optional()
          .describe('ml that are likely: of a liquid, which may be written as a volume too'),
      }),
    )
    .max(most.lots)
    .optional(),
  serves: z
    .strictObject({
      dish: id,
      count: z.number().min(0).max(1e5),
      on: onPlate.max(most.batches).optional().describe('the portion that is booked; absent: the usual'),
    })
    .optional()
    .describe('plates that are filled: how many went out is asked for'),
  fork: z.literal(true).optional().describe('a fork in the meat is asked for'),
  waits: z.array(passes).max(most.batches).optional().describe('for whom it waits'),
  waited: z.array(passes).max(most.batches).optional().describe('who waits for it'),
});

/** One person’s part of a day: what a phone that has it needs, and nothing of anybody else. */
export const handout = z.strictObject({
  format: z.literal('slow-spoon handout'),
  version: z.literal(1),
  id: key.describe('the same for whom and what day it is: handed out again it takes its own place'),
  meal: z.strictObject({ id, name }),
  who: person,
  made: moment.describe('epoch, ms, by the clock of where it was handed out'),
  zone,
  units: z.strictObject({ system: z.enum(['metric', 'us']), degrees: z.enum(['C', 'F']) }),
  hours: z.enum(['24', '12']).optional(),
  cautions: z.array(z.string().max(4000)).max(50),
  pots: z.array(z.strictObject({ id, name, lots: z.array(person).max(most.lots) })).max(most.batches),
  jobs: z.array(job).max(JOBS_MOST),
});

export const note = z.strictObject({ id, at: moment, text: z.string().min(1).max(NOTE_MOST) });

/** What comes back of a part: readings, forks and ticks as the meal keeps them, and what was noted. */
export const handBack = z.strictObject({
  format: z.literal('slow-spoon hand-back'),
  version: z.literal(1),
  handout: key,
  meal: z.strictObject({ id, name }),
  who: person,
  device: id,
  made: moment.describe('epoch, ms, by the clock of the device'),
  entries: z.array(entry).max(most.entries),
  notes: z.array(note).max(NOTE_MOST),
});

export type Job = z.infer<typeof job>;
export type Handout = z.infer<typeof handout>;
export type Note = z.infer<typeof note>;
export type HandBack = z.infer<typeof handBack>;
