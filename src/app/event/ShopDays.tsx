import { type DayPlan, type Needed, shopDays } from '@/core/answers/index.ts';
import { dateOf, weekdayOf } from '@/core/clock/index.ts';
import { editDay } from '../open/edits/index.ts';
import { saveCsv } from '../browser/saveCsv.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import { useSaid } from '../open/useSaid.ts';
import { useWall } from '../open/useWall.ts';
import { Checkbox } from '../parts/fields/Checkbox.tsx';
import css from './event.module.scss';

/** Noon of a date, epoch ms: its weekday is the same everywhere. */
const noon = (date: string): number => Date.parse(`${date}T12:00Z`);
const DAY_MS = 86_400_000;

/** The days from the one before the work to the last sitting, on which somebody may shop. */
function daysOf({ begins, serving, zone }: Pick<DayPlan, 'begins' | 'serving' | 'zone'>): readonly string[] {
  const [first, last] = [noon(dateOf(begins, zone)) - DAY_MS, noon(dateOf(serving, zone))];
  const many = Math.min(8, Math.round((last - first) / DAY_MS) + 1);
  return Array.from({ length: many }, (_, i) => new Date(first + i * DAY_MS).toISOString().slice(0, 10));
}

/** What is bought on which day. */
export default function ShopDays({ day }: { readonly day: DayPlan }) {
  const { loaded, opened } = useOpenMeal();
  const { meal } = loaded;
  const wall = useWall(day.zone);
  const { mass } = useSaid();
  const days = shopDays(opened, day);
  const chosen = meal.day?.shops ?? [];
  const amount = ({ amount: much, measure, pieces }: Needed) =>
    measure === 'count'
      ? String(Math.ceil(much))
      : pieces === undefined
        ? mass(much)
        : `${pieces}, ${mass(much)}`;
  const turn = (date: string, on: boolean) =>
    editDay(meal.id, 'when somebody shops', ({ shops = [], ...rest }) => {
      const next = [...shops.filter((one) => one !== date), ...(on ? [date] : [])].toSorted();
      return next.length > 0 ? { ...rest, shops: next } : rest;
    });
  const named = (date: string) => weekdayOf(noon(date), 'UTC');
  const { places = [] } = loaded.kitchen;
  // Of one kitchen nobody is told which.
  const placeName = (at: string) => places.find(({ id }) => id === at)?.name ?? 'where it is served';
  if (days.length === 0) return null;
  return (
    <section aria-label="What is bought when">
      <h2>What is bought when</h2>
      <div className={css.fields}>
        {daysOf(day).map((date) => (
          <Checkbox key={date} checked={chosen.includes(date)} onTick={(on) => turn(date, on)}>
            shop on {named(date)}
          </Checkbox>
        ))}
      </div>
      {chosen.length === 0 && (
        <p className="quiet">Nobody has said when: each is told for the day on which it is first wanted.</p>
      )}
      {days.map(({ date, at, wanted, list }) => (
        <details key={`${date} ${at}`} open={days.length < 3}>
          <summary>
            {named(date)}
            {places.length > 0 && `, for ${placeName(at)}`}: {list.length}{' '}
            {list.length === 1 ? 'thing' : 'things'}, the first wanted {wall.moment(wanted, noon(date))}
            {dateOf(wanted, day.zone) < date && <b className="wrong"> before that day: shop sooner</b>}
          </summary>
          <ul className={css.bought}>
            {list.map((line) => (
              <li key={`${line.section} ${line.name}`}>
                <b className="num">{amount(line)}</b> {line.name}
              </li>
            ))}
          </ul>
        </details>
      ))}
      <p className="choices">
        <button
          type="button"
          className="btn act"
          onClick={() => {
            const rows = days.flatMap(({ date, at, list }) =>
              list.map((line) => ({
                day: date,
                ...(places.length > 0 && { kitchen: placeName(at) }),
                section: line.section,
                what: line.name,
                amount: Math.round(line.amount),
                unit: line.measure === 'count' ? 'pieces' : 'g',
              })),
            );
            saveCsv(`${meal.name} shopping by day.csv`, rows).catch(reportError);
          }}
        >
          By day, CSV
        </button>
      </p>
    </section>
  );
}
