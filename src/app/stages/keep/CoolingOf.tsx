import type { Cooling } from '@/core/meal/index.ts';
import { limits } from '@/core/keep/index.ts';
import type { CoolingNow } from '@/core/answers/index.ts';
import { MINUTE_MS, writeDegrees } from '@/core/quantity/index.ts';
import { coolsWords, coolWayWords, hoursWords, pansWords, capital } from '@/words/index.ts';
import { clockNow } from '../../browser/clock.ts';
import { editBatch } from '../../open/edits/index.ts';
import { useOpenMeal } from '../../open/MealContext.ts';
import { saveCsv } from '../../browser/saveCsv.ts';
import { saveFile } from '../../browser/saveText.ts';
import { useWall } from '../../open/useWall.ts';
import { CoolingChart } from '../../figures/CoolingChart.tsx';
import { PansInSection } from '../../figures/PansInSection.tsx';
import { FieldError } from '../../parts/FieldError.tsx';
import { ReadIt } from './ReadIt.tsx';
import css from './keep.module.scss';

interface Props {
  readonly of: CoolingNow;
  readonly now: number;
}

/** Something that cools: its pans, its curve under the two limits, what a thermometer says, and what can still be done. */
export function CoolingOf({ of, now }: Props) {
  const { batch, units } = useOpenMeal();
  const wall = useWall();
  const change = (words: string, recipe: (one: Cooling) => Cooling) =>
    editBatch(batch.id, words, (b) => ({
      ...b,
      cools: (b.cools ?? []).map((one) => (one.id === of.id ? recipe(one) : one)),
    }));
  const split = ({ pans, way }: CoolingNow['ways'][number]) =>
    change('splitting it', (one) => ({ ...one, split: { at: clockNow(), pans, way } }));
  const reached = (celsius: number, hours: number | undefined) =>
    hours === undefined
      ? `not at ${writeDegrees(celsius, units)} within a day`
      : `at ${writeDegrees(celsius, units)} after ${hoursWords(hours)}`;
  const { best, misses } = of;
  const title = useTitle(of, now);
  return (
    <section aria-labelledby="cooling-title">
      <div className="line">
        <h1 id="cooling-title">{title}</h1>
        {!of.keeps && best && (
          <button type="button" className="btn act is-first" onClick={() => split(best)}>
            Split it
          </button>
        )}
      </div>
      {misses && (
        <FieldError>
          As it stands it is {reached(misses.celsius, misses.hours ?? undefined)}, and{' '}
          {hoursWords(misses.mostH)} is the limit
          {of.splitBy === undefined ? '' : `: split it by ${wall.clock(of.splitBy)}`}.
          {!best && ' Throw away what was above 21 °C for longer.'}
        </FieldError>
      )}
      <Ways of={of} onSplit={split} />
      <CoolingChart
        of={of}
        clock={(minutes) => wall.clock(of.start + minutes * MINUTE_MS)}
        degrees={(celsius) => writeDegrees(celsius, units)}
        words={`${coolsWords[of.what]}: ${writeDegrees(of.nowC, units)} now, ${reached(limits.first, of.to21H?.mid)}, ${reached(limits.last, of.to5H?.mid)}`}
      />
      <div className="choices">
        <ReadIt label="What a thermometer says" thing={of.id} placeholder={writeDegrees(of.nowC, units)} />
        <button
          type="button"
          className="btn act"
          onClick={() => change('cold, into the boxes', (one) => ({ ...one, done: clockNow() }))}
        >
          Cold: into the boxes
        </button>
        <button
          type="button"
          className="link"
          onClick={() => {
            saveRecord(of, wall.clock).catch(reportError);
          }}
        >
          the record, as CSV
        </button>
        <button
          type="button"
          className="link"
          onClick={() => {
            savePdf(of, wall.clock).catch(reportError);
          }}
        >
          as PDF
        </button>
      </div>
      <Readings of={of} />
    </section>
  );
}

/** So near to the latest moment it is said as now, min. */
const SOON = 20;

const [KEPT, MISSED] = ['within limit', 'too slow'];

