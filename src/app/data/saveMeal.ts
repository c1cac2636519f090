import type { SlowSpoonDb } from '@/store/db.ts';
import { onDisk } from './memory.ts';
import { saveText } from './saveText.ts';

/** Saves a meal as a file; one that cannot be read any more as the rows that there are. */
export async function saveMeal(db: SlowSpoonDb, id: string, name: string): Promise<void> {
  const { exportWhatIsThere } = await import('@/store/files.ts');
  const { text, readable } = await onDisk(() => exportWhatIsThere(db, id));
  const file = name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase() || 'meal';
  saveText(`${file}${readable ? '' : '-rows'}.json`, text);
}
