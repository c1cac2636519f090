import type { Heat, Kitchen, Level, Lid, Size, Vessel } from '../../meal/index.ts';
import type { Quantity } from '../../quantity/index.ts';
import { brimMl, heightOf, longestInside, volumeTo } from '../vessel/shape.ts';
import { mayStand, outerCm, sourcesOf, vesselsFor } from '../vessel/stands.ts';
import { fillOf, FULL, SLOW_COOKER_LEAST } from './fill.ts';

/** What a cook may do about it with one press. */
export type Remedy =
  | { readonly what: 'take'; readonly vessel: string; readonly name: string }
  | { readonly what: 'split'; readonly vessels: readonly string[]; readonly name: string }
  | { readonly what: 'pour later'; readonly item: string; readonly half: Quantity };

/** What does not fit, with its figures; other vessels by name, where there is one that would do. */
export type MisfitSays =
  | { readonly what: 'fits: not there'; readonly vessel: string; readonly heat: Heat; readonly take?: string }
  | {
      readonly what: 'fits: too full';
      readonly vessel: string;
      readonly wantsMl: number;
      readonly brimMl: number;
      readonly take?: string;
      readonly shareWith?: string;
    }
  | {
      readonly what: 'fits: too empty';
      readonly vessel: string;
      readonly share: number;
      readonly take?: string;
    }
  | {
      readonly what: 'fits: bone too long';
      readonly vessel: string;
      readonly boneCm: number;
      readonly reachCm: number;
      readonly deepCm: number;
    }
  | {
      readonly what: 'fits: too tall';
      readonly vessel: string;
      readonly standsCm: number;
      readonly room: string;
      readonly roomCm: number;
      /** Without its lid it would go in. */
      readonly bare: boolean;
    };

export interface Misfit {
  readonly says: MisfitSays;
  readonly remedies: readonly Remedy[];
}

/** One vessel with its part of the batch. */
export interface InVessel {
  readonly vessel: Vessel;
  readonly meatMl: number;
  /** Liquid and solids beside the meat, ml. */
  readonly otherMl: number;
  /** How high anything stands in it with the lid going on, cm. */
  readonly standsCm: number;
  /** The longest bone or piece in it, cm. */
  readonly longestCm: number;
}

export interface FitQuestion {
  readonly kitchen: Kitchen;
  readonly heat: Heat;
  readonly lid: Lid;
  readonly size: Size;
  readonly level: Level;
  readonly inVessels: readonly InVessel[];
  /** The pour that could wait until the meat has sunk. */
  readonly pour: { readonly item: string; readonly ml: number } | undefined;
}

const take = ({ id, name }: Vessel): Remedy => ({ what: 'take', vessel: id, name });
const fitsInto = (vessel: Vessel, ml: number) => heightOf(vessel, ml) <= FULL * vessel.heightCm;

/** What does not fit, and what to do: too full, too empty, too tall for the vessel or for the oven. */
export function misfits(question: FitQuestion): readonly Misfit[] {
  return question.inVessels.flatMap((one) => [
    ...notOnThat(one, question),
    ...tooFull(one, question),
    ...tooEmpty(one, question),
    ...tooLong(one),
    ...tooTallForOven(one, question),
  ]);
}

function notOnThat({ vessel }: InVessel, { kitchen, heat, inVessels }: FitQuestion): Misfit[] {
  const others = vesselsFor(heat, kitchen.vessels);
  // A kitchen without anything for that heat has covered its smoked meat in a pot.
  if (mayStand(vessel, heat) || others.includes(vessel)) return [];
  const content = inVessels.reduce((sum, one) => sum + volumeStanding(one), 0);
  const other = others.find((one) => fitsInto(one, content)) ?? others.at(-1);
  const says = {
    what: 'fits: not there',
    vessel: vessel.name,
    heat,
    ...(other && { take: other.name }),
  } as const;
  return [{ says, remedies: other ? [take(other)] : [] }];
}

function tooFull({ vessel, standsCm }: InVessel, question: FitQuestion): Misfit[] {
  if (standsCm <= FULL * vessel.heightCm) return [];
  const { kitchen, heat, inVessels, pour } = question;
  // What stands in it, as a volume, has to stand under the line of the other.
  const content = inVessels.reduce((sum, one) => sum + volumeStanding(one), 0);
  const others = vesselsFor(heat, kitchen.vessels).filter(
    ({ id }) => !inVessels.some((one) => one.vessel.id === id),
  );
  const larger = inVessels.length === 1 ? others.find((other) => fitsInto(other, content)) : undefined;
  const second =
    inVessels.length === 1 && !larger
      ? others.find((other) => fitsTogether([vessel, other], content))
      : undefined;
  const remedies: Remedy[] = [];
  if (larger) remedies.push(take(larger));
  if (second) remedies.push({ what: 'split', vessels: [second.id], name: second.name });
  if (pour && pour.ml > 0 && !larger) {
    const half = Math.round(pour.ml / 20) * 10;
    remedies.push({
      what: 'pour later',
      item: pour.item,
      half: { text: `${half} ml`, lo: half, hi: half },
    });
  }
  const says = {
    what: 'fits: too full',
    vessel: vessel.name,
    wantsMl: volumeStanding({ vessel, standsCm }) / FULL,
    brimMl: brimMl(vessel),
    ...(larger && { take: larger.name }),
    ...(second && { shareWith: second.name }),
  } as const;
  return [{ says, remedies }];
}

