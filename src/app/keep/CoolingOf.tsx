import { useEffect } from 'react';
import type { Cooling } from '@/core/batch/index.ts';
import { celsiusAt, limits } from '@/core/keep/index.ts';
import type { CoolingNow } from '@/core/questions/index.ts';
import { MINUTE_MS, writeDegrees } from '@/core/quantity/index.ts';
import { coolsWords, coolWayWords, hoursWords, pansWords, capital } from '@/words/index.ts';
import { clockNow } from '../data/clock.ts';
import { editBatch, weigh } from '../data/edits.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { listenToProbes, probesNow } from '../data/probes.ts';
import { saveFile, saveText } from '../data/saveText.ts';
import { useWall } from '../data/useWall.ts';
import { useWatched } from '../data/watched.ts';
import { CoolingChart } from '../figures/CoolingChart.tsx';
import { PansInSection } from '../figures/PansInSection.tsx';
import { FieldError } from '../parts/FieldError.tsx';
import { QuantityField } from '../parts/fields/QuantityField.tsx';
import css from './keep.module.scss';

interface Props {
  readonly of: CoolingNow;
  readonly now: number;
}

/** Something that cools: its pans, its curve under the two limits, what a thermometer says, and what can still be done. */
export function CoolingOf({ of, now }: Props) {
  const { loaded, batch, units } = useOpenMeal();
  const wall = useWall();
  const probes = useWatched(probesNow);
  useEffect(() => listenToProbes(), []);
  const nowMin = Math.max(0, (now - of.start) / MINUTE_MS);
  const change = (words: string, recipe: (one: Cooling) => Cooling) =>
    editBatch(batch.id, words, (b) => ({
      ...b,
      cools: (b.cools ?? []).map((one) => (one.id === of.id ? recipe(one) : one)),
    }));
  const read = (celsius: number, text: string, source: 'typed' | 'probe') =>
    weigh(
      loaded.meal.id,
      'a temperature',
      {
        batch: batch.id,
        measures: { what: 'temperature', thing: of.id },
        value: { text, lo: celsius, hi: celsius },
        measure: 'temperature',
      },
      source,
    );
  const best = of.ways.find(({ keeps }) => keeps) ?? of.ways.at(-1);
  const late = of.splitBy !== undefined && of.splitBy - now < SOON * MINUTE_MS;
  const title = of.keeps
    ? `${capital(coolsWords[of.what])}: ${writeDegrees(limits.first, units)} in ${hoursWords(of.to21H?.mid)}`
    : best
      ? `${best.pans > of.pans ? 'Split it' : capital(coolWayWords[best.way])}${late ? ' now' : ''}: ${pansWords(best.pans, best.depthCm)}`
      : 'It will not be cold in time';
  const missesFirst = (of.to21H?.mid ?? Infinity) > limits.firstH;
  const material = of.what === 'liquid' ? 'broth' : 'meat';
  return (
    <section aria-labelledby="cooling-title">
      <div className="line">
        <h1 id="cooling-title">{title}</h1>
        {!of.keeps && best && (
          <button
            type="button"
            className="btn act is-first"
            onClick={() =>
              change('splitting it', (one) => ({
                ...one,
                split: { at: clockNow(), pans: best.pans, way: best.way },
              }))
            }
          >
            It is split
          </button>
        )}
      </div>
      {!of.keeps && (
        <FieldError>
          As it stands it is at {writeDegrees(missesFirst ? limits.first : limits.last, units)} after{' '}
          {hoursWords((missesFirst ? of.to21H : of.to5H)?.mid)}, and{' '}
          {hoursWords(missesFirst ? limits.firstH : limits.lastH)} is the limit
          {of.splitBy === undefined ? '' : `: split it by ${wall.clock(of.splitBy)}`}.
        </FieldError>
      )}
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
            {writeDegrees(limits.first, units)} at <b className="num">{hoursWords(of.to21H?.mid)}</b>
            <small>
              {pansWords(of.pans, of.depthCm)}, {coolWayWords[of.way]}
            </small>
          </figcaption>
        </figure>
        {of.ways.slice(0, 3).map((way) => (
          <figure key={`${way.way} ${String(way.pans)}`}>
            <PansInSection {...way} material={material} words={pansWords(way.pans, way.depthCm)} />
            <figcaption>
              {writeDegrees(limits.first, units)} at <b className="num">{hoursWords(way.to21H)}</b>
              <small>
                {pansWords(way.pans, way.depthCm)}, {coolWayWords[way.way]}
              </small>
              <button
                type="button"
                className="link"
                onClick={() =>
                  change('splitting it', (one) => ({
                    ...one,
                    split: { at: clockNow(), pans: way.pans, way: way.way },
                  }))
                }
              >
                do it so
              </button>
            </figcaption>
          </figure>
        ))}
      </div>
      <CoolingChart
        of={of}
        nowMin={nowMin}
        clock={(minutes) => wall.clock(of.start + minutes * MINUTE_MS)}
        degrees={(celsius) => writeDegrees(celsius, units)}
        words={`${coolsWords[of.what]}: ${writeDegrees(celsiusAt(of.curve, nowMin), units)} now, ${writeDegrees(limits.first, units)} after ${hoursWords(of.to21H?.mid)}, ${writeDegrees(limits.last, units)} after ${hoursWords(of.to5H?.mid)}`}
      />
      <div className="choices">
        <QuantityField
          label="What a thermometer says"
          quantity={undefined}
          measure="temperature"
          units={[units.degrees === 'F' ? '°F' : '°C']}
          placeholder={writeDegrees(celsiusAt(of.curve, nowMin), units)}
          chars={9}
          weighs
          draft={['cooling', of.id, String(of.readings.length)].join(' ')}
          onDone={({ lo, text }) => {
            if (lo !== undefined) read(lo, text, 'typed');
          }}
        />
        {probes.map(({ name, link, reading }) =>
          reading && link === 'on' ? (
            <button
              key={name}
              type="button"
              className="btn act"
              onClick={() => read(reading.celsius, writeDegrees(reading.celsius, units), 'probe')}
            >
              Keep {writeDegrees(reading.celsius, units)}, {name}
            </button>
          ) : null,
        )}
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
            saveCsv(of, wall.clock).catch(reportError);
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
      {of.readings.length > 0 && (
        <p className="quiet">
          {of.readings.length} {of.readings.length === 1 ? 'reading' : 'readings'}, the last{' '}
          {writeDegrees(of.readings.at(-1)?.celsius ?? 0, units)} after{' '}
          {hoursWords((of.readings.at(-1)?.minutes ?? 0) / 60)}.
        </p>
      )}
    </section>
  );
}

