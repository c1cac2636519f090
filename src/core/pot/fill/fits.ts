import type { Heat, Kitchen, Level, Lid, Size, Vessel } from '../../batch/index.ts';
import type { Quantity } from '../../quantity/index.ts';
import { brimMl, heightOf, longestInside, volumeTo } from '../vessel/shape.ts';
import { mayStand, outerCm, sourcesOf, vesselsFor } from '../vessel/stands.ts';
import { fillOf, FULL, SLOW_COOKER_LEAST } from './fill.ts';

/** What a cook may do about it with one press. */
export type Remedy =
  | { readonly what: 'take'; readonly vessel: string; readonly words: string }
  | { readonly what: 'split'; readonly vessels: readonly string[]; readonly words: string }
  | { readonly what: 'pour later'; readonly item: string; readonly half: Quantity; readonly words: string };

export interface Misfit {
  readonly words: string;
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

const litres = (ml: number) => `${(ml / 1000).toFixed(1)} l`;
const cm = (x: number) => `${Math.round(x * 10) / 10} cm`;
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

const placeOf: Readonly<Record<Heat, string>> = {
  oven: 'in the oven',
  stove: 'on a burner',
  'slow cooker': 'on a slow cooker base',
  smoker: 'in the smoker',
};

function notOnThat({ vessel }: InVessel, { kitchen, heat, inVessels }: FitQuestion): Misfit[] {
  const others = vesselsFor(heat, kitchen.vessels);
  // A kitchen without anything for that heat has covered its smoked meat in a pot.
  if (mayStand(vessel, heat) || others.includes(vessel)) return [];
  const content = inVessels.reduce((sum, one) => sum + volumeStanding(one), 0);
  const other = others.find((one) => fitsInto(one, content)) ?? others.at(-1);
  const words = `${vessel.name} must not stand ${placeOf[heat]}: ${other ? `take the ${other.name}` : 'say in the kitchen what may'}.`;
  return [
    { words, remedies: other ? [{ what: 'take', vessel: other.id, words: `Take the ${other.name}` }] : [] },
  ];
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
  if (larger) remedies.push({ what: 'take', vessel: larger.id, words: `Take the ${larger.name}` });
  if (second)
    remedies.push({ what: 'split', vessels: [second.id], words: `Share it with the ${second.name}` });
  if (pour && pour.ml > 0 && !larger) {
    const half = Math.round(pour.ml / 20) * 10;
    remedies.push({
      what: 'pour later',
      item: pour.item,
      half: { text: `${half} ml`, lo: half, hi: half },
      words: 'Pour half of it after an hour',
    });
  }
  const wants = litres(volumeStanding({ vessel, standsCm }) / FULL);
  const advice = larger
    ? `the ${larger.name} holds it`
    : second
      ? `share it with the ${second.name}`
      : 'cut the meat smaller, pour less, or braise in two goes';
  return [
    {
      words: `This wants a pot of ${wants}, and ${vessel.name} holds ${litres(brimMl(vessel))}: ${advice}.`,
      remedies,
    },
  ];
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
  const share = Math.round((100 * content) / brimMl(vessel));
  return [
    {
      words: `${vessel.name} would be ${share} % full, and under half it dries and scorches: ${smaller ? `take the ${smaller.name}` : 'put in more, or use a pot in the oven'}.`,
      remedies: smaller ? [{ what: 'take', vessel: smaller.id, words: `Take the ${smaller.name}` }] : [],
    },
  ];
}

/** How high the longest bone reaches: lying where it can, leaning where it cannot, cm. */
export function reachCm(vessel: Vessel, longestCm: number): number {
  const across = longestInside(vessel);
  return longestCm <= across ? 0 : Math.sqrt(longestCm ** 2 - across ** 2);
}

function tooLong({ vessel, longestCm }: InVessel): Misfit[] {
  const reach = reachCm(vessel, longestCm);
  if (reach <= vessel.heightCm) return [];
  return [
    {
      words: `A bone of ${cm(longestCm)} reaches ${cm(reach)} in ${vessel.name}, which is ${cm(vessel.heightCm)} deep: the lid will not close; have it sawn through, or take a wider vessel.`,
      remedies: [],
    },
  ];
}

function tooTallForOven({ vessel }: InVessel, { kitchen, heat, lid }: FitQuestion): Misfit[] {
  if (heat !== 'oven' && heat !== 'smoker') return [];
  const rooms = sourcesOf(kitchen, heat).flatMap(({ heightCm, name }) =>
    heightCm === undefined ? [] : [{ heightCm, name }],
  );
  const roomiest = rooms.toSorted((a, b) => b.heightCm - a.heightCm)[0];
  const outer = outerCm(vessel, lid !== 'off');
  if (!roomiest || outer <= roomiest.heightCm) return [];
  const bare = outerCm(vessel, false) <= roomiest.heightCm;
  return [
    {
      words: `${vessel.name} with its lid stands ${cm(outer)} high and the ${roomiest.name} has ${cm(roomiest.heightCm)}: ${bare ? 'cover it with foil in place of the lid' : 'take a lower vessel, or the stove'}.`,
      remedies: [],
    },
  ];
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
