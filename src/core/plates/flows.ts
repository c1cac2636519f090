import { massOf, times, type Amount, type Flow } from '../ledger/index.ts';
import type { Ticket } from '../order/index.ts';
import type { Served } from './serve.ts';

/** Shred of one lot, or the finished liquid of one batch, on its way to the plates. */
export interface Source {
  readonly batch: string;
  readonly lot?: string;
  readonly grams: number;
  /** ml of all of it; only liquid has them. */
  readonly ml: number;
  readonly per: Amount;
}

/**
 * The flows to the plates, and what share of shred and liquid they take. Each dish draws on every lot and every jug in proportion
 * to what there is, so that each lot keeps its own shred down to the plates.
 */
export function plateFlows(
  tickets: readonly Ticket[],
  served: Served,
  shred: readonly Source[],
  liquid: readonly Source[],
): { readonly flows: Flow[]; readonly meatShare: number; readonly liquidShare: number } {
  const shredG = shred.reduce((sum, source) => sum + source.grams, 0);
  const liquidMl = liquid.reduce((sum, source) => sum + source.ml, 0);
  const flows: Flow[] = [];
  let meatShare = 0;
  let liquidShare = 0;
  for (const [t, ticket] of tickets.entries()) {
    const k = served.filled[t] ?? 0;
    const meat = shredG > 0 ? (k * (served.meatG[t] ?? 0)) / shredG : 0;
    const held = liquidMl > 0 ? (k * (served.heldMl[t] ?? 0)) / liquidMl : 0;
    const ladled = liquidMl > 0 ? (k * (served.ladledMl[t] ?? 0)) / liquidMl : 0;
    meatShare += meat;
    liquidShare += held + ladled;
    for (const { batch, lot, grams, per } of shred) {
      const flow = {
        batch,
        ...(lot !== undefined && { lot }),
        dish: ticket.id,
        amount: times(per, grams * meat),
      };
      flows.push({ ...flow, from: 'bowl', to: 'dressed', material: 'shred', stage: 'broth' });
      flows.push({ ...flow, from: 'dressed', to: 'plates', material: 'meat', stage: 'plates' });
    }
    for (const { batch, grams, per } of liquid) {
      const hold = { batch, dish: ticket.id, amount: times(per, grams * held) };
      flows.push({ ...hold, from: 'jug', to: 'dressed', material: 'held', stage: 'broth' });
      flows.push({ ...hold, from: 'dressed', to: 'plates', material: 'held', stage: 'plates' });
      const ladle = { batch, dish: ticket.id, amount: times(per, grams * ladled) };
      flows.push({ ...ladle, from: 'jug', to: 'plates', material: 'liquid', stage: 'plates' });
    }
  }
  return { flows: flows.filter((flow) => massOf(flow.amount) > 0), meatShare, liquidShare };
}
