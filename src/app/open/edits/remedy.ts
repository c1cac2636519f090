import type { Remedy } from '@/core/model/index.ts';
import { covered, openPhase, withLastMinutes, withCook } from '@/core/clock/index.ts';
import { id } from './act.ts';
import { editBatch } from './batch.ts';
import { editItems } from './pot.ts';

/** What a problem offers. */

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
        return withCook(b, openLast ? withLastMinutes(lidOn, openLast.lid, openLast.minutes) : lidOn);
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
