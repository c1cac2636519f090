import { MINUTE_MS } from '../../quantity/index.ts';
import { type LotToCook, type Readiness, readinessOf, type Seen, startOf } from '../../tender/index.ts';
import { type Batch, type Entry, standingEntries } from '../../batch/index.ts';
import { cookOf, openPhase } from '../../clock/index.ts';
import { compositionOf, type KnownCut } from '../../meat/index.ts';
import { sidesOf, type ToSear } from '../../pot/index.ts';
import type { Input } from '../input.ts';
import type { Problem } from '../problem.ts';

interface MeatLot {
  readonly id: string;
  readonly cut: KnownCut;
  readonly toSear: ToSear;
}

/** When a batch is tender; undefined where nobody says how hot it is, or it never is: then that is said. */
export function planReadiness(
  batch: Batch,
  lots: readonly MeatLot[],
  { kitchen, entries }: Input,
  problems: Problem[],
): Readiness | undefined {
  const stoodOut = batch.steps?.some(({ what }) => what === 'stand out') ?? false;
  const forks = standingEntries(entries);
  const cooking = lots.map(({ id, cut, toSear }): LotToCook => ({
    id,
    piece: {
      sides: sidesOf(toSear),
      flesh: compositionOf(cut.flesh),
      start: startOf({ sear: batch.sear, stoodOut }),
      toughness: cut.toughness,
    },
    seen: seenOf(batch, id, forks),
  }));
  const ready = readinessOf(batch.cook, cooking, kitchen.altitudeM);
  if (typeof ready !== 'object') return undefined;
  if (!('never' in ready)) return ready;
  const open = openPhase(batch.cook);
  const setting = typeof open?.setting === 'object' ? open.setting.text : undefined;
  const hot = open?.heat === 'oven' ? hotEnough(batch, cooking, kitchen.altitudeM) : undefined;
  const warmer =
    hot === undefined
      ? []
      : [
          {
            what: 'heat' as const,
            setting: { text: `${hot} °C`, lo: hot, hi: hot },
            celsius: hot,
          },
        ];
  const names = new Set(
    lots.flatMap(({ id, cut }) => (ready.never.includes(id) ? [cut.name.toLowerCase()] : [])),
  );
  for (const name of names)
    problems.push({
      batch: batch.id,
      stage: 'clock',
      remedies: warmer,
      says: { what: 'never tender', setting, cut: name },
    });
  return undefined;
}

/** What forks have said of a lot, by the minutes of the cook. Without a start they cannot be placed. */
export function seenOf(batch: Batch, lot: string, forks: readonly Entry[]): readonly Seen[] {
  const { lidOn } = batch;
  if (lidOn === undefined) return [];
  const { potFrom } = cookOf(batch.cook);
  return forks.flatMap(({ batch: of, measures, at }) => {
    if (of !== batch.id || measures.what !== 'check') return [];
    if (measures.lot !== undefined && measures.lot !== lot) return [];
    const minutes = potFrom + (at - lidOn) / MINUTE_MS;
    return minutes > 0 ? [{ minutes, feel: measures.feel, big: measures.pieces === 'big' }] : [];
  });
}

/** The lowest heat of an oven, to 10 °C, at which all of it is tender within half a day. */
function hotEnough(batch: Batch, lots: readonly LotToCook[], altitudeM: number): number | undefined {
  const open = openPhase(batch.cook);
  for (let celsius = 90; celsius <= 200; celsius += 10) {
    const setting = { text: '', lo: celsius, hi: celsius };
    const cook = batch.cook.map((phase) => (phase === open ? { ...phase, setting } : phase));
    const ready = readinessOf(cook, lots, altitudeM);
    if (typeof ready === 'object' && !('never' in ready) && ready.median <= HALF_A_DAY) return celsius;
  }
  return undefined;
}
const HALF_A_DAY = 6 * 60;
