import { useEffect, useEffectEvent } from 'react';
import type { Dish } from '@/core/meal/index.ts';
import { countOf, dishName } from '@/core/order/index.ts';
import { type PlateNow, runOf, slotOf, weighedOut, withLocked } from '@/core/plates/index.ts';
import type { Shares } from '@/core/answers/index.ts';
import { midpoint } from '@/core/quantity/index.ts';
import { nounOf } from '@/words/index.ts';
import type { LoadedMeal } from '@/store/meals.ts';
import { editDish, weigh } from '../../../open/edits/index.ts';
import { useSaid } from '../../../open/useSaid.ts';
import { useWeighing } from './useWeighing.ts';

export interface OfDish {
  readonly loaded: LoadedMeal;
  readonly dish: Dish;
  readonly batchId: string;
  readonly share: Shares['dishes'][number];
}

/** A dish being weighed out: where it stands, and what can be done. */
export interface RunNow {
  readonly name: string;
  readonly plated: ReturnType<typeof weighedOut>['plated'];
  /** To be weighed out in all, those that are out included. */
  readonly count: number;
  readonly target: number;
  readonly slot: ReturnType<typeof slotOf>;
  readonly run: ReturnType<typeof runOf>;
  readonly finished: boolean;
  readonly heard: boolean;
  readonly plate: PlateNow;
  readonly keep: (grams: number, source: 'typed' | 'scale') => void;
  readonly keepNow: () => void;
  readonly again: () => void;
  readonly evenOut: () => void;
}

export function useRun({ loaded, dish, batchId, share }: OfDish): RunNow {
  const said = useSaid();
  const mealId = loaded.meal.id;
  const name = dishName(dish);
  const one = `one ${nounOf(name).one}`;
  const { plated, tapped } = weighedOut(loaded.entries, dish.id);
  // What went out at a tap is not weighed out again.
  const count = Math.max(plated.length, countOf(dish) - tapped);
  const target = midpoint(dish.locked?.meat) ?? share.meatG;
  const run = runOf(
    plated.map(({ grams }) => grams),
    count,
    target,
    share,
  );
  const entry = {
    batch: batchId,
    measures: {
      what: 'plated',
      dish: dish.id,
      ...(share.from.length > 0 && { on: [...share.from] }),
      ...(share.scoop && { by: { scoop: share.scoop.id, times: share.scoop.times } }),
    },
    measure: 'mass',
  } as const;
  const keep = (grams: number, source: 'typed' | 'scale') => {
    weigh(mealId, one, { ...entry, value: { text: said.mass(grams), lo: grams, hi: grams } }, source);
  };
  const again = () => {
    const last = plated.at(-1);
    if (last) weigh(mealId, `taking back ${one}`, { ...entry, value: null, replaces: last.id });
  };
  const evenOut = () => {
    editDish(mealId, dish.id, 'the portion from here', (d) => withLocked(d, run.evenG), `${dish.id} held`);
  };
  const weighing = useWeighing(target, (grams) => keep(grams, 'scale'));
  const slot = slotOf(target);
  const now = { name, plated, count, target, slot, run, finished: run.left === 0, keep, again, evenOut };
  useKeys({ Enter: weighing.keepNow, u: again, ArrowLeft: again, e: evenOut });
  return { ...now, ...weighing };
}

/** Keys that do something wherever nothing is typed or pressed. */
function useKeys(acts: Readonly<Record<string, () => void>>): void {
  const press = useEffectEvent((event: KeyboardEvent) => {
    const { target } = event;
    if (target instanceof HTMLElement && target.matches('input, select, textarea, button, summary')) return;
    const act = acts[event.key];
    if (!act) return;
    act();
    event.preventDefault();
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => press(event);
    document.addEventListener('keydown', listen);
    return () => document.removeEventListener('keydown', listen);
  }, []);
}
