import { beforeKind } from '../../work/index.ts';
import { entryAt } from '../../columns/index.ts';
import { midpoint, MINUTE_MS } from '../../quantity/index.ts';
import {
  hoursColdBeyond,
  type LotToCook,
  type PotHeat,
  type Readiness,
  readinessOf,
  type Seen,
  startOf,
  tenderness,
} from '../../tender/index.ts';
import { type Batch, type Entry, standingEntries } from '../../meal/index.ts';
import { cookOf, openPhase, phaseMinutes } from '../../clock/index.ts';
import { compositionOf, type KnownCut } from '../../meat/index.ts';
import { sidesOf, type ToSear } from '../../pot/index.ts';
import type { OfBatch } from '../input.ts';
import { learnSpreads, type Prior, priorFor, tenderGroup } from '../belief/spreads.ts';
import type { Problem } from '../problem.ts';
import type { Found } from './found.ts';

interface MeatLot {
  readonly id: string;
  readonly cut: KnownCut;
  readonly toSear: ToSear;
}

/** When a batch is tender; "never" where it is not within three days, which is said; undefined where nobody says how hot it is. */
export function planReadiness(
  batch: Batch,
  lots: readonly MeatLot[],
  pot: PotHeat,
  { kitchen, entries, learned }: OfBatch,
  problems: Found,
): Readiness | 'never' | undefined {
  const stoodOut = batch.steps?.some(({ what }) => beforeKind(what).warms) ?? false;
  const forks = standingEntries(entries);
  const usual = lots.map(({ id, cut, toSear }): LotToCook => ({
    id,
    piece: {
      sides: sidesOf(toSear),
      flesh: compositionOf(cut.flesh),
      start: startOf({ sear: batch.sear, stoodOut }),
      toughness: cut.toughness,
    },
    alone: toSear.size === 'whole' && (toSear.count ?? 1) <= 1,
    seen: seenOf(batch, id, forks),
  }));
  const here = lots.map(({ cut }) => priorFor(learned, 'tender', tenderGroup(batch, cut.id)));
  const cooking = asLongAs(batch, usual, here, pot, kitchen.altitudeM);
  problems.push(() => coldTooLong(batch, lots, cooking, pot, kitchen.altitudeM));
  const ready = isTooCool(batch)
    ? { never: lots.map(({ id }) => id) }
    : readinessOf(batch.cook, cooking, pot, kitchen.altitudeM, heatOf(here));
  if (typeof ready !== 'object') return undefined;
  if (!('never' in ready)) {
    for (const cut of namesOf(lots, ready.beyondADay))
      problems.push({ batch: batch.id, stage: 'clock', says: { what: 'longer than a day', cut } });
    return ready;
  }
  const open = openPhase(batch.cook);
  const setting = typeof open?.setting === 'object' ? open.setting.text : undefined;
  const hot = open?.heat === 'oven' ? hotEnough(batch, cooking, pot, kitchen.altitudeM) : undefined;
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
  for (const name of namesOf(lots, ready.never))
    problems.push({
      batch: batch.id,
      stage: 'clock',
      remedies: warmer,
      says: { what: 'never tender', setting, cut: name },
    });
  return 'never';
}

/** Below this nothing is called ready, however long: it grows what harms (common practice, with the local code), °C. */
const SAFE_C = 57;
function isTooCool({ cook }: Batch): boolean {
  const setting = openPhase(cook)?.setting;
  return typeof setting === 'object' && (midpoint(setting) ?? Infinity) < SAFE_C;
}

const tougher = (lots: readonly LotToCook[], by: (lot: number) => number): LotToCook[] =>
  lots.map((lot, i) => ({
    ...lot,
    piece: { ...lot.piece, toughness: Math.exp(by(i)) * lot.piece.toughness },
  }));

const spreads = learnSpreads.tender;

/** Some of it always stays: a file may say anything. */
const LEAST_LEFT = 0.1;
const shareLeft = (now: number, before: number): number => Math.min(1, Math.max(LEAST_LEFT, now / before));

/** What is left of not knowing the pot's heat: what all of a kitchen shares. The log's share of it is that of the time. */
const heatOf = (here: readonly Prior[]): number =>
  tenderness.heat * Math.max(...here.map(({ shared }) => shareLeft(shared, spreads.kitchen)));

/**
 * The lots so tough that they take as much longer here as the log has it, and as unsure of it as the log has left them:
 * time does not go with toughness one to one.
 */
function asLongAs(
  { cook }: Batch,
  usual: readonly LotToCook[],
  here: readonly Prior[],
  pot: PotHeat,
  altitudeM: number,
): readonly LotToCook[] {
  const means = here.map(({ mean }) => mean);
  const most = means.reduce((a, b) => (Math.abs(b) > Math.abs(a) ? b : a), 0);
  if (here.every(({ n, mean }) => n === 0 && mean === 0)) return usual;
  const lots = usual.map((lot, i) => ({
    ...lot,
    spread: tenderness.cuts * shareLeft(here[i]?.group ?? spreads.group, spreads.group),
  }));
  if (most === 0) return lots;
  const median = (some: readonly LotToCook[]) => {
    const ready = readinessOf(
      cook,
      some.map((lot) => ({ ...lot, seen: [] })),
      pot,
      altitudeM,
    );
    return typeof ready === 'object' && 'median' in ready ? ready.median : undefined;
  };
  const [plain, once] = [median(lots), median(tougher(lots, () => most))];
  const moved = plain !== undefined && once !== undefined ? Math.log(once / plain) / most : 1;
  const share = Math.min(1, Math.max(MOVES_LEAST, moved));
  return tougher(lots, (i) => entryAt(means, i) / share);
}

/** Of a change of toughness at least this share is seen in the time. */
const MOVES_LEAST = 0.5;

const namesOf = (lots: readonly MeatLot[], some: readonly string[]): ReadonlySet<string> =>
  new Set(lots.flatMap(({ id, cut }) => (some.includes(id) ? [cut.name.toLowerCase()] : [])));

/** The usual limit between 5 and 57 °C, h (common practice, no source; the local code says). */
const COLD_MOST = 4;
const HALF_DAY = 12 * 60;

/** Of a large load, the cut whose middle stays too long where things grow. */
function coldTooLong(
  batch: Batch,
  lots: readonly MeatLot[],
  cooking: readonly LotToCook[],
  pot: PotHeat,
  altitudeM: number,
): Problem[] {
  const lengths = phaseMinutes(batch.cook, HALF_DAY);
  let worst: { readonly cut: string; readonly hours: number } | undefined;
  for (const [i, { piece }] of cooking.entries()) {
    const hours = hoursColdBeyond(worst?.hours ?? COLD_MOST, batch.cook, lengths, piece, pot, altitudeM);
    if (hours !== undefined) worst = { cut: lots[i]?.cut.name.toLowerCase() ?? '', hours };
  }
  return worst ? [{ batch: batch.id, stage: 'clock', says: { what: 'cold too long', ...worst } }] : [];
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
function hotEnough(
  batch: Batch,
  lots: readonly LotToCook[],
  pot: PotHeat,
  altitudeM: number,
): number | undefined {
  const open = openPhase(batch.cook);
  for (let celsius = 90; celsius <= 200; celsius += 10) {
    const setting = { text: '', lo: celsius, hi: celsius };
    const cook = batch.cook.map((phase) => (phase === open ? { ...phase, setting } : phase));
    const ready = readinessOf(cook, lots, pot, altitudeM);
    if (typeof ready === 'object' && !('never' in ready) && ready.median <= HALF_A_DAY) return celsius;
  }
  return undefined;
}
const HALF_A_DAY = 6 * 60;
