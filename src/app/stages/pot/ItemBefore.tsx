import { type Item, ways, type Way } from '@/core/meal/index.ts';
import { usualSoftenMin } from '@/core/pot/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { withOrWithout } from '../../open/withOrWithout.ts';
import { Checkbox } from '../../parts/fields/Checkbox.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import css from './pot.module.scss';

interface Props {
  readonly item: Item;
  readonly name: string;
  readonly ingredient: Ingredient | undefined;
  readonly edit: (words: string, recipe: (item: Item) => Item, field?: string) => void;
}

/** What is done to a thing before the pot beside cutting it up, and how long it lies in the fat. */
export function ItemBefore({ item, name, ingredient, edit }: Props) {
  const { batch } = useOpenMeal();
  const done = item.ways ?? [];
  const usually = ingredient ? usualSoftenMin(item, ingredient, batch) : 0;
  const turn = (way: Way, on: boolean) => {
    edit(`how ${way}`, ({ ways: before = [], ...i }) => {
      const next = ways.filter((one) => (one === way ? on : before.includes(one)));
      return next.length > 0 ? { ...i, ways: next } : i;
    });
  };
  return (
    <>
      <span className={css.ways} role="group" aria-label={`What is done to ${name}`}>
        {ways.map((way) => (
          <Checkbox key={way} checked={done.includes(way)} onTick={(on) => turn(way, on)}>
            {way}
          </Checkbox>
        ))}
      </span>
      {item.at === undefined && (
        <QuantityField
          label="In the fat first"
          quantity={item.soften}
          measure="duration"
          placeholder={usually > 0 ? `${String(usually)} min` : 'not at all'}
          chars={10}
          nought
          onChange={(soften) => {
            edit('how long to soften', (i) => withOrWithout(i, 'soften', soften), 'soften');
          }}
        />
      )}
    </>
  );
}
