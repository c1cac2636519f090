import { valueAt } from '../quantity/index.ts';
import { type Amount, amountOf, carrying, flow, type Flow, massOf, times } from '../ledger/index.ts';
import type { Ticket } from '../order/index.ts';
import { saltAtDressing } from '../pot/index.ts';
import type { Served } from './serve.ts';

/** Shred of one lot, or the finished liquid of one batch, on its way to the plates. */
export interface Source {
  readonly batch: string;
  readonly lot?: string;
  /** What the filling is stretched with, by its step. */
  readonly item?: string;
  /** Which of its liquids; absent: the main one. */
  readonly liquid?: string | undefined;
  readonly grams: number;
  /** ml of all of it; only liquid has them. */
  readonly ml: number;
  readonly per: Amount;
}

/**
 * The flows to the plates, and what share of shred and liquid they take. Each dish draws on every
 * lot and every jug in proportion to what there is, so that each lot keeps its own shred down to the
 * plates. Shred that still wants salt gets it when it is dressed.
 * @param targets salt of the dressed meat, 0 to 1, by batch
 */
export function plateFlows(
  tickets: readonly Ticket[],
  served: Served,
  shred: readonly Source[],
  liquid: readonly Source[],
  targets: ReadonlyMap<string, number>,
): { readonly flows: Flow[]; readonly meatShare: number; readonly liquidShare: number } {
  const shredG = shred.reduce((sum, source) => sum + source.grams, 0);
  const liquidMl = liquid.reduce((sum, source) => sum + source.ml, 0);
  const flows: Flow[] = [];
  let meatShare = 0;
  let liquidShare = 0;
  for (const [t, ticket] of tickets.entries()) {
    const k = valueAt(served.filled, t);
    const meat = shredG > 0 ? (k * valueAt(served.meatG, t)) / shredG : 0;
    const held = liquidMl > 0 ? (k * valueAt(served.heldMl, t)) / liquidMl : 0;
    const ladled = liquidMl > 0 ? (k * valueAt(served.ladledMl, t)) / liquidMl : 0;
    meatShare += meat;
    liquidShare += held + ladled;
    const heldG = liquid.reduce((sum, source) => sum + source.grams * held, 0);
    const heldSalt = liquid.reduce((sum, source) => sum + source.grams * held * source.per.salt, 0);
    for (const { batch, lot, item, grams, per } of shred) {
      const owner = { batch, lot, item, dish: ticket.id };
      const amount = times(per, grams * meat);
      const share = shredG > 0 ? grams / shredG : 0;
      const dressed = massOf(amount) + heldG * share;
      const salt = saltAtDressing(targets.get(batch) ?? 0, dressed, amount.salt + heldSalt * share);
      const dressing = amountOf({ salt: dressed > 0 && massOf(amount) > 0 ? salt : 0 });
      flows.push(flow('dressingSalt', owner, dressing));
      flows.push(flow('servedSalt', owner, dressing));
      flows.push(flow('dressedShred', owner, amount));
      flows.push(flow('servedMeat', owner, amount));
    }
    for (const { batch, liquid: id, grams, per } of liquid) {
      const owner = { batch, dish: ticket.id, liquid: id };
      const amount = times(per, grams * held);
      flows.push(flow('dressedHeld', owner, amount));
      flows.push(flow('servedHeld', owner, amount));
      flows.push(flow('servedLiquid', owner, times(per, grams * ladled)));
    }
  }
  return { flows: carrying(flows), meatShare, liquidShare };
}
