import './jitless.ts';
import { z } from 'zod';
import { id, mass, moment as time, temperature } from './fields.ts';
import { coolWays } from './choices.ts';

/** Something that is cooled down: a liquid or the shred, in so many pans. */
export const cooling = z.strictObject({
  id,
  what: z.enum(['liquid', 'shred', 'both']),
  vessel: id.optional().describe('absent: a tray of 30 × 23 cm'),
  pans: z.int().min(1).max(50),
  grams: mass.optional().describe('absent: all that is left'),
  way: z.enum(coolWays),
  start: time.describe('epoch, ms: when it was at 57 °C, or began to cool'),
  startC: temperature.optional().describe('°C then; absent: 57'),
  split: z
    .strictObject({ at: time, pans: z.int().min(1).max(50), way: z.enum(coolWays) })
    .optional()
    .describe('later put into more pans, or cooled otherwise'),
  done: time.optional().describe('epoch, ms: into the boxes'),
});
