import { MINUTE_MS } from '../../../quantity/index.ts';
import type { Day } from '../../../day/index.ts';
import type { Feel, Heat, Lid } from '../../../meal/index.ts';
import { openPhase } from '../../../clock/index.ts';
import { lidsOf } from './moments.ts';
import type { NominalBatch } from '../../../model/index.ts';

export interface Curve {
  readonly name: string;
  /** Epoch ms, and the chance of being tender by then. */
  readonly points: readonly { readonly at: number; readonly chance: number }[];
}

/** A pot as a band down the day. */
export interface PotBand {
  readonly batch: string;
  readonly name: string;
  readonly heat: Heat;
  readonly from: number;
  readonly hot: number;
  readonly to: number;
  readonly lids: readonly { readonly at: number; readonly lid: Lid }[];
  /** The whole pot first, then its lots if there is more than one. */
  readonly curves: readonly Curve[];
  readonly evenOdds: number;
  readonly readyBy: number;
  /** Of being tender when it is lifted out. */
  readonly chanceAtEnd: number;
  /** When it is tender, one in ten and nine in ten, while no fork has found it so: from when it is good. */
  readonly goodFrom: readonly [number, number] | undefined;
  /** When one in ten has gone too far on the heat, and when one in two; undefined where that is more than a day. */
  readonly goodUntil: readonly [number, number] | undefined;
  /** The lot that goes first, where there is more than one. */
  readonly firstToGo: string | undefined;
  readonly goes: 'stringy' | 'to mush';
  readonly checks: readonly { readonly at: number; readonly feel: Feel }[];
  readonly weighedOut: boolean;
}

const POINTS = 25;
/** There is no room for a longer name beside a band. */
const LONGEST_NAME = 18;
const shortOf = (name: string) => (name.length > LONGEST_NAME ? `${name.slice(0, LONGEST_NAME - 1)}…` : name);

/** The pots of a day, each where its plan puts it, with its chances along it. */
export function bandsOf(
  batches: readonly NominalBatch[],
  day: Day,
  chance: number,
  checks: (batch: string) => PotBand['checks'],
): readonly PotBand[] {
  return batches.flatMap(({ plan }): PotBand[] => {
    const { ready, batch, lengths } = plan;
    const placed = day.placed.find(({ ref }) => ref.kind === 'pot' && ref.batch === plan.id);
    const hot = batch.lidOn ?? placed?.lidOn;
    if (!ready || hot === undefined) return [];
    const { odds, potFrom, lots } = ready;
    const time = (minutes: number) => hot + (minutes - potFrom) * MINUTE_MS;
    const [first = ready.median, last = ready.median] = [odds.potAt(0.005), odds.potAt(0.995)];
    const start = Math.min(first, ...lots.map((_, i) => odds.lotAt(i, 0.01) ?? first));
    const at = Array.from({ length: POINTS }, (_, i) => start + ((last - start) * i) / (POINTS - 1));
    const curve = (name: string, chanceAt: (minutes: number) => number): Curve => ({
      name,
      points: at.map((minutes) => ({ at: time(minutes), chance: chanceAt(minutes) })),
    });
    const firstToGo = lots.reduce((a, b) => ((b.goodUntil ?? Infinity) < (a.goodUntil ?? Infinity) ? b : a));
    const { goodUntil, halfGone } = firstToGo;
    const tenderAt = (share: number) => time(odds.potAt(share) ?? ready.median);
    const to = placed?.to ?? time(ready.median);
    // What hangs from the end of the cook hangs from the end of the plan.
    const longer = Math.max(0, (to - time(ready.median)) / MINUTE_MS);
    const lids = lidsOf(batch, lengths, longer).map(({ at: minutes, lid }) => ({
      at: hot + minutes * MINUTE_MS,
      lid,
    }));
    const names = plan.cuts.map(({ name }) => shortOf((name.split(',')[0] ?? name).toLowerCase()));
    const nameOf = (id: string) => names[plan.lots.findIndex((lot) => lot.id === id)] ?? '';
    return [
      {
        batch: plan.id,
        name: batch.name,
        heat: openPhase(batch.cook)?.heat ?? 'oven',
        from: placed?.from ?? hot,
        hot,
        to,
        lids,
        curves: [
          curve('all of it', odds.potChance),
          ...(lots.length > 1 ? lots.map(({ id }, i) => curve(nameOf(id), (m) => odds.lotChance(i, m))) : []),
        ],
        evenOdds: time(ready.median),
        chanceAtEnd: odds.potChance(potFrom + (to - hot) / MINUTE_MS),
        readyBy: time(odds.potAt(chance) ?? ready.median),
        goodFrom: lots.every(({ found }) => found) ? undefined : [tenderAt(0.1), tenderAt(0.9)],
        goodUntil: goodUntil === undefined ? undefined : [time(goodUntil), time(halfGone ?? goodUntil)],
        firstToGo: lots.length > 1 ? nameOf(firstToGo.id) : undefined,
        goes: firstToGo.goes,
        checks: checks(plan.id),
        weighedOut: placed === undefined,
      },
    ];
  });
}
