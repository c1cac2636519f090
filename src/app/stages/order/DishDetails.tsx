import { Besides } from './Besides.tsx';
import { BuiltOf } from './BuiltOf.tsx';
import type { Dish, Part } from '@/core/meal/index.ts';
import { heldFor, juices, juicyOf, portionOf, usualDishes } from '@/core/order/index.ts';
import { type Quantity, writeMass, writeVolume } from '@/core/quantity/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { editDish } from '../../open/edits/index.ts';
import { massUnits, volumeUnits } from '../../open/useSettings.ts';
import { withOrWithout } from '../../open/withOrWithout.ts';
import { Checkbox } from '../../parts/fields/Checkbox.tsx';
import { Choice } from '../../parts/fields/Choice.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { TextField } from '../../parts/fields/TextField.tsx';
import css from './order.module.scss';

const ways = [
  { value: 'set', words: 'full portions' },
  { value: 'even', words: 'shared even' },
] as const;
const firms = [
  { value: 'both', words: 'neither' },
  { value: 'meat', words: 'the meat' },
  { value: 'liquid', words: 'the liquid' },
] as const;
const counted = [
  { value: 'plates', words: 'plates' },
  { value: 'guests', words: 'guests' },
] as const;
const priorities = [
  { value: '1', words: 'first' },
  { value: '2', words: 'in turn' },
  { value: '3', words: 'last' },
] as const;
const juicy = juices.map((value) => ({ value, words: value }));
const ends = ['want', 'min', 'max'] as const;
const endWords = { want: 'each', min: 'at least', max: 'at most' } as const;

/** What may be left as it usually is: portions, how juicy, who counts, and what must not run short. */
export function DishDetails({ dish }: { readonly dish: Dish }) {
  const { loaded } = useOpenMeal();
  const usual = usualDishes[dish.kind];
  const edit = (words: string, recipe: (dish: Dish) => Dish, field?: string) => {
    editDish(loaded.meal.id, dish.id, words, recipe, field);
  };
  return (
    <div className={css.ticketMore}>
      <TextField
        label="Its name here"
        value={dish.name ?? ''}
        onChange={(name) => {
          edit(
            'the name of a dish',
            ({ name: _, ...d }) => (name === '' ? d : { ...d, name }),
            `${dish.id} name`,
          );
        }}
      />
      <Portion dish={dish} part="meat" />
      <Portion dish={dish} part="liquid" />
      {usual.held > 0 && (
        <Choice
          legend="Filling"
          value={juicyOf(dish) ?? 'usual'}
          options={juicy}
          onChoose={(value) => {
            edit('how juicy it is', (d) => ({ ...d, held: heldFor(d.kind, value) }));
          }}
        />
      )}
      <Choice
        legend="Count"
        value={dish.guests ? 'guests' : 'plates'}
        options={counted}
        onChoose={(value) => {
          edit('how it is counted', ({ guests, ...d }) =>
            value === 'guests' ? { ...d, guests: guests ?? { usual: d.count } } : d,
          );
        }}
      />
      <Choice
        legend="Plates are"
        value={dish.way ?? 'set'}
        options={ways}
        onChoose={(way) => {
          edit('how it is shared out', (d) => ({ ...d, way }));
        }}
      />
      <Choice
        legend="May run short"
        value={dish.firm === undefined ? 'both' : dish.firm === 'meat' ? 'liquid' : 'meat'}
        options={firms}
        onChoose={(may) => {
          const firm: Part | undefined = may === 'both' ? undefined : may === 'meat' ? 'liquid' : 'meat';
          edit('what may run short', ({ firm: _, ...d }) => (firm ? { ...d, firm } : d));
        }}
      />
      <Choice
        legend="When it is short, it is served"
        value={String(dish.priority ?? 2)}
        options={priorities}
        onChoose={(value) => {
          edit('which dish goes first', (d) => ({ ...d, priority: Number(value) }));
        }}
      />
      {loaded.batches.length > 1 && <DrawsOn dish={dish} />}
      <BuiltOf dish={dish} />
      <Besides dish={dish} />
    </div>
  );
}

/** The pots that a dish may draw on; without a tick off it draws on all. */
function DrawsOn({ dish }: { readonly dish: Dish }) {
  const { loaded } = useOpenMeal();
  const all = loaded.batches.map(({ id }) => id);
  const from = dish.from ?? all;
  return (
    <fieldset className={css.portion}>
      <legend>from</legend>
      {loaded.batches.map(({ id, name }) => (
        <Checkbox
          key={id}
          checked={from.includes(id)}
          onTick={(on) => {
            const next = all.filter((one) => (one === id ? on : from.includes(one)));
            editDish(loaded.meal.id, dish.id, 'which pots a dish draws on', ({ from: _, ...d }) =>
              next.length === all.length || next.length === 0 ? d : { ...d, from: next },
            );
          }}
        >
          {name}
        </Checkbox>
      ))}
    </fieldset>
  );
}

/** Meat or liquid of one serving: what is wanted, and between what it is still good. */
function Portion({ dish, part }: { readonly dish: Dish; readonly part: Part }) {
  const { loaded, units } = useOpenMeal();
  const { reckoning } = useFigures();
  const ticket = reckoning.meal.tickets.find(({ id }) => id === dish.id);
  const portion = ticket?.[part] ?? portionOf(dish[part], usualDishes[dish.kind][part]);
  const write = (x: number) => (part === 'meat' ? writeMass(x, units) : writeVolume(x, units));
  return (
    <fieldset className={css.portion}>
      <legend>{part}</legend>
      {ends.map((end) => {
        const usual = write(portion[end]);
        const change = (value: Quantity) => {
          editDish(
            loaded.meal.id,
            dish.id,
            `the ${part} of a serving`,
            (d) => ({ ...d, [part]: withOrWithout({ ...d[part] }, end, value) }),
            `${dish.id} ${part} ${end}`,
          );
        };
        return (
          <QuantityField
            key={end}
            label={endWords[end]}
            quantity={dish[part]?.[end]}
            measure={part === 'meat' ? 'mass' : ['volume', 'mass']}
            units={part === 'meat' ? massUnits(units).toReversed() : volumeUnits(units)}
            placeholder={`${usual.value} ${usual.unit}`}
            chars={8}
            onChange={change}
          />
        );
      })}
    </fieldset>
  );
}
