import type { DayFacts, DaySitting } from '../facts.ts';
import { packMinutes, plateMinutes, usual } from '../minutes.ts';
import { isOfBatch, type Unordered } from '../materials.ts';
import { taskId, type Doing, type Part } from '../task.ts';
import { SLOT } from '../../schedule/index.ts';
import { bakedFrom, beforeFilling, filledOn } from './dish.ts';
import { byHand, on } from './draft.ts';

/** More hands than these get in each other's way (common practice, no source). */
const MOST_HANDS = 3;

const isFrom = (from: readonly string[] | undefined) => (material: string) =>
  !from || from.length === 0 || from.some((batch) => isOfBatch(batch, material));

/**
 * How a sitting reaches the plates, of all that the batches leave and what is served with it: filled here, put into hot boxes
 * to be filled as they are asked for, or packed, sent out and filled there.
 * @param left what stands when the batches are done
 */
export function servingTasks(
  facts: DayFacts,
  { id: sitting, place, sent: how }: DaySitting,
  left: readonly string[],
): readonly Unordered[] {
  const { own } = facts;
  const dishes = facts.dishes.filter((dish) => dish.sitting === sitting);
  if (dishes.length === 0) return [];
  const beside = [
    ...own.filter(({ when }) => when === 'serving').map(({ id }) => taskId({ kind: 'own', own: id })),
  ];
  // A dish that is filled from some of the pots waits for no other, nor a sitting for a pot that none of its dishes is filled from.
  const drawn = left.filter((one) => dishes.some(({ from }) => isFrom(from)(one)));
  if (place === 'kept hot') return [{ ...boxes(sitting), takes: [...drawn, ...beside] }];
  if (place === 'sent out')
    return [{ ...sent(sitting, how, dishes, facts.hands), takes: [...drawn, ...beside] }];
  return dishes.flatMap((dish): Unordered[] => {
    const first = beforeFilling(dish, facts);
    const ref = { kind: 'plates', dish: dish.id } as const;
    const id = taskId(ref);
    const { name, kind, count, built, from } = dish;
    const minutes = built ? usual.setOut : plateMinutes(kind, count, facts.hands);
    const does = { what: built ? 'set out' : 'fill', name, count } as const;
    const { parts } = byHand(id, 'plates', does, minutes, on(), {
      hands: Math.min(MOST_HANDS, facts.hands),
    });
    const baked = bakedFrom(id, dish, Math.ceil(minutes / SLOT) * SLOT);
    const filled: Unordered = {
      ref,
      id,
      minutes: baked.minutes > 0 ? Math.ceil(minutes / SLOT) * SLOT + baked.minutes : minutes,
      parts: [...parts.map((part) => ({ ...part, sized: true as const })), ...baked.parts],
      needs: [
        ...filledOn(
          dish,
          minutes,
          facts.resources.filter(({ at = '' }) => at === ''),
        ),
        ...baked.needs,
      ],
      takes: [...left.filter(isFrom(from)), ...beside, ...(first?.makes ?? [])],
      makes: [id],
    };
    return first ? [first, filled] : [filled];
  });
}

function boxes(sitting: string): Omit<Unordered, 'takes'> {
  const ref = { kind: 'boxes', sitting } as const;
  const id = taskId(ref);
  const { parts } = byHand(id, 'plates', { what: 'hot boxes' }, usual.hotBoxes, on());
  return { ref, id, minutes: usual.hotBoxes, parts, makes: [], needs: [] };
}

/** Packed, out of the door, on the road, reheated there if it went cold, and filled there by other hands. */
function sent(
  sitting: string,
  { road, packing, cold }: DaySitting['sent'],
  dishes: DayFacts['dishes'],
  hands: number,
): Omit<Unordered, 'takes'> {
  const ref = { kind: 'sent', sitting } as const;
  const id = taskId(ref);
  const servings = dishes.reduce((sum, { count }) => sum + count, 0);
  const steps: {
    readonly key: string;
    readonly does: Doing;
    readonly minutes: number;
    readonly hands: number;
  }[] = [
    {
      key: id,
      does: { what: 'pack' },
      minutes: packing ?? packMinutes(servings, hands),
      hands: Math.min(MOST_HANDS, hands),
    },
    { key: `${id}|load`, does: { what: 'load' }, minutes: usual.load, hands: 1 },
    { key: `${id}|road`, does: { what: 'on the road' }, minutes: road, hands: 0 },
    ...(cold
      ? [{ key: `${id}|reheat`, does: { what: 'reheat there' } as const, minutes: usual.reheat, hands: 0 }]
      : []),
    ...dishes.map(({ id: dish, name, kind, count }) => ({
      key: `${id}|${dish}`,
      does: { what: 'fill there', name, count } as const,
      minutes: plateMinutes(kind, count, hands),
      hands: 0,
    })),
  ];
  let from = 0;
  const parts = steps.map((step): Part => {
    const at = from;
    from += step.minutes;
    return { ...step, kind: 'plates', from: at };
  });
  return { ref, id, minutes: from, parts, needs: [], makes: [] };
}
