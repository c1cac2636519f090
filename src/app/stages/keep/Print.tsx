import type { Kitchen, ShelfItem } from '@/core/meal/index.ts';
import { bestBefore, heldInBox, onShelf } from '@/core/keep/index.ts';
import { amountOnShelf } from '@/core/answers/index.ts';
import { capital, holdsWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { type Said, useSaid } from '../../open/useSaid.ts';
import { useShelf } from '../../lists/data/useShelf.ts';
import type { LabelText } from '../../paper/label.ts';
import { dayWords } from '../../parts/dayWords.ts';
import { LabelSheet } from './LabelSheet.tsx';

/** A label a box for what went from this meal to the shelf, printed as a sheet. */
export function Print() {
  const { loaded } = useOpenMeal();
  const said = useSaid();
  const items = onShelf(useShelf(), loaded.kitchen).filter(({ meal }) => meal === loaded.meal.id);
  return <LabelSheet labels={items.flatMap((item) => labelsOf(item, loaded.kitchen, said))} />;
}

/** A label for each box of it: what, how much, when, until when, what it holds. */
export function labelsOf(
  item: ShelfItem,
  kitchen: Pick<Kitchen, 'keeps'>,
  said: Pick<Said, 'amount'>,
): readonly LabelText[] {
  const { box, boxes } = amountOnShelf(item);
  const label: LabelText = {
    title: capital(item.name),
    amount: said.amount(box),
    made: `made ${dayWords(item.made, item.zone)}${item.frozen === undefined ? '' : `, frozen ${dayWords(item.frozen, item.zone)}`}`,
    useBy: `use by ${dayWords(bestBefore(item, kitchen), item.zone)}`,
    more: [...holdsWords(heldInBox(item)), ...(item.what === 'fat' ? [] : ['heat to 74 °C'])].join(' · '),
  };
  return Array.from({ length: boxes }, () => label);
}
