import { fateKind, prepKind } from '@/core/work/index.ts';
import { fateWords } from '@/words/index.ts';
import clsx from 'clsx';
import { X } from 'lucide-react';
import { useState } from 'react';
import type { Item } from '@/core/meal/index.ts';
import { readAny, writeMass, writeMinutes, writeVolume } from '@/core/quantity/index.ts';
import { ingredientsById } from '@/core/model/index.ts';
import { reference } from '@/reference/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { readAmount } from '@/core/pot/index.ts';
import type { Settings } from '@/store/kinds.ts';
import { massUnits, volumeUnits } from '../../open/useSettings.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { editItem, editItems } from '../../open/edits/index.ts';
import { Grip, useRow } from '../../parts/sortable/Grip.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { Checkbox } from '../../parts/fields/Checkbox.tsx';
import { ItemDetails } from './ItemDetails.tsx';
import css from './pot.module.scss';
import { clockNow } from '../../browser/clock.ts';

/** One thing in the pot: ticked once it is in, how much, and in a word what is done to it. */
export function ItemRow({ item }: { readonly item: Item }) {
  const { batch, units, loaded } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const [open, setOpen] = useState(false);
  const { row, isLifted, grip } = useRow(item.id);
  const ingredient = ingredientsById({ kitchen: loaded.kitchen, reference }).get(item.ref);
  const planned = batchReckoning.pot?.items.find(({ id }) => id === item.id);
  const name = ingredient?.name ?? `${item.ref} (gone)`;
  const written =
    planned && (planned.role === 'liquid' ? writeVolume(planned.ml, units) : writeMass(planned.grams, units));
  const weighs = isCounted(item) && written ? `${written.value} ${written.unit}` : '';
  const notes = [weighs, notesOf(item, ingredient, planned)].filter(Boolean).join(', ');
  const classes = clsx(css.item, isLifted && css.isLifted, item.put !== undefined && css.isIn);
  return (
    <li {...row} className={classes}>
      <Grip name={name} thing="line" grip={grip} />
      <Checkbox
        hidden
        checked={item.put !== undefined}
        onTick={(ticked) => {
          const at = clockNow();
          editItem(batch.id, item.id, `${name} is in`, ({ put: _, ...i }) =>
            ticked ? { ...i, put: at } : i,
          );
        }}
      >
        {name} is in
      </Checkbox>
      <button
        type="button"
        className={clsx('link', css.itemName)}
        aria-expanded={open}
        onClick={() => {
          setOpen(!open);
        }}
      >
        <b>{name}</b>
        {notes !== '' && <small className="quiet">{notes}</small>}
      </button>
      <Amount
        item={item}
        name={name}
        ingredient={ingredient}
        placeholder={written ? `${written.value} ${written.unit}` : ''}
      />
      <button
        type="button"
        className="link quiet"
        aria-label={`Remove ${name}`}
        onClick={() => {
          editItems(batch.id, `removing ${name}`, (items) => items.filter(({ id }) => id !== item.id));
        }}
      >
        <X size={16} aria-hidden />
      </button>
      {open && <ItemDetails item={item} name={name} ingredient={ingredient} />}
    </li>
  );
}

/** An item as it is planned, as far as its notes tell of it. */
interface Planned {
  readonly solved: boolean;
  readonly role: string;
  readonly at: number;
  readonly out: number | undefined;
}

/** By the piece or the pack: what that weighs is told beside it, a tin of the size that is usual here. */
const isCounted = ({ amount, asBought, measure }: Item): boolean => {
  const text = (amount ?? asBought)?.text ?? '';
  return /\d|[½¼¾⅓⅔]/.test(text) && (measure === 'count' || !readAny(text, ['mass', 'volume']).ok);
};

const after = (minutes: number) => `after ${writeMinutes(minutes).value}`;

/** What is done to it, in a few words. */
const notesOf = (item: Item, ingredient: Ingredient | undefined, planned: Planned | undefined): string =>
  [
    solvedWords(item, planned),
    item.asBought && 'as bought',
    item.prep,
    item.juiceIn && item.prep && prepKind(item.prep).juice && 'juice too',
    item.boiledTo && `boiled down to ${item.boiledTo.text}`,
    item.ways?.join(', '),
    item.onto,
    item.soak && `soaked in ${item.soak.water.text}`,
    item.marinade && 'in the marinade',
    planned && planned.at > 0 && after(planned.at),
    fateOf(item.fate ?? ingredient?.fate, planned?.out),
    item.note,
  ]
    .filter(Boolean)
    .join(', ');

/** How much of it goes in, where nobody has said. */
const solvedWords = ({ marinade }: Item, planned: Planned | undefined): string | undefined =>
  planned?.solved && !marinade ? (planned.role === 'liquid' ? 'to the line' : 'the usual') : undefined;

/** What becomes of it, where that is not what becomes of most. */
function fateOf(fate: Item['fate'], out: number | undefined): string | undefined {
  if (fate === undefined) return undefined;
  return fateKind(fate).hands === 'lifts' && out !== undefined ? `out ${after(out)}` : fateWords[fate].beside;
}

/** Units offered for a bare number: of what is poured volumes, of what is weighed weights. */
const bareUnits = ({ role }: Ingredient, units: Settings) =>
  role === 'liquid' ? volumeUnits(units) : massUnits(units);

interface AmountProps {
  readonly item: Item;
  readonly name: string;
  readonly ingredient: Ingredient | undefined;
  readonly placeholder: string;
}

function Amount({ item, name, ingredient, placeholder }: AmountProps) {
  const { batch, units } = useOpenMeal();
  return (
    <QuantityField
      label={`How much ${name}`}
      hidden
      quantity={item.asBought ?? item.amount}
      measure={['mass', 'volume', 'count']}
      {...(ingredient && {
        reads: (text: string) => readAmount(text, ingredient, bareUnits(ingredient, units)),
      })}
      placeholder={placeholder}
      chars={9}
      onChange={(amount, measure) => {
        editItem(
          batch.id,
          item.id,
          `how much ${name}`,
          ({ amount: _, asBought, ...i }) => ({
            ...i,
            ...(amount.text !== '' && (asBought ? { asBought: amount } : { amount })),
            measure: measure === 'mass' || measure === 'volume' || measure === 'count' ? measure : undefined,
          }),
          `${item.id} amount`,
        );
      }}
    />
  );
}
