import { reckon } from '@/core/reckoning/index.ts';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { runs } from '@/core/testing/runs.ts';
import {
  type Batch,
  type Entry,
  type Feel,
  feels,
  type OwnCut,
  usualBatch,
  usualKitchen,
  type Measured,
} from '@/core/meal/index.ts';
import { openMeal } from '@/core/model/index.ts';

import { grams, lotOf } from '@/core/testing/meals.ts';
import { reference } from '@/reference/index.ts';
import { act, keep, nextActs, redo, undo } from './acts.ts';
import { emptyBin } from './bin.ts';
import { openDb, type SlowSpoonDb } from './db.ts';
import { exportMeal, readIncoming } from './files.ts';
import {
  deleteMeal,
  goingWith,
  importMeal,
  loadMeal,
  type LoadedMeal,
  loadRows,
  newMeal,
  putBack,
} from './meals.ts';
import { changesOf, type RowEdits, type Rows } from './rows.ts';

/** What a cook may do, drawn at random; what names a thing takes one of those that are there. */
type Doing =
  | { readonly what: 'name'; readonly name: string }
  | { readonly what: 'lot'; readonly g: number }
  | { readonly what: 'weight'; readonly g: number; readonly pick: number }
  | { readonly what: 'lot out' | 'pot' | 'pot out' | 'kitchen' | 'delete' | 'file' }
  | { readonly what: 'weigh'; readonly g: number; readonly flow: 'shred' | 'bone' | 'skim' }
  | { readonly what: 'correct' | 'empty'; readonly g: number; readonly pick: number }
  | { readonly what: 'fork'; readonly feel: Feel }
  | { readonly what: 'serving'; readonly hour: number };

const g = fc.integer({ min: 1, max: 9000 });
const pick = fc.nat({ max: 5 });
const doing: fc.Arbitrary<Doing> = fc.oneof(
  fc.record({ what: fc.constant('name' as const), name: fc.string({ maxLength: 12 }) }),
  fc.record({ what: fc.constant('lot' as const), g }),
  fc.record({ what: fc.constant('weight' as const), g, pick }),
  fc.record({
    what: fc.constantFrom(...(['lot out', 'pot', 'pot out', 'kitchen', 'delete', 'file'] as const)),
  }),
  fc.record({ what: fc.constant('weigh' as const), g, flow: fc.constantFrom('shred', 'bone', 'skim') }),
  fc.record({ what: fc.constantFrom('correct' as const, 'empty' as const), g, pick }),
  fc.record({ what: fc.constant('fork' as const), feel: fc.constantFrom(...feels) }),
  fc.record({ what: fc.constant('serving' as const), hour: fc.integer({ min: 10, max: 23 }) }),
);

/** One kitchen with one meal, on which things are done as the screens do them. */
class Cook {
  #ids = 0;
  readonly #db: SlowSpoonDb;
  readonly #meal: string;
  readonly #changes: 'altitude' | 'cuts';
  /** @param changes which part of the kitchen it changes */
  constructor(db: SlowSpoonDb, meal: string, changes: 'altitude' | 'cuts' = 'altitude') {
    this.#db = db;
    this.#meal = meal;
    this.#changes = changes;
  }

  #id = () => `${this.#meal.slice(0, 8)}-${(this.#ids += 1)}`;

