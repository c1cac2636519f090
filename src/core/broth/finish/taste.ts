import type { Taste } from '../../meal/index.ts';
import { type Thick, thicks } from '../../work/index.ts';
import type { Salty } from './salty.ts';
import { type Thin, thickenBy, thickenTo } from './thicken.ts';

/** What a spoon of it suggests, in grams. */
export type Suggestion =
  | { readonly what: 'nothing' }
  | { readonly what: 'salt'; readonly grams: number }
  | { readonly what: 'thin'; readonly grams: number }
  | { readonly what: 'thicken'; readonly starchG: number; readonly toMl: number }
  | { readonly what: 'dairy or starch' };

/** What tastes flat wants this much more salt, of its weight without fat; what is salty this much less (estimates). */
const STEP = 0.0015;
/** What is too thick wants so much water, of its own (estimate). */
const LOOSER = 0.08;

/** Less than so many times as thick is the same. */
const A_LITTLE = 1.05;

/** The next thicker word. */
const thicker = (feels: Thick): Thick =>
  thicks[Math.min(thicks.length - 1, thicks.indexOf(feels) + 1)] ?? feels;

/**
 * What to do about what a spoon of a liquid says: a little at a time, since it is tasted again. Mostly nothing.
 * @param liked g a litre that this kitchen has called right; absent: the next thicker word
 */
export function answerTo(taste: Taste, salty: Salty, thin: Thin, liked?: number): Suggestion {
  const strength = salty.baseG > 0 ? salty.saltG / salty.baseG : 0;
  switch (taste) {
    case 'right':
      return { what: 'nothing' };
    case 'flat': {
      const target = strength + STEP;
      return { what: 'salt', grams: (target * salty.baseG - salty.saltG) / (1 - target) };
    }
    case 'salty': {
      const target = Math.max(STEP, strength - STEP);
      return { what: 'thin', grams: Math.max(0, salty.saltG / target - salty.baseG) };
    }
    case 'hot':
      return { what: 'dairy or starch' };
    case 'thin': {
      const { gPerL, feels } = thin.thickness;
      const { starchG, toMl } =
        liked !== undefined && liked > gPerL * A_LITTLE
          ? thickenBy(thin, liked)
          : thickenTo(thin, thicker(feels));
      return { what: 'thicken', starchG, toMl };
    }
    case 'thick':
      return { what: 'thin', grams: LOOSER * thin.waterG };
  }
}
