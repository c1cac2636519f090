import { type Cooling, type CoolWay, standingEntries } from '../../meal/index.ts';
import {
  celsiusAt,
  type Cools,
  fitCooling,
  hoursTo,
  inPans,
  keepsLimits,
  latestSplit,
  limits,
  pansFor,
  STEP_MIN,
  type ThermometerReading,
  withSplit,
} from '../../keep/index.ts';
import { massOf } from '../../ledger/index.ts';
import { nextOf, type OpenedMeal } from '../../model/index.ts';
import type { ShareOut } from '../../plates/index.ts';
import { leftOfBatch } from '../../reckoning/index.ts';
import { midpoint, MINUTE_MS, type Range } from '../../quantity/index.ts';

/** Something that cools, as it is likely to go. */
export interface CoolingNow {
  readonly id: string;
  readonly batch: string;
  readonly what: Cooling['what'];
  readonly grams: number;
  readonly way: CoolWay;
  readonly pans: number;
  readonly depthCm: number;
  readonly start: number;
  readonly done: boolean;
  /** °C every three minutes from the start: the middle, and where one in ten is warmer or colder. */
  readonly curve: Float64Array;
  readonly warm: Float64Array;
  readonly cold: Float64Array;
  /** As it would have gone on, had it not been split. */
  readonly asItStood: Float64Array | undefined;
  readonly readings: readonly ThermometerReading[];
  /** How fast it cools, of the usual, as the readings have it. */
  readonly rate: number;
  /** Hours from the start; null: not within a day. */
  readonly to21H: Range | null;
  readonly to5H: Range | null;
  readonly keeps: boolean;
  /** The limit that it misses as it goes on, and how long it takes to there, h; null: not within a day. */
  readonly misses:
    | { readonly celsius: number; readonly hours: number | null; readonly mostH: number }
    | undefined;
  /** °C at this moment, and min since the start. */
  readonly nowC: number;
  readonly nowMin: number;
  /** What to do about it: the least work that keeps both limits; undefined where none is needed, or none helps. */
  readonly best: CoolingWay | undefined;
  /** What was read, beside the limit that held then. */
  readonly record: readonly CoolingRecord[];
  /** Epoch, ms: until when splitting it still helps; undefined where it need not be, or nothing helps. */
  readonly splitBy: number | undefined;
  /** Other ways to go on from now, with the hours to 21 °C. */
  readonly ways: readonly CoolingWay[];
}

/** A way to go on from now. */
export interface CoolingWay {
  readonly pans: number;
  readonly depthCm: number;
  readonly way: CoolWay;
  readonly to21H: number | undefined;
  readonly keeps: boolean;
}

/** A reading in the record of a cooling. */
export interface CoolingRecord {
  readonly at: number;
  readonly minutes: number;
  readonly celsius: number;
  /** °C that it may not be above by then; undefined before the first limit. */
  readonly limit: number | undefined;
  readonly keeps: boolean;
}

/** Trays this deep are what is offered, cm. */
const OFFERED_CM = 4;

/** What of the meal is left to cool, by batch, g: the liquid and the shred that no plate gets. */
export function leftToCool(
  meal: OpenedMeal,
  batch: string,
  shares?: Pick<ShareOut, 'leftBy'>,
): { readonly liquid: number; readonly shred: number } {
  const { liquids, shred } = leftOfBatch(meal, batch, shares);
  return { liquid: liquids.reduce((sum, { amount }) => sum + massOf(amount), 0), shred: massOf(shred) };
}

