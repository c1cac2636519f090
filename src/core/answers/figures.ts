import { reckon } from '../reckoning/index.ts';
import { drawsOf, type OpenedMeal } from '../model/index.ts';

/** The figures of a meal, with their ranges: what is asked first, and after every key. */
export const figures = (meal: OpenedMeal) => reckon(meal, drawsOf(meal));
