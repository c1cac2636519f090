import { afterOf, type Batch } from '@/core/batch/index.ts';
import type { Shares } from '@/core/questions/index.ts';
import { wayWords } from '@/words/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { editBatch, editDish, editMeal } from '../data/edits.ts';
import { useSaid } from './useSaid.ts';
import css from './plates.module.scss';

interface Props {
  readonly shares: Shares;
  readonly total: number;
}

type Way = Shares['ways'][number];

/** What can be done about a shortage, or about what is over: each says what it does, and a tap does it. */
export function WaysOut({ shares, total }: Props) {
  const { loaded, batch } = useOpenMeal();
  const said = useSaid();
  if (shares.ways.length === 0) return null;
  const take = (way: Way) => takeWay(way, loaded.meal.id, batch);
  return (
    <ul className={css.ways} aria-label="Ways out">
      {shares.ways.map((way, i) => {
        const { act, does } = wayWords(way, total, said);
        return (
          <li key={act}>
            <button type="button" className={i === 0 ? css.isFirst : undefined} onClick={() => take(way)}>
              <b>{act}</b>
              <small>{does}</small>
            </button>
          </li>
        );
      })}
    </ul>
  );
}

const grams = (g: number) => ({ text: `${String(Math.round(g))} g`, lo: Math.round(g), hi: Math.round(g) });

/** Takes a way out: portions are held where it puts them, plates counted anew, the filling stretched, stock poured. */
function takeWay(way: Way, mealId: string, batch: Batch): void {
  switch (way.what) {
    case 'all down':
    case 'more each':
    case 'even out':
      editMeal(mealId, 'all portions', (meal) => ({
        ...meal,
        dishes: meal.dishes.map((dish) => {
          const one = way.portions.find((of) => of.dish === dish.id);
          // Rounded down: rounded up the last plate would go without.
          const meatG = one ? Math.floor(10 * one.meatG) / 10 : 0;
          return one && one.meatG > 0
            ? {
                ...dish,
                locked: { ...dish.locked, meat: { text: `${String(meatG)} g`, lo: meatG, hi: meatG } },
              }
            : dish;
        }),
      }));
      return;
    case 'one down': {
      const g = Math.floor(10 * way.meatG) / 10;
      editDish(mealId, way.dish, 'a smaller portion', (dish) => ({
        ...dish,
        locked: { ...dish.locked, meat: { text: `${String(g)} g`, lo: g, hi: g } },
      }));
      return;
    }
    case 'fewer':
    case 'more plates':
      editDish(mealId, way.dish, 'the number of plates', ({ guests: _, ...dish }) => {
        const n = way.what === 'fewer' ? way.count : (dish.count.lo ?? 0) + way.by;
        return { ...dish, count: { text: String(n), lo: n, hi: n } };
      });
      return;
    case 'stretch':
      editBatch(batch.id, 'stretching the filling', (b) => ({
        ...b,
        after: [
          ...afterOf(b),
          {
            id: crypto.randomUUID(),
            what: 'stretch',
            ref: 'potato',
            amount: grams(way.grams),
            measure: 'mass',
          },
        ],
      }));
      return;
    case 'pour':
      editBatch(batch.id, 'thinning the liquid', (b) => ({
        ...b,
        after: [
          ...afterOf(b),
          {
            id: crypto.randomUUID(),
            what: 'add',
            ref: 'stock-low-salt',
            amount: { text: `${String(Math.round(way.ml))} ml`, lo: way.ml, hi: way.ml },
            measure: 'volume',
          },
        ],
      }));
  }
}
