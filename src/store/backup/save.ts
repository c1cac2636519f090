import { writeBackupHead, writeBackupMeal } from '@/core/meal/file/index.ts';
import type { SlowSpoonDb } from '../db.ts';
import { backupRows } from './rows.ts';

/** Tells how far something has come; throws once it is to stop. */
export interface Course {
  readonly signal?: AbortSignal;
  readonly told?: (done: number, of: number) => void;
}

/**
 * Everything that is kept here as one file: a line for what all meals share, and a line a meal, in the order of their
 * ids.
 */
export async function saveAll(db: SlowSpoonDb, { signal, told }: Course = {}): Promise<Blob> {
  const ids = await db.meals.orderBy('id').primaryKeys();
  const [kitchen, settings, shopping, shelf] = await db.kept.bulkGet([
    'kitchen',
    'settings',
    'shopping',
    'shelf',
  ]);
  const head = writeBackupHead({
    meals: ids.length,
    ...(kitchen?.id === 'kitchen' && { kitchen: kitchen.kitchen }),
    ...(settings?.id === 'settings' && { settings: settings.settings }),
    ...(shelf?.id === 'shelf' && { shelf: [...shelf.items] }),
    ...(shopping?.id === 'shopping' && {
      got: [...shopping.got],
      ...(shopping.lines && { lines: [...shopping.lines] }),
    }),
  });
  // A blob each: the whole as one text would hold the page up.
  const parts = [new Blob([`${head}\n`])];
  for await (const { meals, done } of backupRows(db, ids)) {
    signal?.throwIfAborted();
    parts.push(new Blob(meals.map((meal) => `${writeBackupMeal(meal)}\n`)));
    told?.(done, ids.length);
  }
  return new Blob(parts, { type: 'application/jsonl' });
}
