import { covered, openPhase, withCook, withLastMinutes } from '../../clock/index.ts';
import type { Batch, Item } from '../../meal/index.ts';
import type { Remedy } from '../../model/index.ts';
import { itemsOf } from '../../pot/index.ts';

/** Poured in two parts, the second goes in after so long, min (common practice, no source). */
const LATER = 60;

/**
 * A batch with what a problem offers done: another vessel, two of them, a pour in two parts, more or less of it, the salt that is
 * right.
 * @param newId of what comes into the list
 */
export function withRemedy(batch: Batch, remedy: Remedy, newId: () => string): Batch {
  const { cook } = batch;
  const items = (change: (item: Item) => Item[]): Batch => ({
    ...batch,
    items: itemsOf(batch).flatMap((item) => (item.id === remedyItem(remedy) ? change(item) : [item])),
  });
  switch (remedy.what) {
    case 'take': {
      const { also: _, ...alone } = batch;
      return { ...alone, cook: cook.map((phase) => ({ ...phase, vessel: remedy.vessel })) };
    }
    case 'split':
      return { ...batch, also: [...remedy.vessels] };
    case 'pour later':
      return items((item) => {
        const half = { ...item, amount: remedy.half, measure: 'volume' as const };
        return [half, { ...half, id: newId(), at: { phase: 0, minutes: LATER } }];
      });
    case 'heat': {
      const open = openPhase(cook);
      return {
        ...batch,
        cook: cook.map((phase) => (phase === open ? { ...phase, setting: remedy.setting } : phase)),
      };
    }
    case 'cover': {
      const lidOn = covered(cook);
      const { openLast } = remedy;
      return withCook(batch, openLast ? withLastMinutes(lidOn, openLast.lid, openLast.minutes) : lidOn);
    }
    case 'pour more':
    case 'pour less':
      return items((item) => [{ ...item, amount: remedy.amount, measure: 'volume' }]);
    case 'salt': {
      const { salt: _, saltIn: __, ...solved } = batch;
      return solved;
    }
  }
}

const remedyItem = (remedy: Remedy): string | undefined => ('item' in remedy ? remedy.item : undefined);
