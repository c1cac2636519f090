import { arrayMove } from '@dnd-kit/sortable';
import { itemsOf, orderHints } from '@/core/pot/index.ts';
import { ingredientsById } from '@/core/model/index.ts';
import { reference } from '@/reference/index.ts';
import { hintWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editBatch, editItem, editItems } from '../../open/edits/index.ts';
import { SortableList } from '../../parts/sortable/SortableList.tsx';
import { HeldInPot } from './HeldInPot.tsx';
import { IngredientSearch } from './IngredientSearch.tsx';
import { ItemRow } from './ItemRow.tsx';
import clsx from 'clsx';
import { X } from 'lucide-react';
import { UsualPot } from './UsualPot.tsx';
import css from './pot.module.scss';

/** What goes in, in order. What has no amount is poured to the line, or its usual share. */
export function Items() {
  const { batch, loaded } = useOpenMeal();
  const ingredients = ingredientsById({ kitchen: loaded.kitchen, reference });
  const items = itemsOf(batch);
  const nameOf = (id: string) => {
    const ref = items.find((item) => item.id === id)?.ref ?? '';
    return ingredients.get(ref)?.name ?? ref;
  };
  const inPot = items.filter(({ state }) => state !== 'held back');
  const heldBack = items.filter(({ state }) => state === 'held back');
  return (
    <section className={css.items} aria-label="What goes in">
      <SortableList
        ids={inPot.map(({ id }) => id)}
        nameOf={nameOf}
        thing="the line"
        onMove={(from, to) => {
          const [moved, over] = [inPot[from], inPot[to]];
          if (!moved || !over) return;
          editItems(batch.id, 'the order of adding', (all) =>
            arrayMove(
              [...all],
              all.findIndex(({ id }) => id === moved.id),
              all.findIndex(({ id }) => id === over.id),
            ),
          );
        }}
      >
        <ul className={clsx(css.intoPot, batch.items === undefined && css.isOffered)}>
          {inPot.map((item) => (
            <ItemRow key={item.id} item={item} />
          ))}
        </ul>
      </SortableList>
      <UsualPot />
      <IngredientSearch key={batch.id} />
      {heldBack.map((item) => (
        <p key={item.id} className={css.heldBack}>
          <b>Held back</b> {item.amount?.text} {nameOf(item.id)}{' '}
          <button
            type="button"
            className="link"
            onClick={() => {
              editItem(batch.id, item.id, `pouring in ${nameOf(item.id)}`, (i) => ({ ...i, state: 'in' }));
            }}
          >
            pour it in
          </button>
        </p>
      ))}
      <Hints />
      <HeldInPot />
    </section>
  );
}

/** Where the order of the list matters, with the reason; each can be waved away. */
function Hints() {
  const { batch, loaded } = useOpenMeal();
  const hints = orderHints(batch, ingredientsById({ kitchen: loaded.kitchen, reference }));
  if (hints.length === 0) return null;
  return (
    <ul className={css.hints} aria-label="The order of adding">
      {hints
        .map((hint) => ({ id: hint.id, ...hintWords(hint) }))
        .map(({ id, words, why }) => (
          <li key={id}>
            <span>
              <b>{words}</b> <span className="quiet">{why}</span>
            </span>
            <button
              type="button"
              className="link quiet"
              aria-label={`Dismiss: ${words}`}
              onClick={() => {
                editBatch(batch.id, 'a hint', (b) => ({ ...b, dismissed: [...(b.dismissed ?? []), id] }));
              }}
            >
              <X size={15} aria-hidden />
            </button>
          </li>
        ))}
    </ul>
  );
}
