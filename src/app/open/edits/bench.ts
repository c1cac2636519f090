import type { Entry, Measured } from '@/core/meal/index.ts';
import { change } from '../memory.ts';
import { clockNow } from '../../browser/clock.ts';
import { deviceNow } from '../../browser/device.ts';
import { id } from './act.ts';

/** What is read at the bench. */

/** Adds a reading. One that corrects another names it; nothing is ever rewritten. Of two in one moment the later comes later. */
export function weigh(
  mealId: string,
  words: string,
  entry: Omit<Entry, 'id' | 'at' | 'source' | 'by' | keyof Measured> & Measured,
  source: Entry['source'] = 'typed',
): void {
  const entryId = id();
  const now = clockNow();
  change(mealId, { words }, (edits) => {
    const taken = new Set(
      edits.idsOf('entries', mealId).map((other) => edits.get('entries', other)?.entry.at),
    );
    let at = now;
    while (taken.has(at)) at += 1;
    edits.append({
      id: entryId,
      mealId,
      entry: { ...entry, id: entryId, at, source, by: { device: deviceNow() } },
    });
  });
}
