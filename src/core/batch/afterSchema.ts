import './jitless.ts';
import { z } from 'zod';
import { duration, id, measured, name, share, volume } from './fields.ts';
import { afterWhats, drawnFrom, skims, stretchStates, thickeners, tools } from './words.ts';

/** One thing that is done once the meat is tender. */
export const afterStep = z.strictObject({
  id,
  what: z.enum(afterWhats),
  liquid: name
    .optional()
    .describe('the liquid it is done to, by the name it was set apart under; absent: the pot’s'),
  tool: z.enum(tools).optional().describe('what it is pulled with; absent: forks'),
  way: z.enum(skims).optional().describe('how it is skimmed; absent: spooned hot'),
  to: volume.optional().describe('ml to boil it down to'),
  as: name
    .optional()
    .describe(
      'what the part that is set apart is called; of something added: it stands apart under this name',
    ),
  amount: measured.optional().describe('g or ml: what is added, or what is set apart; absent: none, or half'),
  measure: z.enum(['mass', 'volume']).optional(),
  with: z.enum(thickeners).optional(),
  ref: id.optional().describe('the ingredient that is added, or that the filling is stretched with'),
  share: share
    .optional()
    .describe('lift: how much of the meat, the big pieces alone; dress: how much of it; absent: all'),
  from: z.enum(drawnFrom).optional().describe('set apart: from where in the pot; absent: stirred'),
  cooked: z
    .enum(stretchStates)
    .optional()
    .describe('stretch: how it goes in, since raw it takes up liquid; absent: cooked'),
  held: share.optional().describe('liquid that the dressed meat is to hold, of its own weight'),
  minutes: duration.optional(),
});
