import { HOT_GELATIN_MOST, type Thick, thickFrom, type Thickness, THICKENS } from '../../work/index.ts';

/** What a finished liquid is, as far as thickening it goes. */
export interface Thin {
  readonly ml: number;
  readonly waterG: number;
  readonly thickness: Thickness;
}

/** What brings a liquid to a thickness: stirred in, or boiled away; nought where it is as thick already. */
export interface Thicken {
  readonly to: Thick;
  readonly starchG: number;
  readonly flourG: number;
  /** ml to boil it down to; 0: no boiling down does it, since gelatin is no thicker hot. */
  readonly toMl: number;
}

/** A thickness is aimed at a little above where its word begins (estimate). */
const ABOVE = 1.1;

/**
 * What a liquid wants to be as thick as a word, each way by itself: starch or flour to its water, or water boiled off
 * until what is in it is enough.
 */
export const thickenTo = (thin: Thin, to: Thick): Thicken => ({
  to,
  ...thickenBy(thin, to === 'runs' ? 0 : ABOVE * thickFrom[to], thickFrom[to]),
});

/**
 * The same for a thickness in g a litre, as this kitchen likes it.
 * @param least what does where the aim is beyond boiling
 */
export function thickenBy({ ml, waterG, thickness }: Thin, aim: number, least = aim): Omit<Thicken, 'to'> {
  const lacks = (Math.max(0, aim - thickness.gPerL) * waterG) / 1000;
  return {
    starchG: lacks / THICKENS.starch,
    flourG: lacks / THICKENS.flour,
    toMl: toBoil(ml, waterG, waterLeft(thickness, aim) || waterLeft(thickness, least)),
  };
}

const toBoil = (ml: number, waterG: number, left: number): number =>
  left > 0 ? Math.max(0, ml - waterG * (1 - left)) : 0;

/** What two sums differ by in the last place is none, g a litre. */
const NOTHING = 1e-9;

/** Share of its water that may be left for so many g a litre: all of it grows as water leaves, but hot gelatin only so far. */
function waterLeft({ gPerL, ofGelatin = 0 }: Thickness, aim: number): number {
  if (!(aim > gPerL)) return 1;
  const beside = gPerL - Math.min(HOT_GELATIN_MOST, ofGelatin);
  const rest = beside > NOTHING ? beside : 0;
  const all = (rest + ofGelatin) / aim;
  if (ofGelatin <= HOT_GELATIN_MOST * all) return all;
  return aim > HOT_GELATIN_MOST ? rest / (aim - HOT_GELATIN_MOST) : all;
}
