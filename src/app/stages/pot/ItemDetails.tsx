import { fates, type Item, type Moment, preps } from '@/core/meal/index.ts';
import { fateOf, intoMarinade, offShare } from '@/core/pot/index.ts';
import { midpoint } from '@/core/quantity/index.ts';
import { reference } from '@/reference/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { avoidableWords } from '@/words/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { editBatch, editItem } from '../../open/edits.ts';
import { withOrWithout } from '../../open/withOrWithout.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { PercentField } from '../../parts/fields/PercentField.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { SelectField } from '../../parts/fields/SelectField.tsx';
import { ItemBefore } from './ItemBefore.tsx';
import { OwnFigures } from './OwnFigures.tsx';
import css from './pot.module.scss';

const goesIn = [
  { value: 'in', words: 'stirred in' },
  { value: 'painted on', words: 'painted on' },
  { value: 'poured over', words: 'poured over' },
] as const;
const weighed = [
  { value: 'in', words: 'as it goes in' },
  { value: 'bought', words: 'as bought' },
] as const;
const yesNo = [
  { value: 'out', words: 'poured off' },
  { value: 'in', words: 'goes in too' },
] as const;
const fateWords = {
  stays: 'stays in',
  'comes out': 'comes out again',
  'in the bag': 'in the spice bag',
  puréed: 'is blended in',
  'melts in': 'vanishes in it',
} as const;
const times = { start: 'from the start', after: 'after', before: 'for the last' } as const;

/** What a thing may be soaked in beside water. */
const soakers = reference.ingredients.filter(({ role, section }) => role === 'liquid' && section !== 'tap');

interface Props {
  readonly item: Item;
  readonly name: string;
  readonly ingredient: Ingredient | undefined;
}

