import type { ComponentPropsWithRef } from 'react';
import type { Offer } from '@/core/pot/index.ts';
import { writeMass } from '@/core/quantity/index.ts';
import { avoidableWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';

interface Props extends ComponentPropsWithRef<'li'> {
  readonly offer: Offer;
  /** No table has it: it would go in by its name alone. */
  readonly isNameless: boolean;
  readonly isLit: boolean;
}

/** A thing that a typed line may mean, with what it would weigh and what is in it. */
export function OfferRow({ offer, isNameless, isLit, ...item }: Props) {
  const { units } = useOpenMeal();
  const { ingredient, howMuch, amount, grams } = offer;
  const weight = grams === undefined ? undefined : writeMass(grams, units);
  return (
    <li data-lit={isLit ? true : undefined} {...item}>
      <span>
        {howMuch !== '' && <b className="num">{howMuch} </b>}
        {isNameless ? `“${ingredient.name}”, without figures` : ingredient.name}
      </span>
      <small className="quiet">
        {weight && `${weight.value} ${weight.unit}`}
        {amount?.ok === false && 'write its weight'}
        {ingredient.holds && ` ${ingredient.holds.map(avoidableWords).join(', ')}`}
      </small>
    </li>
  );
}
