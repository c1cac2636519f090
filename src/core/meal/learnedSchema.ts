import './jitless.ts';
import { z } from 'zod';
import { becameOf, learnables, leftThings, verdicts } from './choices.ts';

const LOG_MOST = 5;

/** One learned factor, in logarithms of what is found over what is foretold. */
const learnedFigure = z.strictObject({
  what: z.enum(learnables),
  of: z
    .string()
    .max(200)
    .describe('the cut, the vessel with its lid, the heat; empty: any that is not named'),
  n: z.int().min(0).max(1_000_000).describe('from so many batches'),
  mean: z.number().min(-LOG_MOST).max(LOG_MOST),
  shared: z.number().min(0).max(LOG_MOST).describe('standard deviation that all of the kitchen move with'),
  own: z.number().min(0).max(LOG_MOST).describe('and its own, beside that of the single batch'),
  batch: z
    .number()
    .min(0)
    .max(LOG_MOST)
    .optional()
    .describe('standard deviation of single batches here; absent: as usual'),
});

/** What the kitchen's earlier batches had taught when this meal was reckoned: its file needs nothing else. */
export const learned = z.strictObject({
  batches: z.int().min(0).max(1_000_000),
  figures: z.array(learnedFigure).max(3000),
});

/** How a batch ended. */
export const closing = z.strictObject({
  at: z.number().min(0).max(8.64e15).describe('epoch, ms'),
  verdict: z.enum(verdicts).optional(),
  by: z.number().min(0).max(100_000).optional().describe('so many plates short or over'),
  rating: z.int().min(1).max(5).optional().describe('by those who ate it'),
  became: z
    .array(z.strictObject({ what: z.enum(leftThings), went: z.enum(becameOf) }))
    .max(5)
    .optional(),
  noTime: z.string().max(4000).optional().describe('what there was no time for'),
});
