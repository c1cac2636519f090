import type { Batch, Kitchen } from '../meal/index.ts';
import { midpoint } from '../quantity/index.ts';
import type { BatchReckoning } from './batchReckoning.ts';
import type { MealReckoning } from './mealReckoning.ts';
import { figureOf, type Money, moneyOf, perKg, sumOf, USUAL_CURRENCY } from '../shop/index.ts';

export interface LotCost {
  readonly lot: string;
  readonly name: string;
  readonly cost: Money;
  readonly perKgBought: Money;
  readonly perKgShred: Money;
}

export interface Costs {
  readonly currency: string;
  readonly lots: readonly LotCost[];
  /** Lots of meat without a price: what is shown is without them. */
  readonly unpriced: number;
  readonly batch: Money;
  /** What the fat and the liquid that are kept are worth; null unless the kitchen says. */
  readonly credit: Money | null;
  readonly perKgShred: Money;
  /** One serving of each dish, by its shred; liquid is free. */
  readonly servings: readonly { readonly dish: string; readonly name: string; readonly cost: Money }[];
  /** At what price per kg each dearer lot would cost the same as the cheapest, per kg of shred. */
  readonly evens: readonly {
    readonly lot: string;
    readonly name: string;
    readonly than: string;
    readonly at: Money;
  }[];
}

/** Null until a lot has a price and gives shred. */
export function costs(
  batch: Batch,
  reckoned: Pick<BatchReckoning, 'lots' | 'kept'>,
  meal: Pick<MealReckoning, 'servings'>,
  kitchen: Kitchen,
): Costs | null {
  const currency = kitchen.currency ?? USUAL_CURRENCY;
  const priced = reckoned.lots.flatMap((figures) => {
    const lot = batch.lots.find(({ id }) => id === figures.lot);
    const price = lot && perKg(lot.price, midpoint(lot.weight) ?? figures.rawG);
    if (price === undefined || !(figures.shredG > 0)) return [];
    const perShred = (price * figures.rawG) / figures.shredG;
    return [{ figures, price, perShred }];
  });
  const meat = reckoned.lots.filter(({ shredG }) => shredG > 0);
  if (priced.length === 0) return null;
  const lots = priced.map(({ figures, price, perShred }): LotCost => ({
    lot: figures.lot,
    name: figures.name,
    cost: moneyOf(price, currency, figures.rawG / 1000),
    perKgBought: moneyOf(price, currency),
    perKgShred: moneyOf(perShred, currency),
  }));
  const paid = sumOf(
    lots.map(({ cost }) => cost),
    currency,
  );
  const credit = creditOf(reckoned, kitchen, currency);
  const net = figureOf(paid) - (credit ? figureOf(credit) : 0);
  const shredKg = priced.reduce((sum, { figures }) => sum + figures.shredG, 0) / 1000;
  const [cheapest] = priced.toSorted((a, b) => a.perShred - b.perShred);
  return {
    currency,
    lots,
    unpriced: meat.length - priced.length,
    batch: paid,
    credit,
    perKgShred: moneyOf(net / shredKg, currency),
    servings: meal.servings.map(({ dish, name, meatG }) => ({
      dish,
      name,
      cost: moneyOf(net / shredKg, currency, meatG.mid / 1000),
    })),
    evens: priced
      .filter((other) => cheapest && other !== cheapest && other.perShred > cheapest.perShred)
      .map(({ figures }) => ({
        lot: figures.lot,
        name: figures.name,
        than: cheapest?.figures.name ?? '',
        at: moneyOf(((cheapest?.perShred ?? 0) * figures.shredG) / figures.rawG, currency),
      })),
  };
}

/**
 * What one serving of each dish costs, by its shred, over all the batches that feed it; undefined until a lot has a price.
 * @param reckoned of each batch, in their order
 */
export function servingCosts(
  batches: readonly Batch[],
  reckoned: readonly Pick<BatchReckoning, 'lots' | 'kept'>[],
  meal: Pick<MealReckoning, 'servings'>,
  kitchen: Kitchen,
): ReadonlyMap<string, Money> | undefined {
  const currency = kitchen.currency ?? USUAL_CURRENCY;
  const all = batches.flatMap((batch, i) => {
    const of = reckoned[i];
    const found = of && costs(batch, of, meal, kitchen);
    if (!found) return [];
    const priced = new Set(found.lots.map(({ lot }) => lot));
    const shredG = of.lots.reduce((sum, { lot, shredG: g }) => sum + (priced.has(lot) ? g : 0), 0);
    return [{ net: figureOf(found.perKgShred) * (shredG / 1000), shredG }];
  });
  const shredKg = all.reduce((sum, { shredG }) => sum + shredG, 0) / 1000;
  if (shredKg <= 0) return undefined;
  const perShred = all.reduce((sum, { net }) => sum + net, 0) / shredKg;
  return new Map(
    meal.servings.map(({ dish, meatG }) => [dish, moneyOf(perShred, currency, meatG.mid / 1000)]),
  );
}

/** The fat and the liquid that no plate takes. */
function creditOf(
  { kept }: Pick<BatchReckoning, 'kept'>,
  { worth }: Kitchen,
  currency: string,
): Money | null {
  if (worth?.fatPerKg === undefined && worth?.liquidPerL === undefined) return null;
  return sumOf(
    [
      moneyOf(worth.fatPerKg ?? 0, currency, kept.fatG / 1000),
      moneyOf(worth.liquidPerL ?? 0, currency, kept.liquidMl / 1000),
    ],
    currency,
  );
}
