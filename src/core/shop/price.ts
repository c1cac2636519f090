import type { Price } from '../meal/index.ts';
import { G_PER_LB } from '../quantity/index.ts';

export const USUAL_CURRENCY = 'EUR';

/** What one kilogram costs by a price, in the currency; undefined where it cannot be known. */
export function perKg(price: Price | undefined, lotG: number): number | undefined {
  if (price?.amount === undefined) return undefined;
  switch (price.per) {
    case 'kg':
      return price.amount;
    case 'lb':
      return (price.amount * 1000) / G_PER_LB;
    case 'all':
      return lotG > 0 ? (price.amount * 1000) / lotG : undefined;
  }
}
