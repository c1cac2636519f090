import { MINUTE_MS } from '../quantity/index.ts';
import type { DayFacts, DaySitting } from './facts.ts';
import { HELD_LONG } from './minutes.ts';
import type { TaskRef } from './task.ts';

/** When each sitting is served, epoch ms, by its id; one that nobody has given a time is served when the day ends. */
export type ServedAt = ReadonlyMap<string, number>;

/** When each sitting was asked for. */
export const askedAt = ({ sittings }: Pick<DayFacts, 'sittings'>): ServedAt =>
  new Map(sittings.flatMap(({ id, serving }) => (serving === undefined ? [] : [[id, serving] as const])));

/** The last serving of the day, epoch ms; undefined where no sitting has a time. */
export const lastOf = (served: ServedAt): number | undefined =>
  served.size > 0 ? Math.max(...served.values()) : undefined;

/** The sitting that a task serves; undefined of one that serves none by itself. */
export const sittingServed = (ref: TaskRef, { dishes }: Pick<DayFacts, 'dishes'>): string | undefined => {
  if ('dish' in ref) return dishes.find(({ id }) => id === ref.dish)?.sitting;
  return 'sitting' in ref && ref.kind !== 'reheat' && ref.kind !== 'carry' ? ref.sitting : undefined;
};

/** What a sitting asks to be kept of a pot from an earlier one. */
interface Kept {
  readonly batch: string;
  /** The sittings that want it reheated. */
  readonly sittings: readonly string[];
}

const timeOf = ({ serving }: DaySitting): number => serving ?? Infinity;

/**
 * Pots on which two sittings draw that lie further apart than anything is held hot: what the first leaves is cooled, and
 * reheated for each of the others.
 */
export function keptOn({
  batches,
  dishes,
  sittings,
}: Pick<DayFacts, 'batches' | 'dishes' | 'sittings'>): readonly Kept[] {
  if (sittings.length < 2) return [];
  return batches.flatMap(({ id: batch }): readonly Kept[] => {
    const drawing = new Set(
      dishes.flatMap(({ from, sitting }) =>
        !from || from.length === 0 || from.includes(batch) ? [sitting] : [],
      ),
    );
    const [first, ...later] = sittings
      .filter(({ id }) => drawing.has(id))
      .sort((a, b) => timeOf(a) - timeOf(b));
    const apart = later.filter((one) => first && timeOf(one) - timeOf(first) > HELD_LONG * MINUTE_MS);
    return apart.length > 0 ? [{ batch, sittings: apart.map(({ id }) => id) }] : [];
  });
}
