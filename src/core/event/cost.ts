import type { CostPer, Kitchen, Quote } from '../meal/index.ts';
import type { OpenedMeal } from '../model/index.ts';
import { costs, type LotReckoning, type Reckoning } from '../reckoning/index.ts';
import { figureOf, type Money, moneyOf, priced, sumOf, USUAL_CURRENCY } from '../shop/index.ts';
import { dealt } from './dealt.ts';
import { type Loss, lossesOf } from './losses.ts';
import { eventOf, type EventFigures, type EventSitting } from './figures.ts';

/** One line of what an event costs, with what of it falls to each sitting, in their order. */
export interface CostLine {
  readonly id: string;
  readonly name: string;
  /** Meat is the meat of a pot; the others are the cook's own lines. */
  readonly of: 'meat' | 'own';
  readonly cost: Money;
  readonly bySitting: readonly Money[];
}

export interface EventCost {
  readonly currency: string;
  readonly sittings: readonly { readonly id: string; readonly name: string; readonly heads: number }[];
  readonly heads: number;
  readonly plates: number;
  /** Hours that pairs of hands are at it by the plan; undefined while there is none. */
  readonly hours: number | undefined;
  readonly lines: readonly CostLine[];
  readonly total: Money;
  readonly bySitting: readonly Money[];
  /** Undefined where nobody has said how many come. */
  readonly aHead: Money | undefined;
  /** Of the meat's money what lies in shred that no plate takes. */
  readonly over: Money;
  /** Where the meat's money went, by weight: together what the meat cost, to the coin. */
  readonly losses: readonly Loss[];
  /** Lots of meat without a price, and lines whose hours or heads nobody knows: they are not in it. */
  readonly unpriced: number;
  readonly uncounted: readonly string[];
}

const headsOf = ({ adults, children }: EventSitting): number => adults + children;

/**
 * What an event costs, by pot, by the cook's own lines and by sitting: its meat as it was bought, dealt by the shred that each
 * sitting gets; what is paid for all by heads (by plates where nobody has counted them).
 * @param hours that pairs of hands work by the plan; undefined: there is none yet
 */
export function eventCost(
  meal: OpenedMeal,
  reckoning: Pick<Reckoning, 'batches' | 'meal'>,
  hours: number | undefined,
): EventCost {
  const { input } = meal;
  const { kitchen } = input;
  const currency = kitchen.currency ?? USUAL_CURRENCY;
  const event = eventOf(meal);
  const { sittings } = event;
  const heads = sittings.map(headsOf);
  const plates = sittings.map((one) => one.plates);
  const allHeads = heads.reduce((sum, one) => sum + one, 0);
  const allPlates = plates.reduce((sum, one) => sum + one, 0);
  const meat = meatLines(meal, reckoning, kitchen, event);
  const times: Readonly<Record<CostPer, number | undefined>> = {
    all: 1,
    head: allHeads > 0 ? allHeads : undefined,
    plate: allPlates > 0 ? allPlates : undefined,
    hour: hours,
  };
  const written = input.meal.quote?.costs ?? [];
  const own = written.flatMap(({ id, name, price: { amount }, per }): CostLine[] => {
    const many = times[per];
    if (amount === undefined || many === undefined) return [];
    const cost = moneyOf(amount, currency, many);
    const by = per === 'plate' || allHeads === 0 ? plates : heads;
    return [{ id, name, of: 'own', cost, bySitting: dealt(cost, by) }];
  });
  const lines = [...meat.lines, ...own];
  const total = sumOf(
    lines.map(({ cost }) => cost),
    currency,
  );
  return {
    currency,
    sittings: sittings.map(({ id, name }, i) => ({ id, name, heads: heads[i] ?? 0 })),
    heads: allHeads,
    plates: allPlates,
    hours,
    lines,
    total,
    bySitting: sittings.map((_, i) =>
      sumOf(
        lines.flatMap(({ bySitting }) => bySitting[i] ?? []),
        currency,
      ),
    ),
    aHead: allHeads > 0 ? moneyOf(figureOf(total) / allHeads, currency) : undefined,
    over: meat.over,
    losses: lossesOf(meat.lots, currency),
    unpriced: meat.unpriced,
    uncounted: written.flatMap(({ name, price: { amount }, per }) =>
      amount !== undefined && times[per] === undefined ? [name] : [],
    ),
  };
}

function meatLines(
  { input }: OpenedMeal,
  reckoning: Pick<Reckoning, 'batches' | 'meal'>,
  kitchen: Kitchen,
  { pots, sittings, gives }: EventFigures,
) {
  const currency = kitchen.currency ?? USUAL_CURRENCY;
  const over: Money[] = [];
  const lots: { readonly lot: LotReckoning; readonly cost: Money }[] = [];
  let unpriced = 0;
  const lines = priced(input.batches).flatMap((batch): CostLine[] => {
    const reckoned = reckoning.batches.find(({ id }) => id === batch.id);
    const pot = pots.find(({ id }) => id === batch.id);
    if (!reckoned || !pot) return [];
    const found = costs(batch, reckoned, reckoning.meal, kitchen);
    const meats = reckoned.lots.filter(({ shredG }) => shredG > 0).length;
    unpriced += found ? found.unpriced : meats;
    if (!found) return [];
    for (const { lot: id, cost } of found.lots) {
      const lot = reckoned.lots.find((one) => one.lot === id);
      if (lot) lots.push({ lot, cost });
    }
    const given = sittings.map(
      ({ id }) => gives.find((one) => one.pot === batch.id && one.sitting === id)?.g ?? 0,
    );
    if (pot.has.g > 0) over.push(moneyOf((figureOf(found.batch) * pot.over.g) / pot.has.g, currency));
    return [
      { id: batch.id, name: batch.name, of: 'meat', cost: found.batch, bySitting: dealt(found.batch, given) },
    ];
  });
  return { lines, lots, over: sumOf(over, currency), unpriced };
}

/** What is asked for an event, as the cook writes it. */
export interface Asked {
  /** Without tax, the tax, and both. */
  readonly price: Money;
  readonly tax: Money;
  readonly all: Money;
  readonly deposit: Money | undefined;
  /** What is left of the price once all that is known of the costs is paid. */
  readonly left: Money;
  readonly bySitting: readonly Money[];
}

/** What is asked; undefined until there is a price and somebody to pay it. */
export function askedFor(
  quote: Quote | undefined,
  event: Pick<EventFigures, 'sittings'>,
  { currency, total }: Pick<EventCost, 'currency' | 'total'>,
): Asked | undefined {
  const head = quote?.head?.amount;
  if (!quote || head === undefined) return undefined;
  const child = quote.child?.amount ?? head;
  const bySitting = event.sittings.map(({ adults, children }) =>
    sumOf([moneyOf(head, currency, adults), moneyOf(child, currency, children)], currency),
  );
  const price = sumOf(bySitting, currency);
  if (figureOf(price) <= 0) return undefined;
  const tax = moneyOf(figureOf(price) * (quote.tax ?? 0), currency);
  const all = sumOf([price, tax], currency);
  return {
    price,
    tax,
    all,
    deposit: quote.deposit === undefined ? undefined : moneyOf(figureOf(all) * quote.deposit, currency),
    left: moneyOf(figureOf(price) - figureOf(total), currency),
    bySitting,
  };
}
