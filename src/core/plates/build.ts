import type { DishKind } from '../meal/index.ts';
import { type Build, builds } from '../order/index.ts';

/** Rounds and minutes to heat so many on so many griddles, presses or ovens at once. */
export function heatingOf(
  kind: DishKind,
  count: number,
  at = 1,
): { readonly rounds: number; readonly minutes: number } | null {
  const heat = builds[kind].heat;
  if (!heat || count <= 0) return null;
  const rounds = Math.ceil(count / (heat.atOnce * Math.max(1, at)));
  return { rounds, minutes: rounds * heat.minutes };
}

/** On what a kind of dish is heated for its plates, how hot, and whether once it is filled; null: on nothing. */
export const heatedOn = (kind: DishKind): Build['heat'] => builds[kind].heat;

/** Minutes on a griddle or in a press for so many; nought where it is only filled, or goes into the oven by itself. */
export function griddleMinutes(kind: DishKind, count: number): number {
  const on = builds[kind].heat?.on;
  return on === 'griddle' || on === 'press' ? (heatingOf(kind, count)?.minutes ?? 0) : 0;
}

/** ml that the bowls and plates of a kind hold to a finger below the rim (common practice, no source). */
const holdsMl: Readonly<Partial<Record<DishKind, number>>> = {
  soup: 450,
  dip: 120,
  pasta: 550,
  gratin: 400,
  mash: 550,
};
/** Shred in a bowl, g/ml (estimate). */
const LOOSE = 0.62;

/** What of a serving will not fit its bowl, ml; undefined where it does, or where it lies on a plate. */
export function overflows(kind: DishKind, meatG: number, liquidMl: number): number | undefined {
  const holds = holdsMl[kind];
  if (holds === undefined) return undefined;
  const over = meatG / LOOSE + liquidMl - holds;
  return over > 0 ? over : undefined;
}
