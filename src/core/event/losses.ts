import { type Money, sumOf } from '../shop/index.ts';
import type { LotReckoning } from '../reckoning/index.ts';
import { dealt } from './dealt.ts';

/** Where meat goes between the scale and the bowl, in the order of the work. */
const ways = {
  trim: ({ trimG }) => trimG,
  air: ({ airG }) => airG,
  juice: ({ juiceG }) => juiceG,
  fat: ({ fatG }) => fatG,
  bone: ({ boneOutG }) => boneOutG,
  pickings: ({ pickingsG }) => pickingsG,
  unpulled: ({ unpulledG }) => unpulledG,
  shred: ({ shredG }) => shredG,
} as const satisfies Readonly<Record<string, (lot: LotReckoning) => number>>;

export type LossWay = keyof typeof ways;
const names = Object.keys(ways) as LossWay[];

/** What of the meat went one way, g, and what was paid for it. */
export interface Loss {
  readonly way: LossWay;
  readonly grams: number;
  readonly cost: Money;
}

/**
 * What was paid for meat, dealt by weight over where it went: of a lot each gram cost the same, and what nobody eats was bought too. The sum
 * is what the lots cost, to the coin.
 */
export function lossesOf(
  lots: readonly { readonly lot: LotReckoning; readonly cost: Money }[],
  currency: string,
): readonly Loss[] {
  const parts = lots.map(({ lot, cost }) => {
    const grams = names.map((way) => Math.max(0, ways[way](lot)));
    return { grams, money: dealt(cost, grams) };
  });
  return names
    .map((way, i): Loss => ({
      way,
      grams: parts.reduce((sum, { grams }) => sum + (grams[i] ?? 0), 0),
      cost: sumOf(
        parts.flatMap(({ money }) => money[i] ?? []),
        currency,
      ),
    }))
    .filter(({ grams }) => grams > 0);
}
