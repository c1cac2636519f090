import {
  usualKitchen,
  type Batch,
  type Lists,
  type Entry,
  type Kitchen,
  type Learned,
  type Meal,
} from '@/core/meal/index.ts';
import type { BatchRow, Change, EntryRow, KeptRow, MealRow, Row, TableName } from './kinds.ts';
import { goneAfter } from './gone.ts';
import { sameKept } from '@/core/meal/index.ts';

/** A meal with all that its reckoning needs. */
export interface LoadedMeal {
  readonly meal: Meal;
  readonly batches: readonly Batch[];
  readonly entries: readonly Entry[];
  readonly kitchen: Kitchen;
  /** What its kitchen had learned by then; absent: nothing. */
  readonly learned?: Learned | undefined;
  /** Ids of what was taken away from it, or undone; absent: nothing. */
  readonly gone?: readonly string[] | undefined;
}

export interface RowOf {
  meals: MealRow;
  batches: BatchRow;
  entries: EntryRow;
  kept: KeptRow;
}

/** The rows of a meal, and those that all meals share, as they stand in memory. */
export type Rows = { readonly [T in TableName]: ReadonlyMap<string, RowOf[T]> } & {
  /** Ids of what is gone from the meal, in order. */
  readonly gone: readonly string[];
};

export const rowsFrom = (
  all: { readonly [T in TableName]: readonly RowOf[T][] },
  gone: readonly string[] = [],
): Rows => ({
  gone,
  meals: byId(all.meals),
  batches: byId(all.batches),
  entries: byId(all.entries),
  kept: byId(all.kept),
});
const byId = <T extends Row>(rows: readonly T[]): ReadonlyMap<string, T> =>
  new Map(rows.map((row) => [row.id, row]));

/** What an act may do. It runs at once, on rows in memory. */
export interface RowEdits {
  edit<T extends TableName>(table: T, id: string, recipe: (row: RowOf[T]) => RowOf[T]): void;
  put(table: TableName, row: Row): void;
  remove(table: TableName, id: string): void;
  append(row: EntryRow): void;
  get<T extends TableName>(table: T, id: string): RowOf[T] | undefined;
  /** The ids of a meal's rows. */
  idsOf(table: 'batches' | 'entries', mealId: string): readonly string[];
}

/** The lists of a row, by what they hold. */
export function listsOf(row: Row): Lists {
  if ('meal' in row)
    return {
      dishes: row.meal.dishes,
      sittings: row.meal.sittings,
      costs: row.meal.quote?.costs,
      batches: row.meal.batches,
      tasks: row.meal.day?.tasks,
    };
  if ('batch' in row) {
    const { lots, items, cook, dismissed } = row.batch;
    return { lots, items, phases: cook, dismissed };
  }
  if (!('kitchen' in row)) return {};
  const { vessels, heatSources, scoops, cuts, ingredients, hands, fridges, places } = row.kitchen;
  return { vessels, heatSources, scoops, cuts, ingredients, hands, fridges, places };
}

/** The rows of two meals, and what all share. */
export const withRows = (rows: Rows, others: Rows): Rows => ({
  ...rows,
  meals: new Map([...rows.meals, ...others.meals]),
  batches: new Map([...rows.batches, ...others.batches]),
  entries: new Map([...rows.entries, ...others.entries]),
});

/**
 * What an act would change in these rows, in its order; the rows stay as they are.
 * @throws if it edits a row that is not there any more
 */
export function changesOf(rows: Rows, what: (edits: RowEdits) => void): readonly Change[] {
  const changes: Change[] = [];
  const now = new Map<string, Row | undefined>();
  const get = (table: TableName, id: string): Row | undefined => {
    const key = `${table} ${id}`;
    return now.has(key) ? now.get(key) : rows[table].get(id);
  };
  const put = (table: TableName, id: string, before: Row | undefined, after: Row | undefined) => {
    // What changes nothing is no act: undo would seem to do nothing either.
    if (sameKept(before, after)) return;
    now.set(`${table} ${id}`, after);
    changes.push({ what: 'put', table, id, ...(before && { before }), ...(after && { after }) });
  };
  what({
    edit(table, id, recipe) {
      const before = get(table, id);
      if (!before) throw new Error(`There is no “${id}” in ${table} any more.`);
      // The table says which kind of row it holds.
      put(table, id, before, recipe(before as never));
    },
    put: (table, row) => put(table, row.id, get(table, row.id), row),
    remove(table, id) {
      const before = get(table, id);
      if (before) put(table, id, before, undefined);
    },
    append(row) {
      now.set(`entries ${row.id}`, row);
      changes.push({ what: 'append', row });
    },
    get: (table, id) => get(table, id) as never,
    idsOf: (table, mealId) =>
      [...rows[table].values()].flatMap((row) => (row.mealId === mealId ? [row.id] : [])),
  });
  return changes;
}

/** The rows after some changes: new maps where something changed, the same ones where nothing did. */
export function withChanges(rows: Rows, changes: readonly Change[]): Rows {
  const touched = new Map<TableName, Map<string, Row>>();
  const writable = (table: TableName) => {
    const known = touched.get(table) ?? new Map<string, Row>(rows[table]);
    touched.set(table, known);
    return known;
  };
  for (const change of changes) {
    if (change.what === 'append') writable('entries').set(change.row.id, change.row);
    else if (change.after) writable(change.table).set(change.id, change.after);
    else writable(change.table).delete(change.id);
  }
  return { ...rows, ...Object.fromEntries(touched), gone: goneAfter(rows.gone, changes) };
}

const known = new WeakMap<Rows, LoadedMeal>();
const sorted = new WeakMap<Rows['entries'], readonly Entry[]>();

/** The readings in order: the same list until there is another, so that what hangs on them alone stands. */
function inTime(rows: Rows['entries']): readonly Entry[] {
  const before = sorted.get(rows);
  if (before) return before;
  const entries = [...rows.values()]
    .map(({ entry }) => entry)
    .sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
  sorted.set(rows, entries);
  return entries;
}

/** The meal that these rows hold, in the order of its stove and of time; undefined if there is none. */
export function loadedOf(rows: Rows): LoadedMeal | undefined {
  const before = known.get(rows);
  if (before) return before;
  const [row] = rows.meals.values();
  if (!row) return undefined;
  const kept = rows.kept.get('kitchen');
  const place = (id: string) => row.meal.batches.indexOf(id);
  const loaded = {
    meal: row.meal,
    batches: [...rows.batches.values()].map(({ batch }) => batch).sort((a, b) => place(a.id) - place(b.id)),
    entries: inTime(rows.entries),
    kitchen: row.kitchen ?? (kept?.id === 'kitchen' ? kept.kitchen : usualKitchen),
    ...(row.learned && { learned: row.learned }),
    ...(rows.gone.length > 0 && { gone: rows.gone }),
  };
  known.set(rows, loaded);
  return loaded;
}
