import type { Batch, Moment, Phase } from '../../meal/index.ts';

/**
 * The batch with other phases of its cook. What goes in or comes out at a moment stays in the phase that it was written for,
 * wherever that stands now; where the phase has gone, in the one that has taken its place.
 */
export function withCook(batch: Batch, cook: readonly Phase[]): Batch {
  const moved = (moment: Moment): Moment => {
    const id = batch.cook[moment.phase]?.id;
    const there = cook.findIndex((phase) => phase.id === id);
    const phase = there >= 0 ? there : Math.max(0, Math.min(moment.phase, cook.length - 1));
    return phase === moment.phase ? moment : { ...moment, phase };
  };
  const { items } = batch;
  return {
    ...batch,
    cook: [...cook],
    ...(items && {
      items: items.map((item) => ({
        ...item,
        ...(item.at && { at: moved(item.at) }),
        ...(item.out && { out: moved(item.out) }),
      })),
    }),
  };
}
