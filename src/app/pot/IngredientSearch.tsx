import { useId, useState, type KeyboardEvent } from 'react';
import { searchNames, withoutFigures, WITHOUT_FIGURES } from '@/core/pot/index.ts';
import { ingredientsOf } from '@/core/reckoning/input.ts';
import { reference } from '@/reference/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { putIn } from '../data/edits.ts';

const SHOWN = 9;

/** Looks through all ingredients as somebody types, and puts the chosen one in. */
export function IngredientSearch() {
  const { loaded, batch } = useOpenMeal();
  const id = useId();
  const [text, setText] = useState('');
  const [at, setAt] = useState(0);
  const [large, setLarge] = useState<readonly Ingredient[]>([]);
  const near = () => {
    import('@/reference/pantry.ts').then(
      ({ pantry }) => {
        setLarge(pantry);
      },
      (error: unknown) => {
        reportError(error);
      },
    );
  };
  const known = ingredientsOf({ kitchen: loaded.kitchen, reference });
  const ids = new Set(known.map((ingredient) => ingredient.id));
  const found = searchNames([...known, ...large.filter((one) => !ids.has(one.id))], text, SHOWN);
  const typed = text.trim();
  // Until the large table is here nobody can say that it has none of that name.
  const offers =
    typed === '' ? [] : large.length > 0 ? [...found, withoutFigures(crypto.randomUUID(), typed)] : found;
  const choose = (ingredient: Ingredient | undefined) => {
    if (!ingredient) return;
    putIn(loaded.meal.id, batch.id, ingredient, ids.has(ingredient.id));
    setText('');
    setAt(0);
  };
  const press = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      const by = event.key === 'ArrowDown' ? 1 : -1;
      setAt((at + by + offers.length) % Math.max(1, offers.length));
    } else if (event.key === 'Enter' && offers.length > 0) {
      event.preventDefault();
      choose(offers[at]);
    } else if (event.key === 'Escape') setText('');
  };
  const words = (ingredient: Ingredient) =>
    ingredient.source === WITHOUT_FIGURES && !ids.has(ingredient.id)
      ? `“${ingredient.name}”, without figures`
      : ingredient.name;
  return (
    <div className="search">
      <input
        className="write"
        role="combobox"
        aria-label="Put something in"
        aria-expanded={offers.length > 0}
        aria-controls={`${id}-list`}
        aria-autocomplete="list"
        aria-activedescendant={offers.length > 0 ? `${id}-${at}` : undefined}
        placeholder="+ stock, an onion, a tin of …"
        autoComplete="off"
        spellCheck={false}
        value={text}
        onFocus={near}
        onChange={(event) => {
          setText(event.target.value);
          setAt(0);
        }}
        onKeyDown={press}
      />
      <ul id={`${id}-list`} role="listbox" aria-label="What it may be" hidden={offers.length === 0}>
        {offers.map((ingredient, i) => (
          <li
            key={i === found.length ? 'own' : ingredient.id}
            id={`${id}-${i}`}
            role="option"
            aria-selected={i === at}
            onPointerEnter={() => {
              setAt(i);
            }}
            onPointerDown={(event) => {
              // Before the field is left.
              event.preventDefault();
              choose(ingredient);
            }}
          >
            <span>{words(ingredient)}</span>
            {ingredient.holds && <small className="quiet">{ingredient.holds.join(', ')}</small>}
          </li>
        ))}
      </ul>
    </div>
  );
}