async function saveRecord(of: CoolingNow, clock: (at: number) => string): Promise<void> {
  const rows = of.record.map(({ at, minutes, celsius, limit, keeps }) => ({
    what: of.what,
    pans: of.pans,
    how: of.way,
    time: clock(at),
    minutes: Math.round(minutes),
    celsius: celsius.toFixed(1),
    limit: limit ?? '',
    says: keeps ? KEPT : MISSED,
  }));
  await saveCsv('cooling.csv', rows);
}

const RECORD =
  'From 57 to 21 °C within 2 h and to 5 °C within 6 h in all. Follow your local food code and, for a business, your licensed plan.';

async function savePdf(of: CoolingNow, clock: (at: number) => string): Promise<void> {
  const [{ packingList }, { asPdf, paperFonts }] = await Promise.all([
    import('../../paper/packing.ts'),
    import('../../paper/fonts.ts'),
  ]);
  const lines = of.record.map(({ at, minutes, celsius, keeps }) => ({
    what: `${String(Math.round(minutes))} min after it began`,
    count: clock(at),
    amount: `${celsius.toFixed(1)} °C`,
    how: keeps ? KEPT : MISSED,
  }));
  const page = {
    place: capital(coolsWords[of.what]),
    out: `${pansWords(of.pans, of.depthCm)}, began ${clock(of.start)}`,
    note: `${coolWayWords[of.way]}; signed:`,
    lines,
  };
  saveFile('cooling.pdf', asPdf(packingList('cooling record', [page], RECORD, await paperFonts())));
}

/** What is to be done now, if anything. */
function useTitle(of: CoolingNow, now: number): string {
  const { units } = useOpenMeal();
  const { best, keeps, splitBy } = of;
  if (keeps)
    return `${capital(coolsWords[of.what])}: ${writeDegrees(limits.first, units)} in ${hoursWords(of.to21H?.mid)}`;
  if (!best) return 'It will not be cold in time';
  const late = splitBy !== undefined && splitBy - now < SOON * MINUTE_MS;
  return `${best.pans > of.pans ? 'Split it' : capital(coolWayWords[best.way])}${late ? ' now' : ''}: ${pansWords(best.pans, best.depthCm)}`;
}

interface WaysProps {
  readonly of: CoolingNow;
  readonly onSplit: (way: CoolingNow['ways'][number]) => void;
}

/** Its pans as they stand, and as they could. */
function Ways({ of, onSplit }: WaysProps) {
  const { units } = useOpenMeal();
  const material = of.what === 'liquid' ? 'broth' : 'meat';
  return (
    <div className={css.pans}>
      <figure>
        <PansInSection
          pans={of.pans}
          depthCm={of.depthCm}
          way={of.way}
          material={material}
          words={pansWords(of.pans, of.depthCm)}
        />
        <figcaption>
          {writeDegrees(limits.first, units)} after <b className="num">{hoursWords(of.to21H?.mid)}</b>
          <small>
            {pansWords(of.pans, of.depthCm)}, {coolWayWords[of.way]}
          </small>
        </figcaption>
      </figure>
      {of.ways.slice(0, 3).map((way) => (
        <figure key={`${way.way} ${String(way.pans)}`}>
          <PansInSection {...way} material={material} words={pansWords(way.pans, way.depthCm)} />
          <figcaption>
            {writeDegrees(limits.first, units)} after <b className="num">{hoursWords(way.to21H)}</b>
            <small>
              {pansWords(way.pans, way.depthCm)}, {coolWayWords[way.way]}
            </small>
            <button type="button" className="link" onClick={() => onSplit(way)}>
              use this
            </button>
          </figcaption>
        </figure>
      ))}
    </div>
  );
}

/** What a thermometer has said. */
function Readings({ of: { readings } }: Pick<Props, 'of'>) {
  const { units } = useOpenMeal();
  const last = readings.at(-1);
  if (!last) return null;
  return (
    <p className="quiet">
      {readings.length} {readings.length === 1 ? 'reading' : 'readings'}, the last{' '}
      {writeDegrees(last.celsius, units)} after {hoursWords(last.minutes / 60)}.
    </p>
  );
}
