import './jitless.ts';
import { z } from 'zod';
import { type Bound, bounds, MOMENT, TEXT_MOST } from '../quantity/index.ts';
import { ID_MOST, NAME_MOST } from './bounds.ts';

export const id = z.string().min(1).max(ID_MOST);
export const name = z.string().max(NAME_MOST);
export const share = z.number().min(0).max(1);

export const within = ({ least, most }: Bound) => z.number().min(least).max(most);
export const moment = within(MOMENT);

/** Within bounds, or nought: none of it is an amount too. */
const orNone = ({ least, most }: Bound) =>
  z
    .number()
    .min(Math.min(0, least))
    .max(most)
    .refine((x) => x === 0 || x >= least, { error: `a quantity needs at least ${least}, or 0` });

/** A quantity as it was typed, read or not; its figures within the bounds of its measure. */
const quantityWithin = (bound: Bound, unit: string) =>
  z
    .strictObject({
      text: z.string().max(TEXT_MOST).describe('as it was typed; never rewritten'),
      lo: orNone(bound).optional().describe(`${unit}; with hi, p10 to p90 if a range was typed`),
      hi: orNone(bound).optional(),
      count: z.int().positive().max(1e6).optional().describe('"2 × 800 g" is two pieces, lo the whole'),
    })
    .refine((q) => (q.lo === undefined) === (q.hi === undefined), {
      error: 'a quantity needs both lo and hi, or neither',
    })
    .refine((q) => (q.lo ?? 0) <= (q.hi ?? 0) || q.hi === undefined, {
      error: 'a quantity needs lo no greater than hi',
    });

export const mass = quantityWithin(bounds.mass, 'g');
export const volume = quantityWithin(bounds.volume, 'ml');
export const pieces = quantityWithin(bounds.count, 'pieces');
export const duration = quantityWithin(bounds.duration, 'min');
export const temperature = quantityWithin(bounds.temperature, '°C');
/** A quantity whose measure stands beside it in the file; no measure reaches further than mass. */
export const measured = quantityWithin(bounds.mass, 'g, ml, cm or pieces');
export const length = within(bounds.length);

/** Whether the browser knows the clocks of a place. */
function isZone(name: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: name }).format(0) !== '';
  } catch {
    return false;
  }
}

/** A place whose clocks the browser knows. */
export const zone = z.string().max(80).refine(isZone, { error: 'no clock is known there' });

/** A time of day as a clock shows it, 06:30. */
export const clockTime = z
  .string()
  .regex(/^([01]\d|2[0-3]):[0-5]\d$/, { error: 'a time of day is written 07:30' });
