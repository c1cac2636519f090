import { type Meal, type Scoop, shredInScoop, usualScoops } from '../../meal/index.ts';
import type { Portion, Ticket } from '../../order/index.ts';
import { type Measure, measuresFor } from '../../plates/index.ts';
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
  const byScoop = locked?.meat === undefined ? levelled(meat, scoops) : undefined;
  const byLadle = locked?.liquid === undefined ? levelled(liquid, ladles) : undefined;
  return {
    ...ticket,
    ...((byScoop ?? byLadle) && { own: ticket.own ?? { meat, liquid } }),
    meat: byScoop ?? meat,
    liquid: byLadle ?? liquid,
    ...(share?.evenOut && { grows: true as const }),
  };
}

/** The least of the measures that is as much as is wanted, else the most there is; undefined: there are none. */
function levelled({ want }: Portion, measures: readonly Measure[]): Portion | undefined {
  const amounts = measures.map(({ amount }) => amount).toSorted((a, b) => a - b);
  const at = amounts.find((amount) => amount >= want) ?? amounts.at(-1);
  return at === undefined ? undefined : { min: at, want: at, max: at };
}
