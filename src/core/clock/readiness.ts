import type { Heat, Lid, Phase, Size } from '../batch/schema.ts';
import { middle, Z90 } from '../quantity/index.ts';

/** When a piece of a size is tender by a method: minutes, the range read as p10 to p90. */
interface Row {
  readonly heat: Heat;
  readonly setting?: 'low' | 'high';
  readonly lid: 'closed' | 'open';
  readonly celsius?: readonly [number, number];
  readonly sizes: readonly Size[];
  readonly lo: number;
  readonly hi: number;
  readonly firstCheck: number;
}

/** The readiness table (common practice, no source), chuck. Counted from the moment it is hot. */
const rows: readonly Row[] = [
  { heat: 'stove', lid: 'closed', sizes: ['cubes'], lo: 105, hi: 150, firstCheck: 90 },
  { heat: 'stove', lid: 'closed', sizes: ['chunks', 'ribs'], lo: 180, hi: 240, firstCheck: 150 },
  { heat: 'stove', lid: 'closed', sizes: ['whole'], lo: 180, hi: 240, firstCheck: 180 },
  { heat: 'oven', lid: 'closed', celsius: [140, 155], sizes: ['ribs'], lo: 150, hi: 180, firstCheck: 120 },
  {
    heat: 'oven',
    lid: 'closed',
    celsius: [155, 172],
    sizes: ['chunks', 'ribs'],
    lo: 150,
    hi: 240,
    firstCheck: 120,
  },
  {
    heat: 'oven',
    lid: 'closed',
    celsius: [172, 185],
    sizes: ['chunks', 'ribs'],
    lo: 150,
    hi: 180,
    firstCheck: 150,
  },
  {
    heat: 'oven',
    lid: 'open',
    celsius: [165, 185],
    sizes: ['chunks', 'ribs'],
    lo: 180,
    hi: 240,
    firstCheck: 150,
  },
  { heat: 'oven', lid: 'closed', celsius: [155, 180], sizes: ['whole'], lo: 180, hi: 240, firstCheck: 180 },
  {
    heat: 'slow cooker',
    setting: 'high',
    lid: 'closed',
    sizes: ['chunks'],
    lo: 240,
    hi: 360,
    firstCheck: 240,
  },
  {
    heat: 'slow cooker',
    setting: 'low',
    lid: 'closed',
    sizes: ['chunks'],
    lo: 360,
    hi: 480,
    firstCheck: 360,
  },
  { heat: 'slow cooker', setting: 'low', lid: 'closed', sizes: ['whole'], lo: 420, hi: 540, firstCheck: 390 },
];

/** What the table says after a smoke of two to three hours (common practice, no source). */
const smoked: readonly Row[] = [
  { heat: 'oven', lid: 'closed', celsius: [110, 140], sizes: ['whole'], lo: 180, hi: 300, firstCheck: 120 },
  { heat: 'smoker', lid: 'closed', celsius: [110, 140], sizes: ['whole'], lo: 180, hi: 300, firstCheck: 120 },
  { heat: 'oven', lid: 'closed', celsius: [140, 160], sizes: ['chunks'], lo: 60, hi: 150, firstCheck: 45 },
];

export interface Readiness {
  /** Median and spread (of the log) of the minutes until it is tender. */
  readonly median: number;
  readonly spread: number;
  readonly firstCheck: number;
}

const closed = (lid: Lid) => (lid === 'off' ? 'open' : 'closed');

/**
 * When a lot is tender, from the phase that cooks it until it is; undefined where the table has no
 * row for it. Toughness stretches the time (chuck = 1).
 */
export function readiness(
  phase: Phase,
  before: readonly Phase[],
  size: Size,
  toughness: number,
): Readiness | undefined {
  const table = before.some((p) => p.heat === 'smoker' && p.lid === 'off') ? smoked : rows;
  const { setting } = phase;
  const row = table.find(
    (r) =>
      r.heat === phase.heat &&
      r.lid === closed(phase.lid) &&
      r.sizes.includes(size) &&
      (r.setting === undefined || r.setting === setting) &&
      (r.celsius === undefined ||
        within(typeof setting === 'object' ? middle(setting) : undefined, r.celsius)),
  );
  if (!row) return undefined;
  return {
    median: Math.sqrt(row.lo * row.hi) * toughness,
    spread: Math.log(row.hi / row.lo) / (2 * Z90),
    firstCheck: row.firstCheck * toughness,
  };
}

const within = (celsius: number | undefined, [from, to]: readonly [number, number]) =>
  celsius !== undefined && celsius >= from && celsius <= to;

/** The phase that lasts until the meat is tender: the last one without a time, else the last. */
export function openPhase(cook: readonly Phase[]): Phase | undefined {
  return cook.findLast((phase) => middle(phase.minutes) === undefined) ?? cook.at(-1);
}