/** How one thing is prepared, when it goes in and comes out, and what becomes of it. */
export function ItemDetails({ item, name, ingredient }: Props) {
  const { batch } = useOpenMeal();
  const edit = (words: string, recipe: (item: Item) => Item, field?: string) => {
    editItem(batch.id, item.id, `${words} ${name}`, recipe, field && `${item.id} ${field}`);
  };
  const solid = ingredient?.role === 'solid';
  const soaks = ingredient?.does === 'soaks' || item.soak !== undefined;
  const fate = ingredient ? (item.fate === 'in the bag' ? item.fate : fateOf(item, ingredient)) : 'stays';
  const off = Math.round(100 * offShare(ingredient ?? {}, item.prep));
  return (
    <div className="lot-more">
      {solid && (
        <SelectField
          label="Before it goes in"
          value={item.prep ?? ''}
          onChoose={(prep) => {
            const chosen = preps.find((one) => one === prep);
            edit('how to prepare', ({ prep: _, juiceIn: __, ...i }) => (chosen ? { ...i, prep: chosen } : i));
          }}
        >
          <option value="">as it is</option>
          {preps.map((prep) => (
            <option key={prep} value={prep}>
              {prep}
            </option>
          ))}
        </SelectField>
      )}
      {item.prep !== undefined && (
        <Choice
          legend={`Weighed (${String(off)} % comes off)`}
          value={item.asBought ? 'bought' : 'in'}
          options={weighed}
          onChoose={(of) => {
            edit('what was weighed of', ({ amount, asBought, ...i }) => {
              const typed = asBought ?? amount;
              if (!typed) return i;
              return of === 'bought' ? { ...i, asBought: typed } : { ...i, amount: typed };
            });
          }}
        />
      )}
      {item.prep === 'drained' && (
        <Choice
          legend="Its juice"
          value={item.juiceIn ? 'in' : 'out'}
          options={yesNo}
          onChoose={(juice) => {
            edit('the juice of', (i) => ({ ...i, juiceIn: juice === 'in' }));
          }}
        />
      )}
      <Choice
        legend="How it goes in"
        value={item.onto ?? 'in'}
        options={goesIn}
        onChoose={(how) => {
          edit('how it goes in:', ({ onto: _, ...i }) => (how === 'in' ? i : { ...i, onto: how }));
        }}
      />
      {solid && <ItemBefore item={item} name={name} ingredient={ingredient} edit={edit} />}
      {soaks && (
        <QuantityField
          label="Soaked in"
          quantity={item.soak?.water}
          measure="volume"
          placeholder="400 ml"
          onChange={(water) => {
            edit(
              'the soaking of',
              ({ soak, ...i }) => (water.text === '' ? i : { ...i, soak: { goesIn: 1, ...soak, water } }),
              'soak',
            );
          }}
        />
      )}
      {item.soak && (
        <SelectField
          label="of"
          value={item.soak.in ?? ''}
          onChoose={(ref) => {
            edit('what to soak in', (i) => {
              if (!i.soak) return i;
              const { in: _, ...soak } = i.soak;
              return { ...i, soak: ref === '' ? soak : { ...soak, in: ref } };
            });
          }}
        >
          <option value="">water</option>
          {soakers.map(({ id, name: of }) => (
            <option key={id} value={id}>
              {of}
            </option>
          ))}
        </SelectField>
      )}
      {item.soak && (
        <PercentField
          label="How much goes in"
          share={item.soak.goesIn}
          placeholder="100 %"
          most={1}
          why="that is all there is"
          onChange={(goesIn) => {
            edit(
              'the soaking water of',
              (i) => (i.soak ? { ...i, soak: { ...i.soak, goesIn: goesIn ?? 1 } } : i),
              'water',
            );
          }}
        />
      )}
      {!solid && midpoint(item.amount) !== undefined && (
        <QuantityField
          label="Boiled down to"
          quantity={item.boiledTo}
          measure={['volume', 'mass']}
          placeholder="not boiled down"
          nought
          chars={12}
          onChange={(to) => {
            edit('boiling down', (i) => withOrWithout(i, 'boiledTo', to), 'boiled');
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
      {solid && (
        <SelectField
          label="And then"
          value={fate}
          onChoose={(value) => {
            const chosen = fates.find((one) => one === value);
            edit('what becomes of', (i) => ({ ...i, fate: chosen }));
          }}
        >
          {fates.map((one) => (
            <option key={one} value={one}>
              {fateWords[one]}
            </option>
          ))}
        </SelectField>
      )}
      {solid && fate !== 'stays' && fate !== 'in the bag' && fate !== 'melts in' && (
        <When
          label={fate === 'puréed' ? 'Blended' : 'Comes out'}
          moment={item.out}
          atEnd
          draft={`item ${item.id} out`}
          onChange={(out) => {
            edit('when to take out', ({ out: _, ...i }) => (out ? { ...i, out } : i), 'out');
          }}
        />
      )}
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
      {ingredient?.section === 'own' && <OwnFigures ingredient={ingredient} />}
      <p className="lot-source quiet">
        {ingredient?.holds &&
          `Contains ${ingredient.holds.map(avoidableWords).join(', ')}; go by the label. `}
        {ingredient?.source !== undefined && `From ${ingredient.source}.`}
      </p>
    </div>
  );
}

interface WhenProps {
  readonly label: string;
  readonly moment: Moment | undefined;
  /** Without a moment it is the end; otherwise the start. */
  readonly atEnd: boolean;
  /** Names what is typed and not entered yet. */
  readonly draft: string;
  readonly onChange: (moment: Moment | undefined) => void;
}

/** A moment of the cook: from the start or with the meat, after so long, or for the last so long. */
function When({ label, moment, atEnd, draft, onChange }: WhenProps) {
  const { batch } = useOpenMeal();
  const kind = moment === undefined ? 'start' : moment.before === 'end' ? 'before' : 'after';
  const phase = batch.cook.length - 1;
  const text = moment ? `${String(moment.minutes)} min` : '';
  return (
    <span className={css.when}>
      <SelectField
        label={label}
        value={kind}
        onChoose={(value) => {
          const minutes = moment?.minutes ?? 60;
          if (value === 'start') onChange(undefined);
          else if (value === 'before') onChange({ phase, minutes, before: 'end' });
          else onChange({ phase: 0, minutes });
        }}
      >
        <option value="start">{atEnd ? 'with the meat' : times.start}</option>
        <option value="after">{times.after}</option>
        <option value="before">{atEnd ? 'before the end by' : times.before}</option>
      </SelectField>
      {moment && (
        <QuantityField
          label={`${label}, time`}
          hidden
          quantity={{ text, lo: moment.minutes, hi: moment.minutes }}
          measure="duration"
          chars={8}
          draft={draft}
          onDone={({ lo }) => {
            if (lo !== undefined && lo !== moment.minutes) onChange({ ...moment, minutes: Math.round(lo) });
          }}
        />
      )}
    </span>
  );
}
