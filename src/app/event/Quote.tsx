import type { DayPlan } from '@/core/answers/index.ts';
import { askedFor, eventCost, eventOf } from '@/core/event/index.ts';
import { handsHours } from '@/core/day/index.ts';
import type { Quote as Written } from '@/core/meal/index.ts';
import { type Money, writeMoney } from '@/core/shop/index.ts';
import { agrees, listed } from '@/words/index.ts';
import { saveCsv } from '../browser/saveCsv.ts';
import { saveFile } from '../browser/saveText.ts';
import { editMeal } from '../open/edits/index.ts';
import { useFigures, useOpenMeal } from '../open/MealContext.ts';
import { useWall } from '../open/useWall.ts';
import { PdfButton } from '../parts/PdfButton.tsx';
import { Asks } from './Asks.tsx';
import { costRows, CostTable, LossTable } from './CostTable.tsx';
import { Margin } from './Margin.tsx';
import { OwnCosts } from './OwnCosts.tsx';

/** What the event costs and what is asked for it: the one stays here, the other goes to the guest. */
export default function Quote({ day }: { readonly day: DayPlan | undefined }) {
  const { loaded, opened } = useOpenMeal();
  const { reckoning } = useFigures();
  const { meal } = loaded;
  const wall = useWall(day?.zone);
  const event = eventOf(opened);
  const cost = eventCost(opened, reckoning, day && handsHours(day.lines));
  const asked = askedFor(meal.quote, event, cost);
  const edit = (words: string, recipe: (quote: Written) => Written, field?: string) =>
    editMeal(meal.id, words, (m) => ({ ...m, quote: recipe(m.quote ?? {}) }), field);
  const pdf = async () => {
    if (!asked) return;
    const [{ quotePaper }, { asPdf, paperFonts }] = await Promise.all([
      import('../paper/quote.ts'),
      import('../paper/fonts.ts'),
    ]);
    const sittings = event.sittings.map((sitting) => ({
      name: sitting.name,
      when: sitting.at === undefined ? '' : wall.moment(sitting.at, 0),
      adults: sitting.adults,
      children: sitting.children,
      dishes: sitting.dishes.map(({ name, count }) => `${String(count)} ${name}`),
    }));
    const fonts = await paperFonts();
    const head = meal.quote?.head?.amount;
    saveFile(
      `${meal.name} quote.pdf`,
      asPdf(quotePaper({ name: meal.name, sittings, asked, head, child: meal.quote?.child?.amount, fonts })),
    );
  };
  return (
    <section aria-label="Cost and quote">
      <h2>{titleOf(asked?.left, cost.aHead)}</h2>
      <OwnCosts quote={meal.quote} currency={loaded.kitchen.currency} edit={edit} />
      <CostTable cost={cost} />
      <p className="quiet">{notesOf(cost)}</p>
      <LossTable cost={cost} />
      <Margin />
      <Asks quote={meal.quote} currency={loaded.kitchen.currency} edit={edit} />
      {asked ? (
        <p>
          Asked: <b className="num">{writeMoney(asked.price)}</b>, tax {writeMoney(asked.tax)}, together{' '}
          <b className="num">{writeMoney(asked.all)}</b>
          {asked.deposit && <>, of it {writeMoney(asked.deposit)} when it is ordered</>}.
        </p>
      ) : (
        <p className="quiet">Write how many sit down, and what is asked a head, to make a quote of it.</p>
      )}
      <p className="choices">
        {asked && <PdfButton words="The quote, PDF" write={pdf} />}
        <button
          type="button"
          className="btn act"
          onClick={() => {
            saveCsv(`${meal.name} costs.csv`, costRows(cost)).catch(reportError);
          }}
        >
          The costs, CSV
        </button>
        <span className="quiet">
          The quote shows the sittings, the dishes and the price, and nothing of the costs.
        </span>
      </p>
    </section>
  );
}

const titleOf = (left: Money | undefined, aHead: Money | undefined): string =>
  left
    ? `${writeMoney(left)} is left of what is asked`
    : aHead
      ? `It costs ${writeMoney(aHead)} a head`
      : 'What it costs';

function notesOf({ over, unpriced, uncounted, hours }: ReturnType<typeof eventCost>): string {
  return [
    ...(over.amount > 0 ? [`${writeMoney(over)} of the meat lies in shred that no plate takes.`] : []),
    ...(unpriced > 0
      ? [
          `${unpriced === 1 ? 'One lot has' : `${String(unpriced)} lots have`} no price and ${agrees(unpriced, 'is', 'are')} not in it.`,
        ]
      : []),
    ...(uncounted.length > 0 ? [`Not in it, since it is not known how many: ${listed(uncounted)}.`] : []),
    ...(hours === undefined
      ? []
      : [
          `Hands are at it for ${String(Math.round(hours * 10) / 10)} hours by the plan, an estimate until the log knows yours.`,
        ]),
  ].join(' ');
}
