import { entryAt, valueAt } from '../columns/index.ts';
import { amountOf, carrying, flow, type Flow, massOf, times } from '../ledger/index.ts';
import type { Ticket } from '../order/index.ts';
import { saltAtDressing } from '../pot/index.ts';
import { dealLiquid, type Source } from './deal.ts';
import type { Served } from './serve.ts';

/**
 * The flows to the plates, and what share of the shred and of each liquid they take. Each dish draws on every
 * lot and every jug in proportion to what there is, so that each lot keeps its own shred down to the
 * plates; what dresses the shred of its batch comes first (see dealLiquid). Shred that still wants salt gets it when it is dressed.
 * @param targets salt of the dressed meat, 0 to 1, by batch
 */
export function plateFlows(
  tickets: readonly Ticket[],
  served: Served,
  shred: readonly Source[],
  liquid: readonly Source[],
  targets: ReadonlyMap<string, number>,
): { readonly flows: Flow[]; readonly meatShare: number; readonly liquidShares: readonly number[] } {
  const shredG = shred.reduce((sum, source) => sum + source.grams, 0);
  const flows: Flow[] = [];
  let meatShare = 0;
  const total = (one: Float64Array) =>
    tickets.reduce((sum, _, t) => sum + valueAt(served.filled, t) * valueAt(one, t), 0);
  const all = { held: total(served.heldMl), ladled: total(served.ladledMl) };
  const dealt = dealLiquid(liquid, all.held, all.ladled, (batch) =>
    shredG > 0 ? shred.reduce((sum, one) => sum + (one.batch === batch ? one.grams : 0), 0) / shredG : 0,
  );
  const share = (of: readonly number[], i: number) => {
    const { ml = 0 } = liquid[i] ?? {};
    return ml > 0 ? entryAt(of, i) / ml : 0;
  };
  for (const [t, ticket] of tickets.entries()) {
    const k = valueAt(served.filled, t);
    const meat = shredG > 0 ? (k * valueAt(served.meatG, t)) / shredG : 0;
    const ofAll = (one: Float64Array, sum: number) => (sum > 0 ? (k * valueAt(one, t)) / sum : 0);
    const heldHere = ofAll(served.heldMl, all.held);
    const ladledHere = ofAll(served.ladledMl, all.ladled);
    meatShare += meat;
    const held = liquid.map((_, i) => heldHere * share(dealt.held, i));
    const heldG = liquid.reduce((sum, source, i) => sum + source.grams * entryAt(held, i), 0);
    const heldSalt = liquid.reduce(
      (sum, source, i) => sum + source.grams * entryAt(held, i) * source.per.salt,
      0,
    );
    for (const { batch, lot, item, grams, per } of shred) {
      const owner = { batch, lot, item, dish: ticket.id };
      const amount = times(per, grams * meat);
      const part = shredG > 0 ? grams / shredG : 0;
      const dressed = massOf(amount) + heldG * part;
      const salt = saltAtDressing(targets.get(batch) ?? 0, dressed, amount.salt + heldSalt * part);
      const dressing = amountOf({ salt: dressed > 0 && massOf(amount) > 0 ? salt : 0 });
      flows.push(flow('dressingSalt', owner, dressing));
      flows.push(flow('servedSalt', owner, dressing));
      flows.push(flow('dressedShred', owner, amount));
      flows.push(flow('servedMeat', owner, amount));
    }
    for (const [i, { batch, liquid: id, grams, per }] of liquid.entries()) {
      const owner = { batch, dish: ticket.id, liquid: id };
      const amount = times(per, grams * entryAt(held, i));
      flows.push(flow('dressedHeld', owner, amount));
      flows.push(flow('servedHeld', owner, amount));
      flows.push(flow('servedLiquid', owner, times(per, grams * ladledHere * share(dealt.ladled, i))));
    }
  }
  const liquidShares = liquid.map((_, i) => share(dealt.held, i) + share(dealt.ladled, i));
  return { flows: carrying(flows), meatShare, liquidShares };
}
