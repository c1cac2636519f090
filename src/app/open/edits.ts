import type { Remedy } from '@/core/model/index.ts';
import {
  type Batch,
  type Day,
  type Dish,
  type Entry,
  type Item,
  type Kitchen,
  type Lot,
  type Meal,
  type OwnIngredient,
  type ShelfItem,
  usualBatch,
  usualDish,
  usualKitchen,
  usualLot,
  type Measured,
} from '@/core/meal/index.ts';
import { covered, openPhase, withLastMinutes } from '@/core/clock/index.ts';
import { usualItems } from '@/core/pot/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import type { Settings } from '@/store/kinds.ts';
import type { Deed } from '@/store/rows.ts';
import { change, changeBatch } from './memory.ts';
import { clockNow } from '../browser/clock.ts';

/** Everything a screen may change, each as one named act. Errors reach the page's own handler. */

const id = () => crypto.randomUUID();
const named = (words: string, field: string | undefined) => ({
  words,
  ...(field !== undefined && { field }),
});

export function editMeal(mealId: string, words: string, recipe: (meal: Meal) => Meal, field?: string): void {
  change(mealId, named(words, field), (deed) =>
    deed.edit('meals', mealId, (row) => ({ ...row, meal: recipe(row.meal) })),
  );
}

/** Changes the day of a meal: hands, hours, tasks of one's own, what was pinned. */
export function editDay(mealId: string, words: string, recipe: (day: Day) => Day, field?: string): void {
  editMeal(mealId, words, (meal) => ({ ...meal, day: recipe(meal.day ?? {}) }), field);
}

export function editDish(
  mealId: string,
  dishId: string,
  words: string,
  recipe: (dish: Dish) => Dish,
  field?: string,
): void {
  const dishes = (all: readonly Dish[]) => all.map((dish) => (dish.id === dishId ? recipe(dish) : dish));
  editMeal(mealId, words, (meal) => ({ ...meal, dishes: dishes(meal.dishes) }), field);
}

export function editBatch(
  batchId: string,
  words: string,
  recipe: (batch: Batch) => Batch,
  field?: string,
): void {
  changeBatch(batchId, named(words, field), (deed) =>
    deed.edit('batches', batchId, (row) => ({ ...row, batch: recipe(row.batch) })),
  );
}

export function editLot(
  batchId: string,
  lotId: string,
  words: string,
  changes: Partial<Lot>,
  field?: string,
): void {
  changeLot(batchId, lotId, words, (lot) => ({ ...lot, ...changes }), field);
}

/** Changes a lot by a recipe, where something may be taken off it. */
export function changeLot(
  batchId: string,
  lotId: string,
  words: string,
  recipe: (lot: Lot) => Lot,
  field?: string,
): void {
  const lots = (all: readonly Lot[]) => all.map((lot) => (lot.id === lotId ? recipe(lot) : lot));
  editBatch(batchId, words, (batch) => ({ ...batch, lots: lots(batch.lots) }), field);
}

export function addLot(batchId: string): void {
  editBatch(batchId, 'a new lot', (batch) => ({ ...batch, lots: [...batch.lots, usualLot(id())] }));
}

export function removeLot(batchId: string, lotId: string): void {
  editBatch(batchId, 'removing a lot', (batch) => ({
    ...batch,
    lots: batch.lots.filter((lot) => lot.id !== lotId),
  }));
}

export function editItems(
  batchId: string,
  words: string,
  recipe: (items: readonly Item[]) => Item[],
  field?: string,
): void {
  editBatch(batchId, words, (batch) => ({ ...batch, items: recipe(batch.items ?? usualItems) }), field);
}

/** Changes one thing in the pot. */
export function editItem(
  batchId: string,
  itemId: string,
  words: string,
  recipe: (item: Item) => Item,
  field?: string,
): void {
  const items = (all: readonly Item[]) => all.map((item) => (item.id === itemId ? recipe(item) : item));
  editItems(batchId, words, items, field);
}

