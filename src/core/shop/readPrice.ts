import { PRICE as BOUND, quoted, TEXT_MOST } from '../quantity/index.ts';
import type { Price } from '../meal/index.ts';

type Reading = { readonly ok: true; readonly price: Price } | { readonly ok: false; readonly error: string };

const PRICE = /^[^\d.,-]*(\d+(?:[.,]\d+)?)\s*[^\d.,/]*(?:\/\s*(kg|lb|all))?$/i;

/**
 * A price as people write it: "12.90", "12,90 €", "$5.99/lb". What it is per is written behind a
 * stroke, or stays as it was. Text that is no price is refused with itself.
 */
export function readPrice(text: string, per: Price['per']): Reading {
  const found = PRICE.exec(text.trim());
  const amount = found ? Number((found[1] ?? '').replace(',', '.')) : NaN;
  if (!found || !Number.isFinite(amount) || text.length > TEXT_MOST) {
    return { ok: false, error: `${quoted(text)} is not a price; write it like 12.90, or 5.99/lb.` };
  }
  if (amount > BOUND.most)
    return { ok: false, error: `${quoted(text)} is more than any meat costs; check the point.` };
  const written = found[2]?.toLowerCase() as Price['per'] | undefined;
  return { ok: true, price: { text, amount, per: written ?? per } };
}