  /** Does it; what there is nothing to do to is left. */
  async do(doing: Doing): Promise<void> {
    const loaded = await loadMeal(this.#db, this.#meal);
    if (doing.what === 'file') return this.#backAndForth();
    if (!loaded) return;
    const [batch] = loaded.batches;
    const entryOf = (
      measured: Measured,
      changes: Pick<Entry, 'value'> & Partial<Pick<Entry, 'replaces'>>,
    ): Entry => ({
      ...measured,
      id: this.#id(),
      at: this.#ids,
      batch: batch?.id ?? '',
      source: 'typed',
      ...changes,
    });
    const old = 'pick' in doing ? loaded.entries[doing.pick % Math.max(1, loaded.entries.length)] : undefined;
    switch (doing.what) {
      case 'name':
        return this.#editMeal((meal) => ({ ...meal, name: doing.name }));
      case 'serving':
        return this.#editMeal((meal) => ({
          ...meal,
          serving: { local: `2026-12-05T${doing.hour}:00`, zone: 'UTC' },
        }));
      case 'lot':
        return this.#editBatch(batch, (b) => ({
          ...b,
          lots: [...b.lots, lotOf('beef-shank', doing.g, { id: this.#id() })],
        }));
      case 'weight':
        return this.#editBatch(batch, (b) => ({
          ...b,
          lots: b.lots.map((lot, i) => (i === doing.pick ? { ...lot, weight: grams(doing.g) } : lot)),
        }));
      case 'lot out':
        return this.#editBatch(batch, (b) => ({ ...b, lots: b.lots.slice(1) }));
      case 'weigh':
        return this.#append(
          entryOf(
            { measures: { what: 'sum', flow: doing.flow }, measure: 'mass' },
            { value: grams(doing.g) },
          ),
        );
      case 'fork':
        return this.#append(
          entryOf(
            { measures: { what: 'check', feel: doing.feel }, measure: 'feel' },
            { value: { text: '' } },
          ),
        );
      case 'correct':
        return old && this.#append(entryOf(old, { replaces: old.id, value: grams(doing.g) }));
      case 'empty':
        return old && this.#append(entryOf(old, { replaces: old.id, value: null }));
      case 'pot': {
        const id = this.#id();
        return this.#act((edits) => {
          edits.put('batches', { id, mealId: this.#meal, batch: usualBatch(id, id) });
          edits.edit('meals', this.#meal, (row) => ({
            ...row,
            meal: { ...row.meal, batches: [...row.meal.batches, id] },
          }));
        });
      }
      case 'pot out': {
        const last = loaded.batches.at(-1);
        if (!last || loaded.batches.length < 2) return;
        return this.#act((edits) => {
          edits.remove('batches', last.id);
          edits.edit('meals', this.#meal, (row) => ({
            ...row,
            meal: { ...row.meal, batches: row.meal.batches.filter((id) => id !== last.id) },
          }));
        });
      }
      case 'kitchen':
        return this.#act((edits) =>
          edits.put('kept', {
            id: 'kitchen',
            kitchen:
              this.#changes === 'altitude'
                ? { ...loaded.kitchen, altitudeM: loaded.kitchen.altitudeM + 100 }
                : { ...loaded.kitchen, cuts: [...loaded.kitchen.cuts, ownCut(this.#id())] },
          }),
        );
      case 'delete':
        return deleteMeal(this.#db, this.#meal, loaded.meal.name);
    }
  }

  /** Out as a file and in again, in the place of what is there. */
  async #backAndForth(): Promise<void> {
    if (!(await loadMeal(this.#db, this.#meal))) return;
    const text = await exportMeal(this.#db, this.#meal);
    const incoming = await readIncoming(this.#db, { size: text.length, text: () => Promise.resolve(text) });
    if (incoming.ok) await importMeal(this.#db, incoming.file, 1);
  }

  #act = (what: Parameters<typeof act>[3]) => act(this.#db, { words: 'something' }, this.#meal, what);
  #editMeal = (
    recipe: (meal: Parameters<typeof openMeal>[0]['meal']) => Parameters<typeof openMeal>[0]['meal'],
  ) => this.#act((edits) => edits.edit('meals', this.#meal, (row) => ({ ...row, meal: recipe(row.meal) })));
  #editBatch = async (batch: Batch | undefined, recipe: (batch: Batch) => Batch) => {
    if (batch)
      await this.#act((edits) =>
        edits.edit('batches', batch.id, (row) => ({ ...row, batch: recipe(row.batch) })),
      );
  };
  #append = (entry: Entry) => this.#act((edits) => edits.append({ id: entry.id, mealId: this.#meal, entry }));

  /** The meal and its readings, without the kitchen. */
  async own(): Promise<string> {
    const { kitchen: _, ...own } = (await this.#loaded()) ?? { kitchen: undefined };
    return JSON.stringify(own);
  }

  /** The meal but for the ids of what is gone, none of which stands. */
  async #loaded(): Promise<LoadedMeal | undefined> {
    const loaded = await loadMeal(this.#db, this.#meal);
    if (!loaded) return undefined;
    const { gone = [], ...own } = loaded;
    const stands = JSON.stringify(own);
    // The usual steps and phases of a pot are called alike in each.
    for (const id of gone.filter((path) => !path.includes('/'))) expect(stands).not.toContain(`"id":"${id}"`);
    return own;
  }

  /** Everything that stands: the meal, its file, and its figures. */
  async stands(): Promise<string> {
    const loaded = await this.#loaded();
    if (!loaded) return 'no meal';
    const { meal, batches, problems } = reckon(openMeal({ ...loaded, reference }));
    const { gone: _, ...file } = JSON.parse(await exportMeal(this.#db, this.#meal)) as Record<
      string,
      unknown
    >;
    return JSON.stringify({ loaded, file, meal, batches, problems });
  }
}

const ownCut = (id: string): OwnCut => ({ id, name: id, species: 'beef', basis: 'raw', yield: 0.5 }) as never;
const kitchenOf = async (db: SlowSpoonDb) => {
  const row = await db.kept.get('kitchen');
  return row?.id === 'kitchen' ? row.kitchen : usualKitchen;
};

/** A tab that held these rows puts its name to the meal: as it stood when they were read. */
async function late(db: SlowSpoonDb, id: string, rows: Rows | undefined): Promise<void> {
  if (!rows) return;
  const what = (edits: RowEdits): void =>
    edits.edit('meals', id, (row) => ({ ...row, meal: { ...row.meal, name: 'Late' } }));
  // Of a meal that is gone nothing can be named: that is said, and nothing is done.
  await keep(db, { words: 'the name' }, id, changesOf(rows, what), what).catch(() => undefined);
}

describe('undo and redo', () => {
  let databases = 0;
  test('bring back exactly what stood, after any acts, as often as one likes', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(doing, { minLength: 1, maxLength: 12 }), async (doings) => {
        const db = openDb(`undo-${(databases += 1)}`);
        const { mealId } = await newMeal(db, 'Supper');
        const cook = new Cook(db, mealId);
        const stood = [await cook.stands()];
        for (const one of doings) {
          const acts = await db.acts.count();
          await cook.do(one);
          if ((await db.acts.count()) > acts) stood.push(await cook.stands());
        }
        for (let again = 0; again < 2; again += 1) {
          for (const before of stood.toReversed().slice(1)) {
            await undo(db, mealId);
            expect(await cook.stands()).toBe(before);
          }
          for (const after of stood.slice(1)) {
            await redo(db, mealId);
            expect(await cook.stands()).toBe(after);
          }
        }
        await db.delete();
      }),
      { numRuns: runs(25, 6) },
    );
  }, 60_000);

  test('belong to one meal: what is done in another stays, and the kitchen that they share keeps its part', async () => {
    const inTurn = fc.array(fc.tuple(doing, fc.boolean()), { minLength: 1, maxLength: 14 });
    await fc.assert(
      fc.asyncProperty(inTurn, async (doings) => {
        const db = openDb(`undo-${(databases += 1)}`);
        const [first, second] = [await newMeal(db, 'Supper'), await newMeal(db, 'Lunch')];
        const [here, there] = [new Cook(db, first.mealId), new Cook(db, second.mealId, 'cuts')];
        const began = await here.own();
        for (const [one, mine] of doings) await (mine ? here : there).do(one);
        const [ended, theirs] = [await here.own(), await there.own()];
        const { cuts } = await kitchenOf(db);
        let steps = 0;
        // The first act of all made the meal itself.
        while ((await nextActs(db, first.mealId)).undo?.words !== 'a new meal') {
          await undo(db, first.mealId);
          steps += 1;
        }
        expect(await here.own()).toBe(began);
        expect(await there.own()).toBe(theirs);
        expect(await kitchenOf(db)).toMatchObject({ altitudeM: usualKitchen.altitudeM, cuts });
        for (; steps > 0; steps -= 1) await redo(db, first.mealId);
        expect(await here.own()).toBe(ended);
        expect(await there.own()).toBe(theirs);
        await db.delete();
      }),
      { numRuns: runs(25, 6) },
    );
  }, 60_000);

  test('where no meal is open nothing takes a meal away that was made, whatever was done to it', async () => {
    const db = openDb('undo-house');
    const { mealId } = await newMeal(db, 'Supper');
    const cook = new Cook(db, mealId);
    expect((await nextActs(db, undefined)).undo).toBeUndefined();
    for (const what of ['lot', 'weigh'] as const) await cook.do({ what, g: 900, flow: 'shred' });
    const stood = await cook.stands();
    expect(await undo(db)).toBeUndefined();
    expect(await cook.stands()).toBe(stood);
    await db.delete();
  });

  /*
   * Every order of pages, tabs and acts: two meals and the pages without one, acts, undo and redo from each, and a tab that
   * still holds what stood some acts ago.
   */
  test('in no order of pages, tabs and acts is a meal lost: what goes was taken away, or brought in and left as it was, and lies whole in the bin', async () => {
    const step = fc.record({
      at: fc.constantFrom('first', 'second', 'no meal'),
      what: fc.oneof(
        { weight: 3, arbitrary: doing },
        { weight: 4, arbitrary: fc.constantFrom('undo', 'redo') },
        { weight: 1, arbitrary: fc.constantFrom('late', 'put back') },
      ),
    });
    await fc.assert(
      fc.asyncProperty(fc.array(step, { minLength: 5, maxLength: 40 }), async (steps) => {
        const db = openDb(`undo-${(databases += 1)}`);
        const ids = [(await newMeal(db, 'Supper')).mealId, (await newMeal(db, 'Lunch')).mealId] as const;
        const cooks = ids.map((id) => new Cook(db, id));
        let held = await Promise.all(ids.map((id) => loadRows(db, id)));
        for (const [turn, { at, what }] of steps.entries()) {
          const i = at === 'second' ? 1 : 0;
          const [id, mealId] = [ids[i], at === 'no meal' ? undefined : ids[i]];
          const before = await Promise.all(ids.map((meal) => loadRows(db, meal)));
          let undone: string | undefined;
          if (what === 'undo') undone = await undo(db, mealId);
          else if (what === 'redo') await redo(db, mealId);
          else if (what === 'put back') await putBack(db, id).catch(() => undefined);
          else if (what === 'late') await late(db, id, held[i]);
          else await cooks[i]?.do(what);
          if (turn % 3 === 0) held = before;
          for (const [n, meal] of ids.entries()) {
            const was = before[n];
            if (!was || (await loadRows(db, meal))) continue;
            const [row] = await db.bin.where('id').equals(meal).toArray();
            expect(row?.entries.map((one) => one.id).toSorted()).toEqual([...was.entries.keys()].toSorted());
            expect(row?.batches.map((one) => one.id).toSorted()).toEqual([...was.batches.keys()].toSorted());
            if (what === 'undo')
              expect(undone).toMatch(
                mealId === undefined ? /^(bringing in|putting)/ : /^(a new meal|bringing in|putting)/,
              );
            else
              expect([what, typeof what === 'object' && what.what]).toContainEqual(
                what === 'redo' ? 'redo' : 'delete',
              );
          }
        }
        await db.delete();
      }),
      { numRuns: runs(200, 15) },
    );
  }, 120_000);

  test('what was brought in there goes again there, until something was done to it', async () => {
    const db = openDb('undo-brought-in');
    const { mealId } = await newMeal(db, 'Supper');
    const cook = new Cook(db, mealId);
    await cook.do({ what: 'weigh', g: 900, flow: 'shred' });
    const text = await exportMeal(db, mealId);
    await cook.do({ what: 'delete' });
    const incoming = await readIncoming(db, { size: text.length, text: () => Promise.resolve(text) });
    if (!incoming.ok) throw new Error(incoming.error);
    await importMeal(db, incoming.file, 1);
    expect((await nextActs(db, undefined)).undo?.words).toBe('bringing in “Supper”');
    await cook.do({ what: 'name', name: 'Lunch' });
    expect((await nextActs(db, undefined)).undo).toBeUndefined();
    await undo(db, mealId);
    expect(await undo(db)).toBe('bringing in “Supper”');
    expect(await cook.stands()).toBe('no meal');
    await db.delete();
  });
});

describe('the bin', () => {
  test('holds a meal that was deleted until it is put back, whatever was done meanwhile', async () => {
    const db = openDb('bin');
    const { mealId } = await newMeal(db, 'Supper');
    const cook = new Cook(db, mealId);
    for (const what of ['lot', 'weigh'] as const) await cook.do({ what, g: 900, flow: 'shred' });
    const stood = await cook.stands();
    expect(await goingWith(db, mealId)).toEqual({ pots: 1, readings: 1, closed: 0 });
    await cook.do({ what: 'delete' });
    await act(db, { words: 'the altitude' }, undefined, (edits) =>
      edits.put('kept', { id: 'kitchen', kitchen: usualKitchen }),
    );
    expect(await cook.stands()).toBe('no meal');
    await putBack(db, mealId);
    expect(await cook.stands()).toBe(stood);
    expect(await db.bin.count()).toBe(0);
    // Put back once more it is as it is, and to take that back is to have it in the bin again.
    await undo(db, mealId);
    expect((await db.bin.toArray()).map(({ name }) => name)).toEqual(['Supper']);
    await db.delete();
  });

  test('holds a meal that an undo has taken away, with its readings', async () => {
    const db = openDb('bin-undo');
    const { mealId } = await newMeal(db, 'Supper');
    const cook = new Cook(db, mealId);
    await cook.do({ what: 'weigh', g: 900, flow: 'shred' });
    const stood = await cook.stands();
    await cook.do({ what: 'delete' });
    expect((await nextActs(db, undefined)).undo?.words).toBe('deleting “Supper”');
    await undo(db);
    expect(await cook.stands()).toBe(stood);
    expect(await db.bin.count()).toBe(0);
    await redo(db);
    expect((await db.bin.toArray()).map(({ entries }) => entries.length)).toEqual([1]);
    await db.delete();
  });

  test('is emptied of what has lain there for thirty days', async () => {
    const db = openDb('bin-old');
    for (const name of ['Supper', 'Lunch']) {
      const { mealId } = await newMeal(db, name);
      await deleteMeal(db, mealId, name);
    }
    const [row] = await db.bin.toArray();
    if (!row) throw new Error('nothing lies in the bin');
    await db.bin.put({ ...row, at: Date.UTC(2026, 0, 1) });
    await emptyBin(db, Date.UTC(2026, 0, 31));
    expect(await db.bin.count()).toBe(2);
    await emptyBin(db, Date.UTC(2026, 0, 31) + 1);
    expect(await db.bin.count()).toBe(1);
    await db.delete();
  });
});
