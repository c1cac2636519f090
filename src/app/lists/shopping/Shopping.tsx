import { isOpen, shoppingList } from '@/core/answers/index.ts';
import type { OpenedMeal } from '@/core/model/index.ts';
import { useMemo, useState } from 'react';
import type { SummaryRow } from '@/store/kinds.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import { saveCsv } from '../../browser/saveCsv.ts';
import { useOpenedMeals } from '../data/useOpenedMeals.ts';
import { useSummaries } from '../data/useSummaries.ts';
import { useTicked } from '../data/useTicked.ts';
import { useSettings } from '../../open/useSettings.ts';
import { Top } from '../../shell/top/Top.tsx';
import { useDocumentTitle } from '../../shell/useDocumentTitle.ts';
import { OwnLines } from './OwnLines.tsx';
import { ListLine } from './ListLine.tsx';
import css from './shopping.module.scss';
import { clockNow } from '../../browser/clock.ts';

const NONE: readonly OpenedMeal[] = [];
/** So many meals are offered at once to be left out. */
const TICKS = 24;
const wanted = (meal: OpenedMeal) => shoppingList([meal]);
/** One that cannot be read is told of, whatever its day. */
const stillToShop = ({ damaged, serving, zone }: SummaryRow, now: number) =>
  damaged === true ||
  isOpen(serving === undefined ? {} : { serving: { local: serving, zone: zone ?? '' } }, now);

/** What all open meals want from the shop, by section, rounded up to whole packs. */
export default function Shopping() {
  useDocumentTitle('shopping list');
  const units = useSettings();
  const [now] = useState(() => clockNow());
  const summaries = useSummaries();
  const ids = useMemo(
    () => summaries?.filter((row) => stillToShop(row, now)).map(({ id }) => id),
    [summaries, now],
  );
  const meals = useOpenedMeals(ids, wanted);
  const [left, leave] = useState<ReadonlySet<string>>(new Set());
  const got = useTicked();
  const damaged = meals?.damaged ?? [];
  const open = meals?.opened ?? NONE;
  const list = useMemo(
    () => shoppingList(open.filter(({ input }) => !left.has(input.meal.id))),
    [open, left],
  );
  const sections = [...new Set(list.map(({ section }) => section))];
  return (
    <div className="frame">
      <Top />
      <main id="sheet" className="sheet is-wide shopping" tabIndex={-1}>
        <div className="line">
          <h1>Shopping list</h1>
          <span className={css.noPrint}>
            <button type="button" className="btn act" onClick={() => window.print()}>
              Print
            </button>{' '}
            <button
              type="button"
              className="btn act"
              onClick={() => {
                asCsv(list).catch(reportError);
              }}
            >
              Save as CSV
            </button>
          </span>
        </div>
        {open.length > 1 && <LeaveOut meals={open} left={left} onTurn={(id) => leave(turned(left, id))} />}
        {damaged.map(({ id, name, why }) => (
          <FieldError key={id}>
            “{name || 'a meal without a name'}” cannot be read and is left out ({why}).
          </FieldError>
        ))}
        {open.length === 1 && <p className="quiet">For {open[0]?.input.meal.name}.</p>}
        {!meals && <p className="quiet">One moment.</p>}
        {meals && list.length === 0 && (
          <p className="nothing">Nothing to buy: no meal has a lot with a weight and a cut yet.</p>
        )}
        <div className={css.shelves}>
          {sections.map((section) => (
            <section key={section} aria-label={section}>
              <h2>{section}</h2>
              <ul>
                {list
                  .filter((line) => line.section === section)
                  .map((line) => (
                    <ListLine key={line.name} line={line} got={got} units={units} />
                  ))}
              </ul>
            </section>
          ))}
          <OwnLines got={got} />
        </div>
      </main>
    </div>
  );
}

/** In it if it was not, and out if it was. */
function turned(set: ReadonlySet<string>, key: string): ReadonlySet<string> {
  const next = new Set(set);
  if (!next.delete(key)) next.add(key);
  return next;
}

/** The list as a table that any program reads. */
async function asCsv(list: ReturnType<typeof shoppingList>): Promise<void> {
  const rows = list.map((line) => ({
    section: line.section,
    what: line.name,
    amount: Math.round(line.amount),
    unit: line.measure === 'count' ? 'pieces' : 'g',
    packs: line.packs?.map(({ count }) => count).join(' + ') ?? '',
    pack: line.packs?.map(({ each }) => each).join(' + ') ?? '',
    for: line.meals.join('; '),
  }));
  await saveCsv('shopping-list.csv', rows);
}

interface LeaveOutProps {
  readonly meals: readonly OpenedMeal[];
  readonly left: ReadonlySet<string>;
  readonly onTurn: (meal: string) => void;
}

/** The meals that are shopped for, each to be left out. */
function LeaveOut({ meals, left, onTurn }: LeaveOutProps) {
  const [all, showAll] = useState(false);
  return (
    <div className="ticks">
      {meals.slice(0, all ? meals.length : TICKS).map(({ input: { meal } }) => (
        <label key={meal.id}>
          <input
            type="checkbox"
            checked={!left.has(meal.id)}
            onChange={() => {
              onTurn(meal.id);
            }}
          />
          {meal.name}
        </label>
      ))}
      {!all && meals.length > TICKS && (
        <button type="button" className="link" onClick={() => showAll(true)}>
          and {meals.length - TICKS} more
        </button>
      )}
    </div>
  );
}
