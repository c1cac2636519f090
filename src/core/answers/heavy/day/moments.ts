import type { DayBatch } from '../../../day/index.ts';
import type { Batch, Lid, Moment } from '../../../meal/index.ts';
import { cookOf } from '../../../clock/index.ts';
import { itemsOf } from '../../../pot/index.ts';
import { entryAt } from '../../../columns/index.ts';
import type { NominalBatch } from '../../../model/index.ts';

/** Starch is mixed so long before it goes in, min (common practice, no source). */
const MIX = 5;

/**
 * What goes in later and what comes out before the end, each with its word.
 * @param mixed ids of what is mixed with cold liquid before it goes in
 * @param longer min that the day gives the cook beyond its plan: what hangs from the end moves with it
 */
export function momentsOf(
  { liquid, batch, lengths }: NominalBatch['plan'],
  potFrom: number,
  mixed: ReadonlySet<string>,
  longer: number,
): DayBatch['moments'] {
  const items = (liquid?.items ?? []).filter(({ soaked }) => soaked === undefined);
  const end = lengths.reduce((sum, n) => sum + n, 0);
  const { open } = cookOf(batch.cook);
  const lids = lidsOf(batch, lengths, longer).slice(1);
  const fromEnd = (moment: Moment | undefined) =>
    moment !== undefined && (moment.phase > open || (moment.phase === open && moment.before === 'end'));
  return [
    ...items.flatMap(({ id, name, at, out }): DayBatch['moments'] => {
      const item = itemsOf(batch).find((one) => one.id === id);
      const goesIn = at - potFrom + (fromEnd(item?.at) ? longer : 0);
      const comesOut = out === undefined ? Infinity : out - potFrom + (fromEnd(item?.out) ? longer : 0);
      return [
        ...(goesIn > 0 && mixed.has(id)
          ? [{ key: `mix ${id}`, does: { what: 'mix', item: name } as const, at: goesIn - MIX }]
          : []),
        // What goes in before there is a pot goes in as it is filled.
        ...(goesIn > 0 || (item?.onto && goesIn >= 0)
          ? [{ key: `in ${id}`, does: { what: item?.onto ?? 'in', item: name } as const, at: goesIn }]
          : []),
        ...(comesOut < end - potFrom + longer
          ? [{ key: `out ${id}`, does: { what: 'out', item: name } as const, at: comesOut }]
          : []),
      ];
    }),
    ...lids.map(({ at, lid }, i) => ({
      key: `lid ${i}`,
      does: { what: 'lid', lid } as const,
      at,
    })),
  ];
}

/** What is put on the meat while it lies in the open smoke, min after it went there. */
export function paintedInSmoke(
  { liquid, batch }: NominalBatch['plan'],
  potFrom: number,
): DayBatch['smokeMoments'] {
  return (liquid?.items ?? []).flatMap(({ id, name, at }) => {
    const onto = itemsOf(batch).find((one) => one.id === id)?.onto;
    return onto && at < potFrom ? [{ key: `in ${id}`, does: { what: onto, item: name }, at }] : [];
  });
}

/** A lid that is moved, min from a hot pot. */
interface LidMove {
  readonly at: number;
  readonly lid: Lid;
}

/** Where the lid is moved, min from a hot pot; a cook that lasts longer moves what hangs from its end. */
export function lidsOf(batch: Batch, lengths: readonly number[], longer: number): readonly LidMove[] {
  const { potFrom, open } = cookOf(batch.cook);
  let at = 0;
  return batch.cook.flatMap((phase, i) => {
    const from = at - potFrom;
    at += entryAt(lengths, i);
    if (from < 0) return [];
    return [{ at: i > open ? from + longer : from, lid: phase.lid }];
  });
}
