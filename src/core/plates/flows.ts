import { entryAt } from '../columns/index.ts';
import { amountOf, carrying, flow, type Flow, massOf, times } from '../ledger/index.ts';
import { saltAtDressing } from '../pot/index.ts';
import { dealLiquid, type Source } from './deal.ts';

/** What all servings of one dish get of one batch: shred, g, and liquid held and ladled, ml. */
export interface Plated {
  readonly g: number;
  readonly heldMl: number;
  readonly ladledMl: number;
}

export interface ToPlates {
  readonly flows: Flow[];
  /** Of each batch, the share of its shred that is on plates, 0 to 1; of each liquid the same, in their order. */
  readonly meatShares: ReadonlyMap<string, number>;
  readonly liquidShares: readonly number[];
}

/**
 * The flows to the plates. Each dish draws on every lot of a batch in proportion to what there is, so that each lot keeps
 * its own shred down to the plates; of the liquids of a batch what dresses its shred comes first (see dealLiquid). Shred that
 * still wants salt gets it when it is dressed.
 * @param plated by dish, and by batch in the order of batches; never more than there is
 * @param targets salt of the dressed meat, 0 to 1, by batch
 */
export function plateFlows(
  dishes: readonly string[],
  plated: readonly (readonly Plated[])[],
  batches: readonly string[],
  shred: readonly Source[],
  liquid: readonly Source[],
  targets: ReadonlyMap<string, number>,
): ToPlates {
  const flows: Flow[] = [];
  const sumOf = (b: number, what: keyof Plated) => plated.reduce((sum, of) => sum + (of[b]?.[what] ?? 0), 0);
  const shredOf = new Map<string, number>();
  for (const { batch, grams } of shred) shredOf.set(batch, (shredOf.get(batch) ?? 0) + grams);
  /** Of each liquid, by its place, what share is held and what is ladled; and of its batch's all. */
  const dealt = batches.map((batch, b) => {
    const own = liquid.filter((one) => one.batch === batch);
    const allHeld = sumOf(b, 'heldMl');
    const ladling = dishes.map((dish, t) => ({ dish, ladledMl: plated[t]?.[b]?.ladledMl ?? 0 }));
    return { own, allHeld, ...dealLiquid(own, allHeld, ladling) };
  });
  for (const [t, dish] of dishes.entries())
    for (const [b, batch] of batches.entries()) {
      const { g = 0, heldMl = 0, ladledMl = 0 } = plated[t]?.[b] ?? {};
      // Most dishes draw on few of the pots.
      if (g === 0 && heldMl === 0 && ladledMl === 0) continue;
      const { own, allHeld, held, ladled } = entryAt(dealt, b);
      const bowl = shredOf.get(batch) ?? 0;
      /** Of a liquid, 0 to 1, so many ml. */
      const part = (i: number, ml: number) => (entryAt(own, i).ml > 0 ? ml / entryAt(own, i).ml : 0);
      const ofHeld = own.map((_, i) => (allHeld > 0 ? part(i, (entryAt(held, i) * heldMl) / allHeld) : 0));
      const ofLadled = entryAt(ladled, t);
      const heldG = own.reduce((sum, { grams }, i) => sum + grams * entryAt(ofHeld, i), 0);
      const heldSalt = own.reduce((sum, { grams, per }, i) => sum + grams * entryAt(ofHeld, i) * per.salt, 0);
      for (const { lot, item, grams, per, batch: of } of shred) {
        if (of !== batch) continue;
        const share = bowl > 0 ? grams / bowl : 0;
        const owner = { batch, lot, item, dish };
        const amount = times(per, g * share);
        const dressed = massOf(amount) + heldG * share;
        const salt = saltAtDressing(targets.get(batch) ?? 0, dressed, amount.salt + heldSalt * share);
        const dressing = amountOf({ salt: dressed > 0 && massOf(amount) > 0 ? salt : 0 });
        flows.push(flow('dressingSalt', owner, dressing));
        flows.push(flow('servedSalt', owner, dressing));
        flows.push(flow('dressedShred', owner, amount));
        flows.push(flow('servedMeat', owner, amount));
      }
      for (const [i, { liquid: id, grams, per }] of own.entries()) {
        const owner = { batch, dish, liquid: id };
        const amount = times(per, grams * entryAt(ofHeld, i));
        flows.push(flow('dressedHeld', owner, amount));
        flows.push(flow('servedHeld', owner, amount));
        flows.push(flow('servedLiquid', owner, times(per, grams * part(i, entryAt(ofLadled, i)))));
      }
    }
  const meatShares = new Map(
    batches.map((batch, b) => {
      const bowl = shredOf.get(batch) ?? 0;
      return [batch, bowl > 0 ? sumOf(b, 'g') / bowl : 0] as const;
    }),
  );
  const liquidShares = liquid.map((one) => {
    const { own, held, ladled } = entryAt(dealt, batches.indexOf(one.batch));
    const i = own.indexOf(one);
    const gone = ladled.reduce((sum, of) => sum + entryAt(of, i), entryAt(held, i));
    return one.ml > 0 ? gone / one.ml : 0;
  });
  return { flows: carrying(flows), meatShares, liquidShares };
}
