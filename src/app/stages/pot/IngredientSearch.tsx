import { TEXT_MOST } from '@/core/quantity/index.ts';
import { useCombobox, type UseComboboxState, type UseComboboxStateChangeOptions } from 'downshift';
import { type ChangeEvent, type KeyboardEvent, useDeferredValue, useMemo, useState } from 'react';
import {
  entered,
  firstChoice,
  type Offer,
  offerOf,
  searchLine,
  type Tables,
  typedLines,
  WITHOUT_FIGURES,
  withoutFigures,
} from '@/core/pot/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { OfferRow } from './OfferRow.tsx';
import type { Settled } from './RecipeLineRow.tsx';
import { SettleLines } from './SettleLines.tsx';
import { useAsked } from './useAsked.ts';
import { usePutLines } from './usePutLines.ts';
import { useTables } from './useTables.ts';
import { useTypedIn } from './useTypedIn.ts';
import css from './pot.module.scss';

const SHOWN = 9;
/** A typed list is no longer than that. */
const MOST = 5 * TEXT_MOST;

type State = UseComboboxState<Offer>;

/** What is chosen goes into the pot, and the field is empty for the next thing; leaving the field chooses nothing and keeps what is typed. */
const reducer = (state: State, { type, changes }: UseComboboxStateChangeOptions<Offer>): Partial<State> => {
  const { ControlledPropUpdatedSelectedItem, InputBlur, InputKeyDownEnter, ItemClick } =
    useCombobox.stateChangeTypes;
  // Nothing stays chosen: that it is let go again must not empty what has been typed since.
  if (type === ControlledPropUpdatedSelectedItem) return { ...changes, inputValue: state.inputValue };
  if (type === InputBlur) return { ...changes, selectedItem: null, inputValue: state.inputValue };
  if (type !== InputKeyDownEnter && type !== ItemClick) return changes;
  return changes.selectedItem ? { ...changes, inputValue: '' } : { ...state, selectedItem: null };
};

const isNameless = ({ ingredient: { source, id } }: Offer, known: ReadonlySet<string>) =>
  source === WITHOUT_FIGURES && !known.has(id);

/** The field into which things are typed, one or a list: they go in as one act, and what is not understood is asked about below. */
export function IngredientSearch() {
  const { batch } = useOpenMeal();
  const { tables, isWhole, near } = useTables();
  const [text, setText] = useState('');
  const typeIn = useTypedIn(batch.id, setText, near);
  const { asked, ask } = useAsked(batch.id, tables, isWhole, near);
  const ids = useMemo(() => new Set(tables.usual.map(({ id }) => id)), [tables]);
  const typed = useDeferredValue(text).trim();
  const matches = useMemo(() => typedLines(typed, tables), [tables, typed]);
  const last = matches.at(-1)?.line;
  const offers = useMemo(() => {
    if (last === undefined) return [];
    const { offers: found } = searchLine(last.text, tables, SHOWN);
    // Until the large table is here nobody can say that it has none of that name.
    if (last.name === '' || !isWhole) return found;
    return [...found, offerOf(withoutFigures(crypto.randomUUID(), last.name), last)];
  }, [last, isWhole, tables]);
  // Whether the arrows have been used since the last letter: then what is lit was gone to.
  const [goneTo, setGoneTo] = useState(false);

  const putSettled = usePutLines(tables);
  /** Puts in what is settled, at once; the rest is asked about. */
  const settle = (lines: readonly Settled[]) => {
    ask([...asked, ...lines.filter(({ choice }) => choice === undefined)]);
    putSettled(lines.filter(({ choice }) => choice !== undefined));
  };
  const choose = (offer: Offer) => {
    const lines = matches.map((match): Settled => ({
      id: crypto.randomUUID(),
      match,
      choice: firstChoice(match),
    }));
    const chosen = lines.at(-1);
    if (!chosen) return;
    const choice = isNameless(offer, ids)
      ? ({ as: 'own' } as const)
      : ({ as: 'ingredient', id: offer.ingredient.id } as const);
    settle([...lines.slice(0, -1), { ...chosen, choice }]);
  };
  /** With nothing gone to, what stands in the field goes in, not what was drawn of it a moment ago. */
  const enter = () => {
    settle(entered(text, tables).map((line) => ({ ...line, id: crypto.randomUUID() })));
    typeIn('');
  };
  const { isOpen, highlightedIndex, getInputProps, getMenuProps, getItemProps, closeMenu } = useCombobox({
    items: [...offers],
    inputValue: text,
    selectedItem: null,
    defaultHighlightedIndex: 0,
    itemToString: (offer) => offer?.ingredient.name ?? '',
    stateReducer: reducer,
    // The field itself sets the text, at once: a letter that waited for an effect would be lost to the next one.
    onInputValueChange: ({ inputValue }) => typeIn(inputValue),
    onSelectedItemChange: ({ selectedItem }) => {
      if (selectedItem) choose(selectedItem);
    },
  });
  const shown = isOpen && typed !== '' ? offers : [];
  return (
    <>
      <div className={css.search}>
        <input
          className="write"
          placeholder="+ 2 l water, 3 onions, 2 tins tomatoes"
          spellCheck={false}
          maxLength={MOST}
          {...getInputProps({
            'aria-label': 'Put something in',
            onFocus: near,
            onChange: ({ currentTarget }: ChangeEvent<HTMLInputElement>) => {
              typeIn(currentTarget.value);
              setGoneTo(false);
            },
            onKeyDown: (event: KeyboardEvent & { nativeEvent: { preventDownshiftDefault?: boolean } }) => {
              if (event.key === 'ArrowDown' || event.key === 'ArrowUp') setGoneTo(true);
              if (event.key !== 'Enter' || !isWhole || goneTo || text.trim() === '') return;
              event.nativeEvent.preventDownshiftDefault = true;
              event.preventDefault();
              enter();
              closeMenu();
            },
          })}
        />
        <ul {...getMenuProps({ 'aria-label': 'What it may be' })} hidden={shown.length === 0}>
          {shown.map((offer, index) => (
            <OfferRow
              key={offer.ingredient.id}
              offer={offer}
              isNameless={isNameless(offer, ids)}
              isLit={index === highlightedIndex && (goneTo || !isNameless(offer, ids))}
              {...getItemProps({ item: offer, index })}
            />
          ))}
        </ul>
      </div>
      <Asked lines={asked} tables={tables} onChange={ask} onPutIn={putSettled} />
    </>
  );
}

interface AskedProps {
  readonly lines: readonly Settled[];
  readonly tables: Tables;
  readonly onChange: (lines: readonly Settled[]) => void;
  readonly onPutIn: (lines: readonly Settled[]) => void;
}

/** What was typed and not understood, with the likely answers. */
function Asked({ lines, tables, onChange, onPutIn }: AskedProps) {
  if (lines.length === 0) return null;
  return (
    <section className={css.recipe} aria-label="Still asked about">
      <SettleLines
        lines={lines}
        names={[...tables.usual, ...tables.large]}
        cuts={tables.cuts}
        onChange={onChange}
        onPutIn={() => {
          onPutIn(lines);
          onChange([]);
        }}
      />
    </section>
  );
}