/** Everything that cools, with its curve by what a thermometer has said, and what could still be done. */
export function cooling(meal: OpenedMeal, { now }: { readonly now: number }): readonly CoolingNow[] {
  const { batches, kitchen, entries } = meal.input;
  const standing = standingEntries(entries);
  return batches.flatMap((batch) =>
    (batch.cools ?? []).map((one): CoolingNow => {
      const left = leftToCool(meal, batch.id);
      const all = one.what === 'both' ? left.liquid + left.shred : left[one.what];
      const grams = midpoint(one.grams) ?? all;
      const vessel = kitchen.vessels.find(({ id }) => id === one.vessel);
      const fromC = midpoint(one.startC) ?? limits.from;
      const cools: Cools = { ...inPans(one.what, grams, one.pans, one.way, vessel), fromC };
      const readings = standing.flatMap(({ measures, value, at }) => {
        const celsius = midpoint(value ?? undefined);
        return measures.what === 'temperature' && measures.thing === one.id && celsius !== undefined
          ? [{ minutes: (at - one.start) / MINUTE_MS, celsius }]
          : [];
      });
      const splitMin = one.split && (one.split.at - one.start) / MINUTE_MS;
      const fitted = fitCooling(
        cools,
        readings.filter(({ minutes }) => minutes >= 0 && (splitMin === undefined || minutes <= splitMin)),
        nextOf(meal.input.learned, 'cooling', one.way),
      );
      const after = one.split && inPans(one.what, grams, one.split.pans, one.split.way, undefined);
      const go = (curve: Float64Array) =>
        after && splitMin !== undefined ? withSplit(curve, splitMin, after, fitted.rate) : curve;
      const [curve, warm, cold] = [go(fitted.mid), go(fitted.slow), go(fitted.fast)];
      const nowMin = Math.max(0, (now - one.start) / MINUTE_MS);
      const trays = inPans(one.what, grams, pansFor(one.what, grams, OFFERED_CM), 'fridge', undefined);
      const latest = one.split
        ? undefined
        : latestSplit(curve, nowMin, { ...trays, way: 'ice bath' }, fitted.rate);
      const ways = waysOn(one, grams, fitted.mid, nowMin, fitted.rate);
      const [to21H, to5H] = [limits.first, limits.last].map((celsius) =>
        hoursRange(curve, cold, warm, celsius),
      );
      const keeps = keepsLimits(curve);
      return {
        id: one.id,
        batch: batch.id,
        what: one.what,
        grams,
        way: one.split?.way ?? one.way,
        pans: one.split?.pans ?? one.pans,
        depthCm: after?.depthCm ?? cools.depthCm,
        start: one.start,
        done: one.done !== undefined,
        curve,
        warm,
        cold,
        asItStood: one.split ? fitted.mid : undefined,
        readings,
        rate: fitted.rate,
        to21H: to21H ?? null,
        to5H: to5H ?? null,
        keeps,
        misses: keeps ? undefined : missed(curve),
        nowC: celsiusAt(curve, nowMin),
        nowMin,
        best: keeps ? undefined : ways.find((way) => way.keeps),
        record: recordOf(one.start, readings),
        splitBy: latest === undefined ? undefined : one.start + latest * MINUTE_MS,
        ways,
      };
    }),
  );
}

/** Which of the two limits is missed first. */
function missed(curve: Float64Array): CoolingNow['misses'] {
  const hot = hoursTo(curve, limits.from) ?? 0;
  const first = hoursTo(curve, limits.first);
  return first === undefined || first - hot > limits.firstH
    ? { celsius: limits.first, hours: first ?? null, mostH: limits.firstH }
    : { celsius: limits.last, hours: hoursTo(curve, limits.last) ?? null, mostH: limits.lastH };
}

const recordOf = (start: number, readings: readonly ThermometerReading[]): readonly CoolingRecord[] =>
  readings.map(({ minutes, celsius }) => {
    const hours = minutes / 60;
    const limit = hours >= limits.lastH ? limits.last : hours >= limits.firstH ? limits.first : undefined;
    return {
      at: start + minutes * MINUTE_MS,
      minutes,
      celsius,
      limit,
      keeps: limit === undefined || celsius <= limit,
    };
  });

const hoursRange = (
  mid: Float64Array,
  fast: Float64Array,
  slow: Float64Array,
  celsius: number,
): Range | null => {
  const hours = hoursTo(mid, celsius);
  if (hours === undefined) return null;
  const p90 = hoursTo(slow, celsius) ?? (slow.length * STEP_MIN) / 60;
  return { mid: hours, p10: hoursTo(fast, celsius) ?? hours, p50: hours, p90 };
};

/** What else could be done from now: more trays, shallower; or an ice bath. */
function waysOn(
  { what, pans, way: now }: Cooling,
  grams: number,
  curve: Float64Array,
  nowMin: number,
  rate: number,
): CoolingNow['ways'] {
  const few = Math.max(pans, pansFor(what, grams, OFFERED_CM));
  const choices: readonly (readonly [number, CoolWay])[] = [
    [few, 'fridge'],
    [few, 'ice bath'],
    [few + 2, 'ice bath'],
    [few, 'ice bath, stirred'],
  ];
  return choices
    .filter(([n, way]) => n !== pans || way !== now)
    .map(([n, way]) => {
      const after = inPans(what, grams, n, way, undefined);
      const next = withSplit(curve, nowMin, after, rate);
      return {
        pans: n,
        depthCm: after.depthCm,
        way,
        to21H: hoursTo(next, limits.first),
        keeps: keepsLimits(next),
      };
    });
}
