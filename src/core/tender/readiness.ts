import type { Phase } from '../meal/index.ts';
import { valueAt } from '../columns/index.ts';
import type { Range } from '../quantity/index.ts';
import { type Cook, cookOf, lengthsUntil } from '../clock/index.ts';
import { isTender, type Seen } from './checks.ts';
import { tenderness } from './constants.ts';
import { oddsOf, type CookingLot, type Odds } from './odds.ts';
import type { PotHeat } from './heat/pot.ts';
import { LONGEST, minutesTo, STEP, tendernessCurve, type Piece, type TendernessCurve } from './curve.ts';

/** A lot that is to become tender. */
export interface LotToCook {
  readonly id: string;
  readonly piece: Piece;
  /** It is one piece: none of them is first. */
  readonly alone?: boolean;
  /** What forks have said of it. */
  readonly seen: readonly Seen[];
  /** How unsure its toughness still is, of the log of its rate; absent: as its cut's name says it. */
  readonly spread?: number;
}

export interface LotReadiness {
  readonly id: string;
  /** Minutes of the cook. */
  readonly tender: Range;
  /** One in ten has gone too far by then, and one in two, never before it is tender; undefined where that is more than three. */
  readonly goodUntil: number | undefined;
  readonly halfGone: number | undefined;
  readonly goes: 'stringy' | 'to mush';
  /** The last fork found it tender. */
  readonly found: boolean;
}

/** When a pot is ready. All minutes are those of the cook; a pot that is smoked first stands from `potFrom`. */
export interface Readiness {
  readonly potFrom: number;
  /** As likely as not all of it is tender by then. */
  readonly median: number;
  /** When one lot in five would pass, at the lot likely to be first: the first look. */
  readonly firstCheck: number;
  /** After a fork has said "not yet": when half of what is left has passed, not sooner than 20 min. */
  readonly nextCheck: number | undefined;
  /** The lot to look at, then. */
  readonly lookAt: string;
  /** Lots of which one in ten is not tender in 24 h. */
  readonly beyondADay: readonly string[];
  readonly lots: readonly LotReadiness[];
  readonly odds: Odds;
}
/** Where nobody says how hot it is; or the lots that are not tender in 72 hours. */
export type NoReadiness = 'unknown' | { readonly never: readonly string[] };

/** The first look is when one in five would pass, at the pieces likely to be first. */
const FIRST = 0.2;
/** Nobody looks again sooner, min. */
const NOT_SOONER = 20;
/** Of ten, one has gone too far. */
const GONE = 0.1;
const HALF_GONE = 0.5;
const A_DAY = 24 * 60;
/** Leaner than this, meat goes stringy before it goes to mush (estimate, g/g raw). */
const LEAN = 0.07;

/**
 * When the lots of a pot are tender: heat into the middle of their pieces through the phases, tenderness by
 * Arrhenius there, and what forks have said since. The phases after the open one are the last minutes
 * before it is ready; since they change the heat a little, their start is found in two steps.
 * @param heat how unsure the liquid's heat is, of the log of the rate: this pot's, that all its lots share
 */
export function readinessOf(
  phases: readonly Phase[],
  lots: readonly LotToCook[],
  pot: PotHeat,
  altitudeM: number,
  heat: number = tenderness.heat,
): Readiness | NoReadiness | undefined {
  if (lots.length === 0) return undefined;
  const cook = cookOf(phases);
  let cooking = curves({ ...cook, after: [] }, [...cook.before, LONGEST], lots, pot, altitudeM);
  if (!cooking) return 'unknown';
  const never = lots.filter(
    ({ piece }, i) => minutesTo(cooking?.[i]?.curve ?? new Float64Array(1), piece.toughness) === undefined,
  );
  if (never.length > 0) return { never: never.map(({ id }) => id) };
  let odds = oddsOf(cooking, heat);
  if (cook.after.length > 0) {
    const lengths = lengthsUntil(cook, odds.potAt(0.5) ?? LONGEST);
    cooking = curves(cook, [...lengths.slice(0, -1), LONGEST], lots, pot, altitudeM);
    if (!cooking) return 'unknown';
    odds = oddsOf(cooking, heat);
  }
  return summed(cook, lots, odds);
}