const volumeStanding = ({ vessel, standsCm }: Pick<InVessel, 'vessel' | 'standsCm'>) =>
  volumeTo(vessel, standsCm);

function fitsTogether(vessels: readonly Vessel[], ml: number): boolean {
  const brim = vessels.reduce((sum, vessel) => sum + brimMl(vessel), 0);
  return vessels.every((vessel) => fitsInto(vessel, (ml * brimMl(vessel)) / brim));
}

function tooEmpty({ vessel, otherMl, meatMl }: InVessel, { kitchen, heat }: FitQuestion): Misfit[] {
  const content = meatMl + otherMl;
  if (vessel.kind !== 'slow cooker' || content >= SLOW_COOKER_LEAST * brimMl(vessel)) return [];
  if (!(meatMl > 0)) return [];
  const smaller = vesselsFor(heat, kitchen.vessels).findLast(
    (other) => brimMl(other) < brimMl(vessel) && content >= SLOW_COOKER_LEAST * brimMl(other),
  );
  const says = {
    what: 'fits: too empty',
    vessel: vessel.name,
    share: content / brimMl(vessel),
    ...(smaller && { take: smaller.name }),
  } as const;
  return [{ says, remedies: smaller ? [take(smaller)] : [] }];
}

/** How high the longest bone reaches: lying where it can, leaning where it cannot, cm. */
export function reachCm(vessel: Vessel, longestCm: number): number {
  const across = longestInside(vessel);
  return longestCm <= across ? 0 : Math.sqrt(longestCm ** 2 - across ** 2);
}

function tooLong({ vessel, longestCm }: InVessel): Misfit[] {
  const reach = reachCm(vessel, longestCm);
  if (reach <= vessel.heightCm) return [];
  const says = {
    what: 'fits: bone too long',
    vessel: vessel.name,
    boneCm: longestCm,
    reachCm: reach,
    deepCm: vessel.heightCm,
  } as const;
  return [{ says, remedies: [] }];
}

/** The oven or smoker with the most room over its rack, if any was measured. */
function roomiestOf(kitchen: Pick<Kitchen, 'heatSources'>, heat: Heat) {
  if (heat !== 'oven' && heat !== 'smoker') return undefined;
  const rooms = sourcesOf(kitchen, heat).flatMap(({ heightCm, name }) =>
    heightCm === undefined ? [] : [{ heightCm, name }],
  );
  return rooms.toSorted((a, b) => b.heightCm - a.heightCm)[0];
}

/** Whether some oven or smoker of the kitchen is high enough for a vessel; always where nothing has a roof. */
export function goesIntoAny(
  vessel: Vessel,
  heat: Heat,
  lid: Lid,
  kitchen: Pick<Kitchen, 'heatSources'>,
): boolean {
  const roomiest = roomiestOf(kitchen, heat);
  return !roomiest || outerCm(vessel, lid !== 'off') <= roomiest.heightCm;
}

function tooTallForOven({ vessel }: InVessel, { kitchen, heat, lid }: FitQuestion): Misfit[] {
  const roomiest = roomiestOf(kitchen, heat);
  const outer = outerCm(vessel, lid !== 'off');
  if (!roomiest || outer <= roomiest.heightCm) return [];
  const bare = outerCm(vessel, false) <= roomiest.heightCm;
  const says = {
    what: 'fits: too tall',
    vessel: vessel.name,
    standsCm: outer,
    room: roomiest.name,
    roomCm: roomiest.heightCm,
    bare,
  } as const;
  return [{ says, remedies: [] }];
}

/** The vessel that was chosen, or the smallest that meat and liquid fit into. */
export function smallestThatFits(
  vessels: readonly Vessel[],
  meatMl: number,
  size: Size,
  level: Level,
): Vessel | undefined {
  const fits = vessels.find((vessel) => {
    const fill = fillOf(vessel, meatMl, size, level);
    return Math.max(fill.meatCm, fill.lineCm) <= FULL * vessel.heightCm;
  });
  return fits ?? vessels.toSorted((a, b) => brimMl(b) - brimMl(a))[0];
}
