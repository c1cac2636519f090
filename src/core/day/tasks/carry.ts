import type { DayBatch, DayFacts } from '../facts.ts';
import { isOfBatch, type Unordered } from '../materials.ts';
import { usual } from '../minutes.ts';
import { taskId } from '../task.ts';

/** What is carried over, and what a sitting finds of it. */
export interface Carried {
  readonly tasks: readonly Unordered[];
  readonly leftAt: (sitting: string) => readonly string[];
}

/**
 * What the pots in another kitchen leave for a sitting is loaded there and brought over in one go, before anything is filled of it. Somebody of that kitchen is
 * on the road with it; their way back is not planned.
 * @param left what stands of all pots at a sitting
 */
export function carry(facts: DayFacts, left: (sitting: string) => readonly string[]): Carried {
  const there = facts.batches.filter(({ at }) => at !== '');
  const legs = facts.sittings.flatMap(({ id: sitting }) => {
    const dishes = facts.dishes.filter((dish) => dish.sitting === sitting);
    const draws = (batch: string) =>
      dishes.some(({ from }) => !from || from.length === 0 || from.includes(batch));
    return [...new Set(there.map(({ at }) => at))].flatMap((at) => {
      const pots = there.flatMap((batch): Load[] => {
        const takes =
          batch.at === at && draws(batch.id) ? left(sitting).filter((one) => isOfBatch(batch.id, one)) : [];
        return takes.length > 0 ? [{ batch, takes }] : [];
      });
      const [first, ...others] = pots;
      return first ? [{ sitting, pots, task: legOf(first, others, sitting, facts) }] : [];
    });
  });
  return {
    tasks: legs.map(({ task }) => task),
    leftAt: (sitting) => {
      const over = legs.filter((leg) => leg.sitting === sitting);
      const carried = over.flatMap(({ pots }) => pots.map(({ batch }) => batch.id));
      const stays = left(sitting).filter((one) => !carried.some((batch) => isOfBatch(batch, one)));
      return [...stays, ...over.flatMap(({ task }) => task.makes)];
    },
  };
}

/** What goes of one pot. */
interface Load {
  readonly batch: DayBatch;
  readonly takes: readonly string[];
}

function legOf(first: Load, others: readonly Load[], sitting: string, { kitchens }: DayFacts): Unordered {
  const pots = [first, ...others];
  const { id: batch, at } = first.batch;
  const ref = {
    ...({ kind: 'carry', batch, sitting } as const),
    ...(others.length > 0 && { beside: others.map((one) => one.batch.id) }),
  };
  const id = taskId(ref);
  const road = kitchens.find((one) => one.id === at)?.road ?? usual.road;
  const minutes = usual.load + road;
  return {
    ref,
    id,
    at,
    minutes,
    takes: pots.flatMap(({ takes }) => takes),
    makes: pots.map((one) => `${one.batch.id}|carried ${sitting}`),
    needs: [],
    parts: [
      {
        key: id,
        does: { what: 'carry', cold: pots.every((one) => one.batch.sentCold) },
        kind: 'plates',
        from: 0,
        minutes,
        hands: 1,
        grams: pots.reduce((sum, one) => sum + one.batch.shredG, 0),
      },
    ],
  };
}
