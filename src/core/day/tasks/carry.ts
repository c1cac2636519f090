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
 * What a pot in another kitchen leaves for a sitting is loaded there and brought over before anything is filled of it. Somebody of that kitchen is on the road
 * with it; their way back is not planned.
 * @param left what stands of all pots at a sitting
 */
export function carry(facts: DayFacts, left: (sitting: string) => readonly string[]): Carried {
  const there = facts.batches.filter(({ at }) => at !== '');
  const legs = there.flatMap((batch) =>
    facts.sittings.flatMap(({ id: sitting }) => {
      const dishes = facts.dishes.filter((dish) => dish.sitting === sitting);
      const draws = dishes.some(({ from }) => !from || from.length === 0 || from.includes(batch.id));
      const takes = draws ? left(sitting).filter((one) => isOfBatch(batch.id, one)) : [];
      return takes.length > 0
        ? [{ batch: batch.id, sitting, task: legOf(batch, sitting, takes, facts) }]
        : [];
    }),
  );
  return {
    tasks: legs.map(({ task }) => task),
    leftAt: (sitting) => {
      const over = legs.filter((leg) => leg.sitting === sitting);
      const stays = left(sitting).filter((one) => !over.some(({ batch }) => isOfBatch(batch, one)));
      return [...stays, ...over.flatMap(({ task }) => task.makes)];
    },
  };
}

function legOf(
  { id: batch, at, sentCold, shredG }: DayBatch,
  sitting: string,
  takes: readonly string[],
  { kitchens }: DayFacts,
): Unordered {
  const ref = { kind: 'carry', batch, sitting } as const;
  const id = taskId(ref);
  const road = kitchens.find((one) => one.id === at)?.road ?? usual.road;
  const minutes = usual.load + road;
  return {
    ref,
    id,
    at,
    minutes,
    takes,
    makes: [`${batch}|carried ${sitting}`],
    needs: [],
    parts: [
      {
        key: id,
        does: { what: 'carry', cold: sentCold },
        kind: 'plates',
        from: 0,
        minutes,
        hands: 1,
        grams: shredG,
      },
    ],
  };
}
