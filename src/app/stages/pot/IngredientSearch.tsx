import { type Item, NAME_MOST } from '@/core/meal/index.ts';
import { useCombobox, type UseComboboxState, type UseComboboxStateChangeOptions } from 'downshift';
import { type ChangeEvent, type KeyboardEvent, useDeferredValue, useMemo, useState } from 'react';
import { type Offer, offerOf, searchLine, WITHOUT_FIGURES, withoutFigures } from '@/core/pot/index.ts';
import { ingredientsOf } from '@/core/model/index.ts';
import { writeMass } from '@/core/quantity/index.ts';
import { reference } from '@/reference/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { avoidableWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { putIn } from '../../open/edits/index.ts';
import css from './pot.module.scss';

const SHOWN = 9;

type State = UseComboboxState<Offer>;

/**
 * What is chosen goes into the pot, and the field is empty for the next thing; leaving the field chooses nothing. Enter
 * takes the best match, but a thing without figures is made only by going to it, never by accident.
 */
const reducer =
  (refuses: (offer: Offer) => boolean) =>
  (state: State, { type, changes }: UseComboboxStateChangeOptions<Offer>): Partial<State> => {
    const { ControlledPropUpdatedSelectedItem, InputBlur, InputKeyDownEnter, ItemClick } =
      useCombobox.stateChangeTypes;
    // Nothing stays chosen: that it is let go again must not empty what has been typed since.
    if (type === ControlledPropUpdatedSelectedItem) return { ...changes, inputValue: state.inputValue };
    if (type === InputBlur) return { ...changes, selectedItem: null, inputValue: state.inputValue };
    if (type !== InputKeyDownEnter && type !== ItemClick) return changes;
    const chosen = changes.selectedItem ?? undefined;
    if (chosen === undefined || (type === InputKeyDownEnter && refuses(chosen)))
      return { ...state, selectedItem: null };
    return { ...changes, inputValue: '' };
  };

const isNameless = ({ ingredient }: Offer, known: ReadonlySet<string>) =>
  ingredient.source === WITHOUT_FIGURES && !known.has(ingredient.id);

/** Looks through all ingredients as somebody types a line of a recipe, and puts the chosen one in. */
export function IngredientSearch() {
  const { loaded, batch, units } = useOpenMeal();
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
  const typed = useDeferredValue(text).trim();
  const offers = useMemo(() => {
    const others = large.filter(({ id }) => !ids.has(id));
    const { line, offers: found } = searchLine(typed, known, others, SHOWN);
    const name = line.words.join(' ');
    // Until the large table is here nobody can say that it has none of that name.
    if (name === '' || large.length === 0) return found;
    const behind = typed.split(/\s+/).slice(line.howMuch?.split(' ').length ?? 0);
    const own = withoutFigures(crypto.randomUUID(), behind.join(' ') || name);
    return [...found, offerOf(own, line.howMuch)];
  }, [known, large, ids, typed]);
  // Whether the arrows have been used since the last letter: then what is lit was gone to.
  const [goneTo, setGoneTo] = useState(false);
  const refuses = (offer: Offer) => !goneTo && isNameless(offer, ids);
  const { isOpen, highlightedIndex, getInputProps, getMenuProps, getItemProps } = useCombobox({
    items: [...offers],
    inputValue: text,
    selectedItem: null,
    defaultHighlightedIndex: 0,
    itemToString: (offer) => offer?.ingredient.name ?? '',
    stateReducer: reducer(refuses),
    // The field itself sets the text, at once: a letter that waited for an effect would be lost to the next one.
    onInputValueChange: ({ inputValue }) => setText(inputValue),
    onSelectedItemChange: ({ selectedItem }) => {
      if (!selectedItem) return;
      const { ingredient } = selectedItem;
      putIn(loaded.meal.id, batch.id, ingredient, ids.has(ingredient.id), muchOf(selectedItem));
    },
  });
  const shown = isOpen && typed !== '' ? offers : [];
  return (
    <div className={css.search}>
      <input
        className="write"
        placeholder="+ 2 l water, 3 onions, 2 tins tomatoes"
        spellCheck={false}
        maxLength={NAME_MOST}
        {...getInputProps({
          'aria-label': 'Put something in',
          onFocus: near,
          onChange: ({ currentTarget }: ChangeEvent<HTMLInputElement>) => {
            setText(currentTarget.value);
            setGoneTo(false);
          },
          onKeyDown: ({ key }: KeyboardEvent) => {
            if (key === 'ArrowDown' || key === 'ArrowUp') setGoneTo(true);
          },
        })}
      />
      <ul {...getMenuProps({ 'aria-label': 'What it may be' })} hidden={shown.length === 0}>
        {shown.map((offer, index) => {
          const { ingredient, howMuch, amount, grams } = offer;
          const weight = grams === undefined ? undefined : writeMass(grams, units);
          return (
            <li
              key={ingredient.id}
              data-lit={index === highlightedIndex && !refuses(offer) ? true : undefined}
              {...getItemProps({ item: offer, index })}
            >
              <span>
                {howMuch !== '' && <b className="num">{howMuch} </b>}
                {isNameless(offer, ids) ? `“${ingredient.name}”, without figures` : ingredient.name}
              </span>
              <small className="quiet">
                {weight && `${weight.value} ${weight.unit}`}
                {amount?.ok === false && 'write its weight'}
                {ingredient.holds && ` ${ingredient.holds.map(avoidableWords).join(', ')}`}
              </small>
            </li>
          );
        })}
      </ul>
    </div>
  );
}

/** The amount as it goes in; one that has no weight yet stands as it was typed until it has. */
function muchOf({ amount, howMuch }: Offer): Pick<Item, 'amount' | 'measure'> {
  if (!amount) return {};
  if (!amount.ok) return { amount: { text: howMuch } };
  const { quantity, measure } = amount;
  return {
    amount: { ...quantity, text: howMuch },
    measure: measure === 'volume' || measure === 'count' ? measure : 'mass',
  };
}
