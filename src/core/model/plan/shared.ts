import { type Meal, type Scoop, shredInScoop, usualScoops } from '../../meal/index.ts';
import type { Portion, Ticket } from '../../order/index.ts';
import { levelFor, type Measure, measuresFor } from '../../plates/index.ts';
import type { Input } from '../input.ts';
import { priorFor } from '../belief/spreads.ts';

/** What a scoop holds of shred, g: as it was weighed once; else by its volume, and by what was weighed out with it here. */
const gramsIn =
  (learned: Input['learned']) =>
  (scoop: Scoop): number =>
    scoop.shredG ?? shredInScoop(scoop) * Math.exp(priorFor(learned, 'scoop', scoop.id).mean);

/** The level measures that a serving's shred and what is ladled onto it may be made of; none where it goes by weight. */
export function measuresOf(
  { firm, own, meat, liquid }: Pick<Ticket, 'firm' | 'own' | 'meat' | 'liquid'>,
  share: Meal['share'],
  { kitchen, learned }: Pick<Input, 'kitchen' | 'learned'>,
): { readonly scoops: readonly Measure[]; readonly ladles: readonly Measure[] } {
  if (share?.by !== 'scoops') return { scoops: [], ladles: [] };
  const scoops = kitchen.scoops ?? usualScoops;
  const portions = own ?? { meat, liquid };
  const gramsOf = gramsIn(learned);
  return {
    scoops: measuresFor(scoops, 'scoop', portions.meat, gramsOf),
    ladles: firm === undefined ? measuresFor(scoops, 'ladle', portions.liquid, gramsOf) : [],
  };
}

/** A ticket as the meal is shared out: by level measures that come to what is wanted, and grown until nothing is left. */
export function asShared(
  ticket: Ticket,
  share: Meal['share'],
  locked: { readonly meat?: unknown; readonly liquid?: unknown } | undefined,
  of: Pick<Input, 'kitchen' | 'learned'>,
): Ticket {
  const { scoops, ladles } = measuresOf(ticket, share, of);
  const { meat, liquid } = ticket;
  const levels = {
    meat: locked?.meat === undefined ? levelsOf(scoops) : [],
    liquid: locked?.liquid === undefined ? levelsOf(ladles) : [],
  };
  const byMeasure = levels.meat.length + levels.liquid.length > 0;
  return {
    ...ticket,
    ...(byMeasure && { own: ticket.own ?? { meat, liquid }, levels }),
    meat: levelled(meat, levels.meat),
    liquid: levelled(liquid, levels.liquid),
    ...(share?.evenOut && { grows: true as const }),
  };
}

const levelsOf = (measures: readonly Measure[]): readonly number[] =>
  [...new Set(measures.map(({ amount }) => amount))].toSorted((a, b) => a - b);

/** A portion of so much as a measure comes to; by weight where there is none. */
function levelled(portion: Portion, levels: readonly number[]): Portion {
  const at = levelFor(portion.want, levels);
  return at === undefined ? portion : { min: at, want: at, max: at };
}