/** So near to the latest moment it is said as now, min. */
const SOON = 20;

interface RecordRow {
  readonly time: string;
  readonly minutes: number;
  readonly celsius: string;
  readonly limit: string;
  readonly says: string;
}

/** The record of a cooling: when, how warm, and how it stood to the limits. */
const rowsOf = (of: CoolingNow, clock: (at: number) => string): readonly RecordRow[] =>
  of.readings.map(({ minutes, celsius }) => {
    const hours = minutes / 60;
    const most = hours >= limits.lastH ? limits.last : hours >= limits.firstH ? limits.first : undefined;
    return {
      time: clock(of.start + minutes * MINUTE_MS),
      minutes: Math.round(minutes),
      celsius: celsius.toFixed(1),
      limit: most === undefined ? '' : String(most),
      says: most === undefined || celsius <= most ? 'kept' : 'above the limit',
    };
  });

async function saveCsv(of: CoolingNow, clock: (at: number) => string): Promise<void> {
  const { default: papa } = await import('papaparse');
  const rows = rowsOf(of, clock).map((row) => ({ what: of.what, pans: of.pans, how: of.way, ...row }));
  saveText('cooling.csv', papa.unparse(rows), 'text/csv');
}

const RECORD =
  'From 57 to 21 °C within 2 h and to 5 °C within 6 h in all. Follow your local food code and, for a business, your licensed plan.';

async function savePdf(of: CoolingNow, clock: (at: number) => string): Promise<void> {
  const [{ packingList }, { asPdf, paperFonts }] = await Promise.all([
    import('../paper/packing.ts'),
    import('../paper/fonts.ts'),
  ]);
  const lines = rowsOf(of, clock).map(({ time, minutes, celsius, says }) => ({
    what: `${String(minutes)} min after it began`,
    count: time,
    amount: `${celsius} °C`,
    how: says,
  }));
  const page = {
    place: capital(coolsWords[of.what]),
    out: `${pansWords(of.pans, of.depthCm)}, began ${clock(of.start)}`,
    note: `${coolWayWords[of.way]}; signed:`,
    lines,
  };
  saveFile('cooling.pdf', asPdf(await packingList('cooling record', [page], RECORD, await paperFonts())));
}
