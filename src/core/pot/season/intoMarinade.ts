import type { Batch, Item } from '../../meal/index.ts';
import { itemsOf } from '../liquid/items.ts';

/**
 * A batch with one of its items put into the marinade, or taken out of it. A marinade that something is in is a
 * marinade: its hours are there with it, until the cook takes them away.
 */
export function intoMarinade(batch: Batch, id: string): Batch {
  const items = itemsOf(batch).map((item): Item => {
    if (item.id !== id) return item;
    const { marinade, ...without } = item;
    return marinade ? without : { ...without, marinade: true };
  });
  const { steps = [] } = batch;
  const stands = steps.some(({ what }) => what === 'marinade') || !items.some(({ marinade }) => marinade);
  return { ...batch, items, ...(!stands && { steps: [...steps, { what: 'marinade' as const }] }) };
}