/** Does what a problem offers: another vessel, two of them, a pour in two parts, the salt that is right. */
export function applyRemedy(batchId: string, remedy: Remedy): void {
  switch (remedy.what) {
    case 'take':
      editBatch(batchId, 'the vessel', ({ also: _, ...b }) => ({
        ...b,
        cook: b.cook.map((phase) => ({ ...phase, vessel: remedy.vessel })),
      }));
      break;
    case 'split':
      editBatch(batchId, 'a second vessel', (b) => ({ ...b, also: [...remedy.vessels] }));
      break;
    case 'pour later':
      editItems(batchId, 'pouring in two parts', (items) =>
        items.flatMap((item) => {
          if (item.id !== remedy.item) return [item];
          const half = { ...item, amount: remedy.half, measure: 'volume' as const };
          return [half, { ...half, id: id(), at: { phase: 0, minutes: 60 } }];
        }),
      );
      break;
    case 'heat':
      editBatch(batchId, 'the heat of the oven', (b) => {
        const open = openPhase(b.cook);
        return {
          ...b,
          cook: b.cook.map((phase) => (phase === open ? { ...phase, setting: remedy.setting } : phase)),
        };
      });
      break;
    case 'cover':
      editBatch(batchId, 'the lid', (b) => {
        const lidOn = covered(b.cook);
        const { openLast } = remedy;
        return {
          ...b,
          cook: openLast ? withLastMinutes(lidOn, openLast.lid, openLast.minutes) : lidOn,
        };
      });
      break;
    case 'pour more':
    case 'pour less': {
      const less = { amount: remedy.amount, measure: 'volume' as const };
      editItems(batchId, remedy.what === 'pour more' ? 'pouring more' : 'pouring less', (items) =>
        items.map((item) => (item.id === remedy.item ? { ...item, ...less } : item)),
      );
      break;
    }
    case 'salt':
      editBatch(batchId, 'the salt', ({ salt: _, saltIn: __, ...b }) => b);
  }
}

/** Puts the lines of a recipe in at once, with the ingredients that the kitchen has to carry for them. */
export function putRecipe(
  mealId: string,
  batchId: string,
  recipe: (batch: Batch) => { readonly batch: Batch; readonly carried: readonly Ingredient[] },
): void {
  change(mealId, { words: 'a recipe' }, (deed) => {
    const row = deed.get('batches', batchId);
    if (!row) return;
    const { batch, carried } = recipe(row.batch);
    if (carried.length > 0) carry(deed, mealId, carried);
    deed.edit('batches', batchId, (before) => ({ ...before, batch }));
  });
}

/** Ingredients into the kitchen that a meal carries. */
const carry = (deed: Deed, mealId: string, ingredients: readonly Ingredient[]) =>
  editKitchenIn(deed, mealId, (kitchen) => ({
    ...kitchen,
    ingredients: [...(kitchen.ingredients ?? []), ...(ingredients as OwnIngredient[])],
  }));

/**
 * Puts an ingredient into the pot. One that the short table does not have goes into the kitchen too, so
 * that the meal carries its figures wherever it goes.
 */
export function putIn(
  mealId: string,
  batchId: string,
  ingredient: Ingredient,
  known: boolean,
  much: Pick<Item, 'amount' | 'measure'> = {},
): void {
  const item = { id: id(), ref: ingredient.id, state: 'in' as const, ...much };
  change(mealId, { words: `putting in ${ingredient.name}` }, (deed) => {
    if (!known) carry(deed, mealId, [ingredient]);
    deed.edit('batches', batchId, (row) => ({
      ...row,
      batch: { ...row.batch, items: [...(row.batch.items ?? besideUsual(ingredient)), item] },
    }));
  });
}

/** Takes the usual pot that was offered, beside what is in it, or clears it. */
export function takeUsual(batchId: string, taken: boolean): void {
  editBatch(batchId, taken ? 'the usual pot' : 'clearing the pot', (batch) =>
    taken
      ? { ...batch, items: [...usualItems, ...(batch.items ?? [])] }
      : { ...batch, items: batch.items ?? [], dismissed: [...(batch.dismissed ?? []), USUAL_POT] },
  );
}
/** What waves the offer of the usual pot away. */
export const USUAL_POT = 'usual pot';

/** What is left of the usual pot beside the first thing that is put in: that takes the place of its like. */
const besideUsual = ({ id: ref, role }: Ingredient): readonly Item[] =>
  usualItems.filter((usual) => usual.ref !== ref && !(role === 'liquid' && usual.ref === USUAL_POUR));
const USUAL_POUR = 'stock-low-salt';

export function addDish(mealId: string): void {
  editMeal(mealId, 'a new dish', (meal) => ({ ...meal, dishes: [...meal.dishes, usualDish(id())] }));
}

export function addBatch(mealId: string, name: string): string {
  const batchId = id();
  const lots = [usualLot(id())];
  change(mealId, { words: 'a new pot' }, (deed) => {
    deed.put('batches', { id: batchId, mealId, batch: { ...usualBatch(batchId, name), lots } });
    deed.edit('meals', mealId, (row) => ({
      ...row,
      meal: { ...row.meal, batches: [...row.meal.batches, batchId] },
    }));
  });
  return batchId;
}

export function removeBatch(mealId: string, batchId: string): void {
  change(mealId, { words: 'deleting a pot' }, (deed) => {
    for (const entryId of deed.idsOf('entries', mealId))
      if (deed.get('entries', entryId)?.entry.batch === batchId) deed.remove('entries', entryId);
    deed.remove('batches', batchId);
    deed.edit('meals', mealId, (row) => ({
      ...row,
      meal: { ...row.meal, batches: row.meal.batches.filter((other) => other !== batchId) },
    }));
  });
}

