import type { Taste } from '../../batch/index.ts';
import { type Thick, thicks } from '../thickness.ts';
import type { Salty } from './salty.ts';
import { type Thin, thickenTo } from './thicken.ts';

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

/** The next thicker word. */
const thicker = (feels: Thick): Thick =>
  thicks[Math.min(thicks.length - 1, thicks.indexOf(feels) + 1)] ?? feels;

/**
 * What to do about what a spoon of a liquid says: a little at a time, since it is tasted again. Mostly nothing.
 */
export function answerTo(taste: Taste, salty: Salty, thin: Thin): Suggestion {
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
      const { starchG, toMl } = thickenTo(thin, thicker(thin.thickness.feels));
      return { what: 'thicken', starchG, toMl };
    }
    case 'thick':
      return { what: 'thin', grams: LOOSER * thin.waterG };
  }
}
