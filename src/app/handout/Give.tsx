import { lazy, Suspense, useMemo } from 'react';
import type { DayPlan } from '@/core/answers/index.ts';
import { careOf, cautionsOf } from '@/core/care/index.ts';
import { dateOf } from '@/core/clock/index.ts';
import { type DealtJob, handoutOf, twoWords } from '@/core/handout/index.ts';
import { cautionsOnPaper, shortName } from '@/words/index.ts';
import { saveFile, saveText } from '../browser/saveText.ts';
import { useFigures, useOpenMeal } from '../open/MealContext.ts';
import { useSaid } from '../open/useSaid.ts';
import { useWall } from '../open/useWall.ts';
import { asPdf, paperFonts } from '../paper/fonts.ts';
import { PdfButton } from '../parts/PdfButton.tsx';
import { runSheet } from '../stages/clock/takeAlong/runSheet.ts';
import { helperPage } from './helperPage.ts';
import css from './handout.module.scss';

const Codes = lazy(() => import('../codes/Codes.tsx'));

interface Props {
  readonly day: DayPlan;
  readonly jobs: readonly DealtJob[];
  readonly who: { readonly id: string; readonly name: string };
  readonly date: string;
  /** Epoch ms. */
  readonly made: number;
  /** A better plan is still being looked for. */
  readonly unsure: boolean;
  readonly onGiven: () => void;
}

/** One person's part of one day: as codes in turn, as a page of one file, on paper. */
export default function Give({ day, jobs, who, date, made, unsure, onGiven }: Props) {
  const { mass } = useSaid();
  const handout = useHandout({ day, jobs, who, date, made });
  const text = useMemo(() => JSON.stringify(handout.data), [handout]);
  const wall = useWall(day.zone);
  const called = `${handout.data.meal.name}, ${who.name}, ${date}`;
  const sheet = async () => {
    const lines = day.lines.filter(
      (line) => line.who?.includes(who.id) === true && dateOf(line.from, day.zone) === date,
    );
    const bytes = runSheet({
      name: called,
      day: { ...day, lines },
      pots: handout.pots,
      wall,
      mass,
      fonts: await paperFonts(),
      caution: handout.caution,
    });
    saveFile(`${called}.pdf`, asPdf(bytes));
  };
  return (
    <section className={css.give} aria-label={`${who.name}’s part`} aria-busy={unsure}>
      <Suspense fallback={<p className="quiet">One moment.</p>}>
        <Codes text={text} label={`${who.name}’s jobs`} />
      </Suspense>
      <p className={css.words}>
        The phone then shows <b>{twoWords(text)}</b>
      </p>
      {unsure && <p className="quiet">A better plan is still being looked for: the words may change.</p>}
      <p className="choices">
        <button type="button" className="btn act is-first" onClick={onGiven}>
          It shows that
        </button>
        <button
          type="button"
          className="btn act"
          onClick={() => saveText(`${called}.html`, helperPage(handout.data), 'text/html')}
        >
          Save the page
        </button>
        <button type="button" className="btn act" onClick={() => saveText(`${called}.json`, text)}>
          Save the file
        </button>
        <PdfButton words="Print it" write={sheet} />
      </p>
      <p className="quiet">
        On the phone open Slow Spoon, meals, <b>Help with one</b>; it must have been there once by https.
        Where it was not, or the camera does not follow: the page opens in any browser, the file in a Slow
        Spoon, the paper anywhere.
      </p>
    </section>
  );
}

function useHandout({ day, jobs, who, date, made }: Omit<Props, 'unsure' | 'onGiven'>) {
  const { loaded, opened, units } = useOpenMeal();
  const { reckoning } = useFigures();
  return useMemo(() => {
    const { meal, batches } = loaded;
    const facts = careOf(opened);
    const done = day.lines.filter((line) => line.who?.includes(who.id)).map(({ does }) => does.what);
    const caution = cautionsOnPaper(cautionsOf(done, facts), facts);
    const lots = new Map(reckoning.batches.map(({ id, lots: of }) => [id, of] as const));
    const data = handoutOf(
      {
        id: [meal.id, who.id, date].join(' '),
        meal: { id: meal.id, name: meal.name },
        who: { id: who.id, name: who.name },
        made,
        zone: day.zone,
        units: { system: units.system, degrees: units.degrees },
        cautions: caution === '' ? [] : [caution],
      },
      jobs,
      date,
      batches.map(({ id, name }) => ({
        id,
        name,
        lots: (lots.get(id) ?? []).map((lot) => ({ id: lot.lot, name: shortName(lot.name) })),
      })),
    );
    return { data, caution, pots: new Map(batches.map(({ id, name }) => [id, name])) };
  }, [loaded, opened, units, reckoning, day, jobs, who, date, made]);
}
