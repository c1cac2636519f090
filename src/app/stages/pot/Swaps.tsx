import { useEffect } from 'react';
import type { Item } from '@/core/meal/index.ts';
import { itemsOf, type Swap, swapped, swapsFor } from '@/core/pot/index.ts';
import { writeMass } from '@/core/quantity/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { putLines } from '../../open/edits/index.ts';
import { useTables } from './useTables.ts';
import css from './pot.module.scss';

/** What may stand for a thing that is not there, by weight: an answer, never taken by itself. */
export function Swaps({ item, name }: { readonly item: Item; readonly name: string }) {
  const { loaded, batch, units } = useOpenMeal();
  const { pot } = useFigures().batchReckoning;
  const { tables, near } = useTables();
  const grams = pot?.items.find(({ id }) => id === item.id)?.grams ?? 0;
  const swaps = swapsFor(item.ref, grams);
  const any = swaps.length > 0 && grams > 0;
  useEffect(() => {
    if (any) near();
  }, [any, near]);
  if (!any) return null;
  const all = [...tables.usual, ...tables.large];
  const text = (g: number) => {
    const { value, unit } = writeMass(g, units);
    return `${value} ${unit}`;
  };
  const take = (swap: Swap) => {
    const known = new Set(tables.usual.map(({ id }) => id));
    putLines(loaded.meal.id, batch.id, `something else for ${name}`, (before) => ({
      batch: {
        ...before,
        items: swapped(itemsOf(before), item.id, swap, text, () => crypto.randomUUID()),
      },
      carried: tables.large.filter(({ id }) => !known.has(id) && swap.some((to) => to.id === id)),
    }));
  };
  return (
    <p className={css.itemActs}>
      <span className="quiet">in its place</span>
      {swaps.map((swap) => {
        const words = swap.map(({ id, grams: g }) => {
          const called = all.find((one) => one.id === id)?.name;
          return called === undefined ? undefined : `${text(g)} ${called}`;
        });
        if (words.includes(undefined)) return null;
        return (
          <button key={words.join()} type="button" className="link" onClick={() => take(swap)}>
            {words.join(' and ')}
          </button>
        );
      })}
    </p>
  );
}
