import { servingCosts } from '@/core/reckoning/index.ts';
import { arrayMove } from '@dnd-kit/sortable';
import type { Dish } from '@/core/meal/index.ts';
import { heatingOf, overflows } from '@/core/plates/index.ts';
import { type Money, priced, writeMoney } from '@/core/shop/index.ts';
import { builds, dishName, itemsFor, layersOf } from '@/core/order/index.ts';
import { perServing, type Shares } from '@/core/answers/index.ts';
import { type Range, writeMass } from '@/core/quantity/index.ts';
import { buildWords, holdsWords } from '@/words/index.ts';
import { editDish } from '../../open/edits/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { Grip, useRow } from '../../parts/sortable/Grip.tsx';
import { SortableList } from '../../parts/sortable/SortableList.tsx';
import { FieldError } from '../../parts/FieldError.tsx';
import { useSaid } from '../../open/useSaid.ts';
import css from './plates.module.scss';

interface Props {
  readonly shares: Shares;
}

/** How each dish is built: its layers in the cook's order, heat and rounds, what it takes, what one serving holds. */
export default function BuildGuide({ shares }: Props) {
  const { loaded, opened } = useOpenMeal();
  const { reckoning } = useFigures();
  const facts = perServing(opened, reckoning.meal);
  const costs = servingCosts(priced(loaded.batches), reckoning.batches, reckoning.meal, loaded.kitchen);
  return (
    <div className={css.guides}>
      {loaded.meal.dishes.map((dish) => (
        <Guide
          key={dish.id}
          dish={dish}
          share={shares.dishes.find((one) => one.dish === dish.id)}
          facts={facts.find((one) => one.dish === dish.id)}
          cost={costs?.get(dish.id)}
        />
      ))}
    </div>
  );
}

interface GuideProps {
  readonly dish: Dish;
  readonly share: Shares['dishes'][number] | undefined;
  readonly facts: ReturnType<typeof perServing>[number] | undefined;
  readonly cost: Money | undefined;
}

function Guide({ dish, share, facts, cost }: GuideProps) {
  const { loaded } = useOpenMeal();
  const said = useSaid();
  const says = buildWords[dish.kind];
  const layers = layersOf(dish);
  const count = share?.of ?? 0;
  const over = share ? overflows(dish.kind, share.meatG, share.liquidMl) : undefined;
  return (
    <section aria-label={dishName(dish)}>
      <h3>{dishName(dish)}</h3>
      {over !== undefined && (
        <FieldError>
          It will not fit its bowl: {said.volume(over)} too much. Take a larger one, or serve less.
        </FieldError>
      )}
      <SortableList
        ids={[...layers]}
        nameOf={(id) => id}
        thing="the layer"
        onMove={(from, to) =>
          editDish(loaded.meal.id, dish.id, 'the order of the layers', (d) => ({
            ...d,
            layers: arrayMove([...layersOf(d)], from, to),
          }))
        }
      >
        <ol className={css.layers}>
          {layers.map((layer) => (
            <Layer key={layer} layer={layer} />
          ))}
        </ol>
      </SortableList>
      <Heating dish={dish} count={count} />
      <ForAll dish={dish} />
      {says.keepsDry !== '' && <p className="quiet">{says.keepsDry}</p>}
      {facts && facts.energyKcal.mid > 0 && <OneServing facts={facts} cost={cost} />}
      {facts && facts.holds.length + facts.notKnown.length > 0 && (
        <p className="quiet">It contains {holdsWords(facts).join(', ')}; go by the label.</p>
      )}
    </section>
  );
}

const onHeat = {
  griddle: 'On the griddle',
  press: 'In the press',
  oven: 'In the oven',
  pot: 'In the pot',
} as const;

/** What it is heated on, how much of it at once, and how long all of it takes. */
function Heating({ dish, count }: { readonly dish: Dish; readonly count: number }) {
  const { heat } = builds[dish.kind];
  const heating = heatingOf(dish.kind, count);
  if (!heat || !heating) return null;
  return (
    <p>
      {onHeat[heat.on]}
      {heat.celsius === undefined ? '' : ` at ${String(heat.celsius)} °C`}: {buildWords[dish.kind].heat}.{' '}
      {String(heat.atOnce)} at once, {heating.rounds === 1 ? 'one round' : `${String(heating.rounds)} rounds`}
      , <b>{String(heating.minutes)} min</b> for all.
    </p>
  );
}

function ForAll({ dish }: { readonly dish: Dish }) {
  const said = useSaid();
  const items = itemsFor(dish);
  if (items.length === 0) return null;
  const each = items.map(({ name, amount, unit }) =>
    unit === 'pieces'
      ? `${String(amount)} ${name}`
      : `${unit === 'g' ? said.mass(amount) : said.volume(amount)} of ${name}`,
  );
  return <p>For all: {each.join(', ')}.</p>;
}

interface ServingProps {
  readonly facts: NonNullable<GuideProps['facts']>;
  readonly cost: Money | undefined;
}

/** What one serving holds of what comes out of the pots. */
function OneServing({ facts, cost }: ServingProps) {
  const { units } = useOpenMeal();
  const about = ({ mid, p10 = mid, p90 = mid }: Range, unit: string) =>
    `${String(Math.round(mid))} ${unit} (${String(Math.round(p10))}–${String(Math.round(p90))})`;
  const grams = (range: Range) => {
    const { value, unit, range: wide } = writeMass(range, units);
    return `${value} ${unit}${wide === undefined ? '' : ` (${wide})`}`;
  };
  return (
    <p className="quiet">
      {cost && `Its meat costs ${writeMoney(cost)}. `}One serving, of what comes out of the pots (estimate):{' '}
      {about(facts.energyKcal, 'kcal')}, protein {grams(facts.proteinG)}, fat {grams(facts.fatG)}, salt{' '}
      {grams(facts.saltG)}
      {facts.alcoholG && `, alcohol ${facts.alcoholG.mid.toFixed(1)} g`}.
    </p>
  );
}

function Layer({ layer }: { readonly layer: string }) {
  const { row, grip } = useRow(layer);
  return (
    <li {...row}>
      <Grip name={layer} thing="layer" grip={grip} />
      {layer}
    </li>
  );
}
