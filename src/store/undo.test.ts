import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { usualKitchen } from '@/core/meal/index.ts';
import { runs } from '@/core/testing/runs.ts';
import { keep, nextActs, redo, undo } from './acts.ts';
import { openDb, type SlowSpoonDb } from './db.ts';
import { exportMeal, readIncoming } from './files.ts';
import { Cook, doing, kitchenOf } from './testing/cook.ts';
import { importMeal, loadRows, newMeal, putBack } from './meals.ts';
import { changesOf, type RowEdits, type Rows } from './rows.ts';

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
