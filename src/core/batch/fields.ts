import './jitless.ts';
import { z } from 'zod';

export const id = z.string().min(1).max(80);
export const name = z.string().max(200);
export const share = z.number().min(0).max(1);

export const quantity = z
  .strictObject({
    text: z.string().max(200).describe('as it was typed; never rewritten'),
    lo: z
      .number()
      .optional()
      .describe('SI: g, ml, °C, min or pieces; with hi, p10 to p90 if a range was typed'),
    hi: z.number().optional(),
    count: z.int().positive().optional().describe('"2 × 800 g" is two pieces, lo the whole'),
  })
  .refine((q) => (q.lo === undefined) === (q.hi === undefined), {
    error: 'a quantity needs both lo and hi, or neither',
  })
  .refine((q) => (q.lo ?? 0) <= (q.hi ?? 0), { error: 'a quantity needs lo no greater than hi' });

/** A weight, volume, number or time: above nothing. A temperature need not be. */
export const amount = quantity.refine((q) => q.lo === undefined || q.lo > 0, {
  error: 'an amount must be above nothing',
});
