import './jitless.ts';
import { z } from 'zod';
import { batchReadings, lotReadings, type Weighable } from '../ledger/index.ts';
import { id, measured, moment as time, name } from './fields.ts';
import { most } from './bounds.ts';
import { feels, tastes } from './choices.ts';

export const weighable: readonly Weighable[] = [...lotReadings, 'marinated', 'dressed', ...batchReadings];

/** What lay on one serving: shred and liquid by the pot they came from. */
export const onPlate = z.array(
  z.strictObject({
    batch: id,
    g: z.number().min(0).max(1e6).describe('shred of one serving'),
    heldMl: z.number().min(0).max(1e6).optional().describe('liquid that its shred holds'),
    ladledMl: z.number().min(0).max(1e6).optional(),
  }),
);
export type OnPlate = z.infer<typeof onPlate>;

const units = ['mass', 'volume', 'depth', 'count', 'feel', 'time', 'temperature'] as const;

export const measures = z.discriminatedUnion('what', [
  z.strictObject({ what: z.literal('flow'), flow: z.enum(weighable), lot: id }),
  z.strictObject({
    what: z.literal('sum'),
    flow: z.enum(weighable),
    liquid: name.optional().describe('of what is finished, which of the pot’s liquids; absent: its own'),
  }),
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
  z
    .strictObject({ what: z.literal('done'), task: z.string().max(200) })
    .describe('a task of the day; lo and hi are the minutes it took, where they are known'),
  z
    .strictObject({ what: z.literal('mark'), liquid: name.optional() })
    .describe('how much of a liquid there is while it boils down: a jug mark, or the pot on the scale'),
  z
    .strictObject({
      what: z.literal('served'),
      dish: id,
      on: onPlate.max(most.batches).optional().describe('at the portion then in force; absent: the usual'),
    })
    .describe('servings that went out, a tray or a dish at a time'),
  z
    .strictObject({ what: z.literal('came back'), dish: id })
    .describe('servings that came back: the last that went out'),
  z
    .strictObject({
      what: z.literal('plated'),
      dish: id,
      by: z
        .strictObject({ scoop: id, times: z.int().min(1).max(20) })
        .optional()
        .describe('level scoops it was filled with'),
      on: onPlate.max(most.batches).optional().describe('what it was filled for: as weighed it counts'),
    })
    .describe('one serving as it was weighed out'),
  z
    .strictObject({ what: z.literal('temperature'), thing: id })
    .describe('of something that cools or is held: the id of its cooling, or of the batch'),
  z
    .strictObject({ what: z.literal('taste'), liquid: name.optional(), says: z.enum(tastes) })
    .describe('a spoon of it; the value holds its words alone'),
]);
type Measures = z.infer<typeof measures>;

/** As what each thing may be measured: meat and liquids by the scale or a jug, a pot by its depth too, a fork by the cook's words. */
const measuredAs = [
  { what: ['flow', 'sum', 'mark'], as: ['mass', 'volume'] },
  { what: ['stock'], as: ['mass', 'depth'] },
  { what: ['plated'], as: ['mass'] },
  { what: ['back', 'served', 'came back'], as: ['count'] },
  { what: ['check', 'taste'], as: ['feel'] },
  { what: ['done'], as: ['time'] },
  { what: ['temperature'], as: ['temperature'] },
] as const satisfies readonly {
  readonly what: readonly Measures['what'][];
  readonly as: readonly (typeof units)[number][];
}[];

const anyEntry = z.strictObject({
  id,
  at: time.describe('epoch, ms'),
  batch: id,
  measures,
  value: measured.nullable().describe('g, ml, cm or pieces; null takes the named entry back'),
  measure: z.enum(units).describe('what lo and hi are'),
  vessel: id.optional().describe('it was weighed in this; its empty weight comes off'),
  celsius: z.number().min(-20).max(150).optional().describe('of a hot volume'),
  source: z.enum(['typed', 'scale', 'probe']),
  by: z
    .strictObject({
      device: id,
      who: id.optional().describe('of kitchen.hands, to whom that part was handed out'),
      clock: time.optional().describe('epoch, ms: what its own clock said, where that was off'),
    })
    .optional()
    .describe('where it was written; absent: before devices were told apart'),
  replaces: id.optional(),
});

type Group = (typeof measuredAs)[number];
type Of<M, W> = M extends { readonly what: infer K } ? (K extends W ? M : never) : never;
/** What was measured and as what go together. */
export type Measured<G extends Group = Group> = G extends Group
  ? { measures: Of<Measures, G['what'][number]>; measure: G['as'][number] }
  : never;

/** A reading: what was measured, as what, and when; the later one of a thing counts. */
export type Entry = Omit<z.infer<typeof anyEntry>, 'measures' | 'measure'> & Measured;

const fits = ({ measures: { what }, measure }: z.infer<typeof anyEntry>): boolean =>
  measuredAs.some((group) => has(group.what, what) && has(group.as, measure));
const has = (words: readonly string[], word: string): boolean => words.includes(word);

// What the refinement asks the compiler cannot see.
export const entry = anyEntry.refine(fits, {
  path: ['measure'],
  error: 'what was measured is not measured so',
}) as unknown as z.ZodType<Entry>;
