import { type Thick, thickFrom, type Thickness, THICKENS } from '../../work/index.ts';

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
  /** ml to boil it down to. */
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
  ...thickenBy(thin, to === 'runs' ? 0 : ABOVE * thickFrom[to]),
});

/** The same for a thickness in g a litre, as this kitchen likes it. */
export function thickenBy({ ml, waterG, thickness }: Thin, aim: number): Omit<Thicken, 'to'> {
  const lacks = (Math.max(0, aim - thickness.gPerL) * waterG) / 1000;
  const share = aim > 0 && thickness.gPerL > 0 ? Math.min(1, thickness.gPerL / aim) : aim > 0 ? 0 : 1;
  return {
    starchG: lacks / THICKENS.starch,
    flourG: lacks / THICKENS.flour,
    toMl: Math.max(0, ml - waterG * (1 - share)),
  };
}
