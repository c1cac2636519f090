import { choosing, type Meal, type Version } from '../meal/index.ts';
import type { OpenedMeal } from '../model/index.ts';
import { byJudgement, type Judgement, judgementOf } from './judge.ts';

export type HeldField = NonNullable<Meal['both']>[number];

/** One of the values of a field that copies say otherwise, as the ledger judges it. */
export interface JudgedValue extends Judgement {
  readonly value: unknown;
  /** The meal with it. */
  readonly chosen: Version;
}

/** Lays each value of a field against the rest of the meal: the one that leaves least open first. */
export const judgedValues = ({ input }: OpenedMeal, held: HeldField): readonly JudgedValue[] =>
  held.values
    .map((value): JudgedValue => {
      const chosen = choosing(input, held, value);
      return { value, chosen, ...judgementOf({ ...input, ...chosen }) };
    })
    .toSorted(byJudgement);

/** What a field is of, and which it is. */
export interface Place {
  readonly what: 'meal' | 'dish' | 'sitting' | 'pot' | 'lot' | 'item' | 'step' | 'phase';
  /** The id of what it is of; the meal’s own where it is the meal’s. */
  readonly id: string;
  /** The pot that it lies in. */
  readonly pot?: string;
  /** The field: its keys. */
  readonly field: readonly string[];
}

const lists: Readonly<Record<string, Place['what']>> = {
  dishes: 'dish',
  sittings: 'sitting',
  pots: 'pot',
  lots: 'lot',
  items: 'item',
  after: 'step',
  cook: 'phase',
};

/** What a field is of, by where it lies. */
export function placeOf({ at }: HeldField, meal: string): Place {
  let place: Place = { what: 'meal', id: meal, field: at.slice(at[0] === 'meal' ? 1 : 0) };
  at.forEach((step, i) => {
    const what = lists[step];
    const id = at[i + 1];
    if (what === undefined || id === undefined) return;
    const pot = what === 'pot' ? id : place.pot;
    place = { what, id, field: at.slice(i + 2), ...(pot !== undefined && { pot }) };
  });
  return place;
}
