import { useCallback, useMemo, useState } from 'react';
import { soldIn } from '@/core/meal/index.ts';
import { ingredientsOf } from '@/core/model/index.ts';
import type { Tables } from '@/core/pot/index.ts';
import { reference } from '@/reference/index.ts';
import type { names as nameTable } from '@/reference/names.ts';
import type { Ingredient } from '@/reference/types.ts';
import { useOpenMeal } from '../../open/MealContext.ts';

interface Shelf {
  readonly pantry: readonly Ingredient[];
  readonly names: typeof nameTable;
}
const EMPTY: Shelf = { pantry: [], names: [] };

/** What a line is looked up in: the short table at once, the large one and what cooks call things once somebody comes near. */
export function useTables(): {
  readonly tables: Tables;
  readonly isWhole: boolean;
  readonly near: () => void;
} {
  const { kitchen } = useOpenMeal().loaded;
  const [shelf, setShelf] = useState(EMPTY);
  const near = useCallback(() => {
    Promise.all([import('@/reference/pantry.ts'), import('@/reference/names.ts')]).then(
      ([{ pantry }, { names }]) => setShelf((before) => (before === EMPTY ? { pantry, names } : before)),
      (error: unknown) => reportError(error),
    );
  }, []);
  const tables = useMemo(() => {
    const usual = ingredientsOf({ kitchen, reference });
    const known = new Set(usual.map(({ id }) => id));
    const large = soldIn(
      shelf.pantry.filter(({ id }) => !known.has(id)),
      kitchen,
    );
    return { usual, large, cuts: [...reference.cuts, ...kitchen.cuts], names: shelf.names };
  }, [kitchen, shelf]);
  return { tables, isWhole: shelf !== EMPTY, near };
}
