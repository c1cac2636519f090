import { Link } from 'react-router';
import { calendarOf } from '@/core/day/index.ts';
import { writeMass } from '@/core/quantity/index.ts';
import type { DayPlan } from '@/core/answers/index.ts';
import { careOf, cautionsOf } from '@/core/care/index.ts';
import { cautionsOnPaper, doingWords } from '@/words/index.ts';
import { useOpenMeal } from '../../../open/MealContext.ts';
import { saveFile, saveText } from '../../../browser/saveText.ts';
import { asPdf, paperFonts } from '../../../paper/fonts.ts';
import { runSheet } from './runSheet.ts';
import { clockNow } from '../../../browser/clock.ts';
import { useCooks } from '../useCooks.ts';
import { useWall } from '../../../open/useWall.ts';
import { PdfButton } from '../../../parts/PdfButton.tsx';

interface Props {
  readonly day: DayPlan;
  /** Whose it is, where it is one cook's. */
  readonly whose: string | undefined;
}

/** The day out of the program: into a calendar that rings, onto paper by the stove. */
export default function TakeAlong({ day, whose }: Props) {
  const { loaded, units, opened } = useOpenMeal();
  const { meal, batches } = loaded;
  const wall = useWall(day.zone);
  const called = whose === undefined ? meal.name : `${meal.name}, ${whose}`;
  const names = new Map(useCooks().map(({ id, name }) => [id, name]));
  const pots = new Map(batches.map(({ id, name }) => [id, name]));
  const sheet = async () => {
    const fonts = await paperFonts();
    const facts = careOf(opened);
    const mass = (grams: number) => {
      const { value, unit } = writeMass(grams, units);
      return `${value} ${unit}`;
    };
    const bytes = runSheet({
      name: called,
      day,
      names,
      pots,
      wall,
      mass,
      fonts,
      caution: cautionsOnPaper(
        cautionsOf(
          day.lines.map(({ does }) => does.what),
          facts,
        ),
        facts,
      ),
    });
    saveFile(`${called} run sheet.pdf`, asPdf(bytes));
  };
  return (
    <p className="asks">
      <button
        type="button"
        className="btn act"
        onClick={() => {
          const text = calendarOf({
            name: called,
            names,
            serving: day.serving,
            lines: day.lines,
            words: ({ does }) => doingWords(does),
            pots,
            id: meal.id,
            now: clockNow(),
          });
          saveText(`${called}.ics`, text, 'text/calendar');
        }}
      >
        Calendar with alarms
      </button>
      <PdfButton words="Run sheet, PDF" write={sheet} />
      <button type="button" className="btn act" onClick={() => print()}>
        Print the day
      </button>
      <Link to={`/meals/${meal.id}/handout`}>Hand out the jobs</Link>
    </p>
  );
}
