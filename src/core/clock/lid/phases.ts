import type { Moment, Phase } from '../../meal/index.ts';
import { midpoint } from '../../quantity/index.ts';

/**
 * The long phase, which lasts until the meat is tender or as long as is written: the one that is marked; else the
 * last one without a time, else the longest. The mark stays where a time is written, so that no field changes its phase.
 */
export function openPhase(cook: readonly Phase[]): Phase | undefined {
  const pot = cook.some((phase) => !isSmoke(phase)) ? cook.filter((phase) => !isSmoke(phase)) : cook;
  const [longest] = pot.toSorted((a, b) => (midpoint(b.minutes) ?? 0) - (midpoint(a.minutes) ?? 0));
  return (
    cook.find(({ main }) => main) ?? pot.findLast(({ minutes }) => midpoint(minutes) === undefined) ?? longest
  );
}

/**
 * The cook with its long phase marked, so that it stays the one whatever is written beside it.
 * @param long which of the phases it is; absent: the one that it has been
 */
export const withMain = (cook: readonly Phase[], long = openPhase(cook)): Phase[] =>
  cook.map((one) => {
    const { main: _, ...phase } = one;
    return cook.length > 1 && one === long ? { ...phase, main: true } : phase;
  });

/** The long phase has its time: the cook has written when to look. */
export const isTimed = ({ cook }: { readonly cook: readonly Phase[] }): boolean =>
  midpoint(openPhase(cook)?.minutes) !== undefined;

/** Held below this meat is cooked by the clock: no fork finds it tender within a day, °C (common practice, no source). */
const BY_THE_CLOCK = 70;

/**
 * The time that is written ends the cook, tender or not: where the cook says so, and by itself in the open smoke and
 * in what is held too cool for a fork. Of any other a written time says when to look.
 */
export function isOutThen({ cook }: { readonly cook: readonly Phase[] }): boolean {
  const open = openPhase(cook);
  if (!open || !isTimed({ cook })) return false;
  return open.out === undefined ? isByTheClock(open) : open.out === 'then';
}

/** What is cooked by the clock unless the cook says otherwise. */
export const isByTheClock = (phase: Phase): boolean =>
  isSmoke(phase) ||
  (typeof phase.setting === 'object' && (midpoint(phase.setting) ?? Infinity) < BY_THE_CLOCK);

/** Minutes of the cook from which to look, and by which it was to be tender; undefined where none are written. */
export function looksFrom(
  phases: readonly Phase[],
): { readonly first: number; readonly last: number } | undefined {
  const { open, before, after } = cookOf(phases);
  const { lo, hi } = phases[open]?.minutes ?? {};
  if (lo === undefined || hi === undefined) return undefined;
  const beside = sum(before) + sum(after);
  return { first: beside + lo, last: beside + hi };
}

/** In the open smoke there is no pot yet. */
export const isSmoke = ({ heat, lid }: Phase): boolean => heat === 'smoker' && lid === 'off';

/** How many phases there are before there is a pot: the open smoke that something follows. */
function smokeBefore(phases: readonly Phase[]): number {
  const first = phases.findIndex((one) => !isSmoke(one));
  return first < 0 ? Math.max(0, phases.length - 1) : first;
}

/**
 * The phases as their heat is: a smoker that stands open over a pot is an oven without a lid to it, since the meat lies
 * in its liquid and not in the smoke.
 */
export function overPot(phases: readonly Phase[]): readonly Phase[] {
  const before = smokeBefore(phases);
  return phases.map((phase, i) => {
    if (i < before || !isSmoke(phase)) return phase;
    const { air: _, setting = SMOKER, ...rest } = phase;
    return { ...rest, heat: 'oven', setting };
  });
}
/** What a smoker is taken to be where nobody says (estimate). */
const SMOKER = { text: '120 °C', lo: 120, hi: 120 };

/** A cook about its open phase: what comes before it, and the last so many minutes after it. */
export interface Cook {
  readonly phases: readonly Phase[];
  readonly open: number;
  /** min. */
  readonly before: readonly number[];
  readonly after: readonly number[];
  /** Smoke before there is a pot, min. */
  readonly potFrom: number;
}

export function cookOf(phases: readonly Phase[]): Cook {
  const phase = openPhase(phases);
  const open = phase ? phases.indexOf(phase) : 0;
  const length = ({ minutes }: Phase) => midpoint(minutes) ?? 0;
  const before = phases.slice(0, open).map(length);
  return {
    phases,
    open,
    before,
    after: phases.slice(open + 1).map(length),
    potFrom: sum(before.slice(0, smokeBefore(phases))),
  };
}

const sum = (numbers: readonly number[]) => numbers.reduce((total, n) => total + n, 0);

/**
 * How long each phase lasts if the meat is tender after so many minutes of the cook: those after the open one
 * are its last minutes, and the open one is what is left between.
 */
export function lengthsUntil({ before, after }: Cook, minutes: number): number[] {
  return [...before, Math.max(0, minutes - sum(before) - sum(after)), ...after];
}

/**
 * How long each phase lasts, min: as written, of a range until the meat is tender within it, or where one is open
 * until it is tender.
 */
export function phaseMinutes(phases: readonly Phase[], readyMin: number | undefined): readonly number[] {
  const cook = cookOf(phases);
  const typed = phases[cook.open]?.minutes;
  const middle = midpoint(typed);
  if (typed?.lo !== undefined && typed.hi !== undefined && middle !== undefined) {
    const beside = sum(cook.before) + sum(cook.after);
    const tender = readyMin === undefined || isOutThen({ cook: phases }) ? middle : readyMin - beside;
    return [...cook.before, Math.min(typed.hi, Math.max(typed.lo, tender)), ...cook.after];
  }
  return readyMin === undefined ? [...cook.before, 0, ...cook.after] : lengthsUntil(cook, readyMin);
}

/** Minutes after the start of a moment of the cook, never after its end. */
export function minutesOf(moment: Moment, lengths: readonly number[]): number {
  const before = sum(lengths.slice(0, moment.phase));
  const length = lengths[moment.phase] ?? 0;
  const inPhase = moment.before === 'end' ? length - moment.minutes : moment.minutes;
  return before + Math.min(length, Math.max(0, inPhase));
}
