import { intoMarinade } from '@/core/pot/index.ts';
import { midpoint, type Quantity, readBoiledTo } from '@/core/quantity/index.ts';
import type { Item } from '@/core/meal/index.ts';
import { avoidableWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editBatch, editItem } from '../../open/edits/index.ts';
import { withOrWithout } from '../../open/withOrWithout.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { ItemBefore } from './ItemBefore.tsx';
import { ItemFate } from './ItemFate.tsx';
import { ItemPrepared } from './ItemPrepared.tsx';
import type { EditItem, ItemProps } from './itemProps.ts';
import { ItemSoaked } from './ItemSoaked.tsx';
import { OwnFigures } from './OwnFigures.tsx';
import { Swaps } from './Swaps.tsx';
import { When } from './When.tsx';
import css from './pot.module.scss';

const goesIn = [
  { value: 'in', words: 'stirred in' },
  { value: 'painted on', words: 'painted on' },
  { value: 'poured over', words: 'poured over' },
] as const;
type Props = Omit<ItemProps, 'edit'>;

/** How one thing is prepared, when it goes in and comes out, and what becomes of it. */
export function ItemDetails({ item, name, ingredient }: Props) {
  const { batch } = useOpenMeal();
  const edit: EditItem = (words, recipe, field) => {
    editItem(batch.id, item.id, `${words} ${name}`, recipe, field && `${item.id} ${field}`);
  };
  const boil = (to: Quantity) => {
    edit('boiling down', (i) => withOrWithout(i, 'boiledTo', to), 'boiled');
  };
  const solid = ingredient?.role === 'solid';
  return (
    <div className="lot-more">
      <ItemPrepared item={item} ingredient={ingredient} edit={edit} />
      <Choice
        legend="How it goes in"
        value={item.onto ?? 'in'}
        options={goesIn}
        onChoose={(how) => {
          edit('how it goes in:', ({ onto: _, ...i }) => (how === 'in' ? i : { ...i, onto: how }));
        }}
      />
      {solid && <ItemBefore item={item} name={name} ingredient={ingredient} edit={edit} />}
      <ItemSoaked item={item} ingredient={ingredient} edit={edit} />
      {!solid && midpoint(item.amount) !== undefined && (
        <QuantityField
          label="Boiled down to"
          quantity={item.boiledTo}
          measure={['volume', 'mass']}
          placeholder="half, or 200 ml"
          reads={(text) => readBoiled(text, item)}
          chars={14}
          onChange={(to) => {
            if (!isPart(to)) boil(to);
          }}
          onDone={(to) => {
            if (isPart(to)) boil(to);
          }}
        />
      )}
      <When
        label="Goes in"
        moment={item.at}
        atEnd={false}
        draft={`item ${item.id} in`}
        onChange={(at) => {
          edit('when to put in', ({ at: _, ...i }) => (at ? { ...i, at } : i), 'at');
        }}
      />
      <ItemFate item={item} ingredient={ingredient} edit={edit} />
      <p className={css.itemActs}>
        <button
          type="button"
          className="link"
          onClick={() => {
            edit('holding back', ({ put: _, ...i }) => ({ ...i, state: 'held back' }));
          }}
        >
          hold it back
        </button>
        <button
          type="button"
          className="link"
          onClick={() => {
            editBatch(batch.id, `the marinade and ${name}`, (b) => intoMarinade(b, item.id));
          }}
        >
          {item.marinade ? 'not in the marinade' : 'into the marinade'}
        </button>
      </p>
      <Swaps item={item} name={name} />
      {ingredient?.section === 'own' && <OwnFigures ingredient={ingredient} />}
      <p className="lot-source quiet">
        {ingredient?.holds &&
          `Contains ${ingredient.holds.map(avoidableWords).join(', ')}; go by the label. `}
        {ingredient?.source !== undefined && `From ${ingredient.source}.`}
      </p>
    </div>
  );
}

/** A part of it is so much once it is written out: its letters are another's, and so it waits for Enter. */
const isPart = ({ text }: Quantity) => text.endsWith(')');

/** “half”, “till a third is left”, “200 ml”; “0” where nothing is to be left. */
function readBoiled(text: string, { amount, measure }: Item) {
  const of = midpoint(amount);
  const known = of !== undefined && (measure === 'volume' || measure === 'mass');
  return readBoiledTo(text, known ? { amount: of, measure } : undefined, ['volume', 'mass'], [], true);
}
