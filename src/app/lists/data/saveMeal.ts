import type { SlowSpoonDb } from '@/store/db.ts';
import { onDisk, unkeptMeal } from '../../open/memory.ts';
import { saveText } from '../../browser/saveText.ts';

/**
 * Saves a meal as a file; one that the store does not take as the page shows it,
 * one that cannot be read any more as the rows that there are.
 */
export async function saveMeal(db: SlowSpoonDb, id: string, name: string): Promise<void> {
  const { exportWhatIsThere, fileOf } = await import('@/store/files.ts');
  const unkept = unkeptMeal(id);
  const { text, readable } = unkept
    ? { text: fileOf(unkept), readable: true }
    : await onDisk(() => exportWhatIsThere(db, id));
  const file = name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase() || 'meal';
  saveText(`${file}${readable ? '' : '-rows'}.json`, text);
}