function summed(cook: Cook, lots: readonly LotToCook[], odds: Odds): Readiness {
  // Nobody is told of a time beyond what was followed: that is said in words.
  const end = cook.before.reduce((sum, minutes) => sum + minutes, 0) + LONGEST;
  const last = (chance: number, i: number) => odds.lotAt(i, chance) ?? end;
  const ready = lots.map(({ id, piece, seen }, i): LotReadiness => {
    const lean = piece.flesh.fat < LEAN;
    const far = lean ? tenderness.stringy : tenderness.mush;
    const tender = last(0.5, i);
    const goneAt = (share: number) => {
      const at = odds.lotAt(i, share, far);
      return at === undefined ? undefined : Math.max(tender, at);
    };
    return {
      id,
      tender: { mid: tender, p10: last(0.1, i), p50: tender, p90: last(0.9, i) },
      goodUntil: goneAt(GONE),
      halfGone: goneAt(HALF_GONE),
      goes: lean ? 'stringy' : 'to mush',
      found: isTender(lastOf(seen)?.feel ?? 'resists'),
    };
  });
  const left = ready.flatMap((one, i) => (one.found ? [] : [i]));
  const earliest = (left.length > 0 ? left : ready.map((_, i) => i)).reduce((a, b) =>
    last(0.5, b) < last(0.5, a) ? b : a,
  );
  const latestLook = Math.max(0, ...lots.flatMap(({ seen }) => seen.map(({ minutes }) => minutes)));
  return {
    potFrom: cook.potFrom,
    median: odds.potAt(0.5) ?? end,
    beyondADay: lots.flatMap(({ id }, i) => ((odds.lotAt(i, 0.9) ?? Infinity) > A_DAY ? [id] : [])),
    firstCheck: Math.min(...lots.map((_, i) => odds.firstAt(i, FIRST) ?? end)),
    nextCheck:
      latestLook > 0 && left.length > 0 ? Math.max(latestLook + NOT_SOONER, last(0.5, earliest)) : undefined,
    lookAt: lots[earliest]?.id ?? '',
    lots: ready,
    odds,
  };
}

const lastOf = (seen: readonly Seen[]) =>
  seen.reduce<Seen | undefined>((last, one) => (last && last.minutes > one.minutes ? last : one), undefined);

function curves(
  cook: Cook,
  lengths: readonly number[],
  lots: readonly LotToCook[],
  pot: PotHeat,
  altitudeM: number,
): CookingLot[] | undefined {
  const phases = cook.phases.slice(0, lengths.length);
  const grown = (piece: Piece, by: number): Piece => ({
    ...piece,
    sides: piece.sides.map((cm) => cm * by) as [number, number, number],
  });
  // Of many lots most are alike: those of which nothing was seen are one, in the odds too.
  const alike = new Map<string, CookingLot>();
  const cookingOf = ({ piece, seen, alone, spread: ofCut = tenderness.cuts }: LotToCook): CookingLot[] => {
    const curve = tendernessCurve(phases, lengths, piece, pot, altitudeM);
    const larger = tendernessCurve(phases, lengths, grown(piece, 1 + tenderness.sizes), pot, altitudeM);
    const smaller = alone
      ? curve
      : tendernessCurve(phases, lengths, grown(piece, 1 - 2 * tenderness.sizes), pot, altitudeM);
    if (!curve || !larger || !smaller) return [];
    const first = { curve: smaller, ahead: alone ? tenderness.firstEnd : tenderness.first };
    const big = seen.some((one) => one.big)
      ? tendernessCurve(phases, lengths, grown(piece, 1 + 2 * tenderness.sizes), pot, altitudeM)
      : curve;
    const spread = Math.hypot(tenderness.lots, ofCut, bySize(curve, larger, piece.toughness));
    return [{ curve, bigCurve: big ?? curve, first, toughness: piece.toughness, spread, seen }];
  };
  const found = lots.flatMap((lot): readonly CookingLot[] => {
    if (lot.seen.length > 0) return cookingOf(lot);
    const { sides, start, toughness, flesh } = lot.piece;
    const key = [
      ...sides,
      start,
      toughness,
      flesh.water,
      flesh.protein,
      flesh.fat,
      lot.alone,
      lot.spread,
    ].join(' ');
    const known = alike.get(key);
    if (known) return [known];
    const made = cookingOf(lot);
    for (const one of made) alike.set(key, one);
    return made;
  });
  return found.length === lots.length ? found : undefined;
}

/** What a usual difference in size does to the curve, as a difference of its rate. */
function bySize(curve: TendernessCurve, larger: TendernessCurve, toughness: number): number {
  const minutes = minutesTo(curve, toughness);
  if (minutes === undefined) return 0;
  const far = valueAt(larger, Math.min(larger.length - 1, Math.round(minutes / STEP)));
  return far > 0 ? Math.log(toughness / far) : 0;
}

/** Nominal of the meat when it goes in, °C: seared, stood out, or from the fridge (common practice, no source). */
export const startOf = ({ sear, stoodOut }: { readonly sear: boolean; readonly stoodOut: boolean }): number =>
  sear ? 25 : stoodOut ? 12 : 5;