/** Adds a reading. One that corrects another names it; nothing is ever rewritten. Of two in one moment the later comes later. */
export function weigh(
  mealId: string,
  words: string,
  entry: Omit<Entry, 'id' | 'at' | 'source' | keyof Measured> & Measured,
  source: Entry['source'] = 'typed',
): void {
  const entryId = id();
  const now = clockNow();
  change(mealId, { words }, (deed) => {
    const taken = new Set(deed.idsOf('entries', mealId).map((other) => deed.get('entries', other)?.entry.at));
    let at = now;
    while (taken.has(at)) at += 1;
    deed.append({ id: entryId, mealId, entry: { ...entry, id: entryId, at, source } });
  });
}

/** The kitchen of a meal that came with its own, or the one that all others share. */
export function editKitchen(words: string, recipe: (kitchen: Kitchen) => Kitchen, mealId?: string): void {
  change(mealId, { words }, (deed) => editKitchenIn(deed, mealId, recipe));
}

function editKitchenIn(deed: Deed, mealId: string | undefined, recipe: (kitchen: Kitchen) => Kitchen): void {
  const row = mealId === undefined ? undefined : deed.get('meals', mealId);
  if (row?.kitchen) {
    const { kitchen } = row;
    deed.edit('meals', row.id, (meal) => ({ ...meal, kitchen: recipe(kitchen) }));
    return;
  }
  const kept = deed.get('kept', 'kitchen');
  deed.put('kept', {
    id: 'kitchen',
    kitchen: recipe(kept?.id === 'kitchen' ? kept.kitchen : usualKitchen),
  });
}

export function changeSettings(settings: Settings): void {
  change(undefined, { words: 'the units' }, (deed) => deed.put('kept', { id: 'settings', settings }));
}

/** Ticks a line of the shopping list off, or on again. */
export function tickOff(line: string): void {
  change(undefined, { words: 'ticking off the list' }, (deed) => {
    const row = deed.get('kept', 'shopping');
    const got = row?.id === 'shopping' ? row.got : [];
    const next = got.includes(line) ? got.filter((other) => other !== line) : [...got, line];
    deed.put('kept', { ...(row?.id === 'shopping' && row), id: 'shopping', got: next });
  });
}

/** Puts a line of the cook's own on the shopping list, or takes it off. */
export function listLine(line: string, on: boolean): void {
  change(undefined, { words: on ? `${line} on the list` : `${line} off the list` }, (deed) => {
    const row = deed.get('kept', 'shopping');
    const [got, lines] = row?.id === 'shopping' ? [row.got, row.lines ?? []] : [[], []];
    const others = lines.filter((other) => other !== line);
    deed.put('kept', { id: 'shopping', got, lines: on ? [...others, line] : others });
  });
}

/** Changes what stands on the shelf. */
export function editShelf(
  words: string,
  recipe: (items: readonly ShelfItem[]) => readonly ShelfItem[],
  mealId?: string,
): void {
  change(mealId, { words }, (deed) => {
    const row = deed.get('kept', 'shelf');
    deed.put('kept', { id: 'shelf', items: recipe(row?.id === 'shelf' ? row.items : []) });
  });
}

interface Taken {
  readonly mealId: string;
  readonly batchId: string;
  readonly words: string;
  /** What is taken as the kitchen's own ingredient, and how much of it. */
  readonly ingredient: OwnIngredient;
  readonly grams: number;
  /** What is in the pot where nothing is written. */
  readonly usual: readonly Item[];
  /** What is left on the shelf. */
  readonly left: ShelfItem;
}

/** Leaves a past batch out of the learning, or takes it in again. */
export function leaveOut(mealId: string, batchId: string, out: boolean): void {
  change(mealId, { words: out ? 'leaving a batch out' : 'taking a batch in again', house: true }, (deed) =>
    deed.edit('batches', batchId, (row) => {
      const { leftOut: _, ...batch } = row.batch;
      return { ...row, batch: out ? { ...batch, leftOut: true } : batch };
    }),
  );
}

/** Takes something off the shelf into a pot, as one act: its figures go to the kitchen, a line to the pot. */
export function takeFromShelf({ mealId, batchId, words, ingredient, grams, usual, left }: Taken): void {
  const item: Item = {
    id: id(),
    ref: ingredient.id,
    amount: { text: `${String(Math.round(grams))} g`, lo: grams, hi: grams },
    measure: 'mass',
    state: 'in',
  };
  change(mealId, { words }, (deed) => {
    editKitchenIn(deed, mealId, (kitchen) => ({
      ...kitchen,
      ingredients: [...(kitchen.ingredients ?? []).filter((one) => one.id !== ingredient.id), ingredient],
    }));
    deed.edit('batches', batchId, (row) => ({
      ...row,
      batch: { ...row.batch, items: [...(row.batch.items ?? usual), item] },
    }));
    const shelf = deed.get('kept', 'shelf');
    if (shelf?.id !== 'shelf') return;
    deed.put('kept', { id: 'shelf', items: shelf.items.map((one) => (one.id === left.id ? left : one)) });
  });
}
