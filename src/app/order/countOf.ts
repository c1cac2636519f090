import type { Dish } from '@/core/batch/schema.ts';
import { middle } from '@/core/quantity/index.ts';

/** Servings of a dish as far as they can be read. */
export const countOf = (dish: Dish): number => middle(dish.count) ?? 0;
