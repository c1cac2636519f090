import { NAME_MOST } from '@/core/batch/index.ts';
import { useCombobox, type UseComboboxState, type UseComboboxStateChangeOptions } from 'downshift';
import { useMemo, useState } from 'react';
import { searchNames, WITHOUT_FIGURES, withoutFigures } from '@/core/pot/index.ts';
import { ingredientsOf } from '@/core/model/index.ts';
import { reference } from '@/reference/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { putIn } from '../data/edits.ts';
import css from './pot.module.scss';

const SHOWN = 9;

type State = UseComboboxState<Ingredient>;

/** What is chosen goes into the pot, and the field is empty for the next thing; leaving the field chooses nothing. */
function emptied(state: State, { type, changes }: UseComboboxStateChangeOptions<Ingredient>): Partial<State> {
  const { InputBlur, InputKeyDownEnter, ItemClick } = useCombobox.stateChangeTypes;
  if (type === InputBlur) return { ...changes, selectedItem: null, inputValue: state.inputValue };
  return type === InputKeyDownEnter || type === ItemClick ? { ...changes, inputValue: '' } : changes;
}

/** Looks through all ingredients as somebody types, and puts the chosen one in. */
export function IngredientSearch() {
  const { loaded, batch } = useOpenMeal();
  const [text, setText] = useState('');
  const [large, setLarge] = useState<readonly Ingredient[]>([]);
  const near = () => {
    import('@/reference/pantry.ts').then(
      ({ pantry }) => setLarge(pantry),
      (error: unknown) => reportError(error),
    );
  };
  const known = ingredientsOf({ kitchen: loaded.kitchen, reference });
  const ids = useMemo(() => new Set(known.map(({ id }) => id)), [known]);
  const typed = text.trim();
  const offers = useMemo(() => {
    const found = searchNames([...known, ...large.filter(({ id }) => !ids.has(id))], typed, SHOWN);
    // Until the large table is here nobody can say that it has none of that name.
    return typed !== '' && large.length > 0 ? [...found, withoutFigures(crypto.randomUUID(), typed)] : found;
  }, [known, large, ids, typed]);
  const { isOpen, highlightedIndex, getInputProps, getMenuProps, getItemProps } = useCombobox({
    items: [...offers],
    inputValue: text,
    selectedItem: null,
    defaultHighlightedIndex: 0,
    itemToString: (ingredient) => ingredient?.name ?? '',
    stateReducer: emptied,
    onInputValueChange: ({ inputValue }) => setText(inputValue),
    onSelectedItemChange: ({ selectedItem }) => {
      if (selectedItem) putIn(loaded.meal.id, batch.id, selectedItem, ids.has(selectedItem.id));
    },
  });
  const shown = isOpen && typed !== '' ? offers : [];
  const words = ({ id, name, source }: Ingredient) =>
    source === WITHOUT_FIGURES && !ids.has(id) ? `“${name}”, without figures` : name;
  return (
    <div className={css.search}>
      <input
        className="write"
        placeholder="+ stock, an onion, a tin of …"
        spellCheck={false}
        maxLength={NAME_MOST}
        {...getInputProps({ 'aria-label': 'Put something in', onFocus: near })}
      />
      <ul {...getMenuProps({ 'aria-label': 'What it may be' })} hidden={shown.length === 0}>
        {shown.map((ingredient, index) => (
          <li
            key={ingredient.id}
            data-lit={index === highlightedIndex ? true : undefined}
            {...getItemProps({ item: ingredient, index })}
          >
            <span>{words(ingredient)}</span>
            {ingredient.holds && <small className="quiet">{ingredient.holds.join(', ')}</small>}
          </li>
        ))}
      </ul>
    </div>
  );
}
