import { feelsOf } from '@/core/reckoning/index.ts';
import { isTender } from '@/core/tender/index.ts';
import { type ReactNode, useState } from 'react';
import { type Entry, type Feel } from '@/core/meal/index.ts';
import type { Wall } from '@/core/clock/index.ts';
import type { DayPlan } from '@/core/answers/index.ts';
import { ask } from '@/workers/client.ts';
import { useFigures, useOpenMeal } from '../open/MealContext.ts';
import { weigh } from '../open/edits/index.ts';
import { ForkInMeat } from '../figures/ForkInMeat.tsx';
import { Choice } from './fields/Choice.tsx';
import { useForkKeys } from './useForkKeys.ts';
import { useWall } from '../open/useWall.ts';
import css from './checks.module.scss';
import { clockNow } from '../browser/clock.ts';

interface Props {
  readonly day: DayPlan | undefined;
  /** It is the day before the last fork. */
  readonly isOld: boolean;
}

const ALL = 'all';
const whichPieces = [
  { value: 'usual', words: 'any piece' },
  { value: 'big', words: 'the big ones' },
] as const;

/** A fork test: of which lot, which pieces, and what it said. Each moves all that comes after it. */
export function Checks({ day, isOld }: Props) {
  const wall = useWall(day?.zone ?? 'UTC');
  const { loaded, batch, standing } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const { meal } = loaded;
  const meat = batchReckoning.lots.filter(({ tenderMin }) => tenderMin !== null);
  const { lookAt } = batchReckoning.ready;
  const [chosen, setChosen] = useState<string>();
  const [pieces, setPieces] = useState<'usual' | 'big'>('usual');
  const [doubt, setDoubt] = useState<{ check: Entry; other: Entry }>();
  const lot = chosen ?? (meat.length > 1 ? lookAt : undefined) ?? ALL;
  const checks = standing.filter(({ measures }) => measures.what === 'check');

  const keep = (check: Entry) => {
    const { id: _, at: __, source: ___, ...said } = check;
    weigh(meal.id, 'a fork test', said);
  };
  const say = (feel: Feel) => {
    const check = forkNow(batch.id, feel, lot === ALL ? undefined : lot, pieces === 'big');
    ask('contradicts', loaded, { check }, new AbortController().signal)
      .then((other) => {
        if (other) setDoubt({ check, other });
        else keep(check);
      })
      .catch(reportError);
  };
  const said = feelsOf(batchReckoning, lot === ALL ? undefined : lot);
  useForkKeys(said, say);
  const takeBack = (entry: Entry) => {
    const { id, at: _, source: __, ...said } = entry;
    weigh(meal.id, 'taking a fork test back', { ...said, value: null, replaces: id });
  };
  return (
    <section className={css.checks} aria-label="Fork test">
      {checks.length > 0 && (
        <Said checks={checks} meat={meat} wall={wall} onTakeBack={takeBack}>
          {day && (isOld ? MOVING : nextWords(day, wall, batch.id, checks.at(-1)))}
        </Said>
      )}
      <div className={css.asked}>
        <div className={css.of}>
          <h2>What does the fork say?</h2>
          {meat.length > 1 && (
            <Choice
              legend="Which meat"
              hidden
              value={lot}
              options={[
                ...meat.map((one) => ({
                  value: one.lot,
                  words: one.name.split(',')[0]?.toLowerCase() ?? one.name,
                })),
                { value: ALL, words: 'all of it' },
              ]}
              onChoose={setChosen}
            />
          )}
          <Choice legend="Which pieces" hidden value={pieces} options={whichPieces} onChoose={setPieces} />
        </div>
        <p className={css.feels}>
          {said.map((feel, i) => (
            <button
              key={feel}
              type="button"
              className="btn act"
              data-checks={i === 0 ? true : undefined}
              onClick={() => {
                say(feel);
              }}
            >
              <ForkInMeat feel={feel} />
              {feel}
            </button>
          ))}
        </p>
      </div>
      {doubt && (
        <Disagree
          {...doubt}
          wall={wall}
          onBoth={() => {
            keep(doubt.check);
            setDoubt(undefined);
          }}
          onNew={() => {
            takeBack(doubt.other);
            keep(doubt.check);
            setDoubt(undefined);
          }}
          onNone={() => setDoubt(undefined)}
        />
      )}
    </section>
  );
}

interface SaidProps {
  readonly checks: readonly Entry[];
  readonly meat: readonly { readonly lot: string; readonly name: string }[];
  readonly wall: Wall;
  readonly onTakeBack: (check: Entry) => void;
  /** What they did to the day. */
  readonly children: ReactNode;
}

/** What forks have said so far. */
const Said = ({ checks, meat, wall, onTakeBack, children }: SaidProps) => (
  <div className={css.said}>
    <p aria-live="polite">{children}</p>
    <ul className={css.forks}>
      {checks.map((entry) => (
        <li key={entry.id}>
          <span className="num">{wall.clock(entry.at)}</span> {lotName(entry, meat)} <b>{wordsOf(entry)}</b>
          <button type="button" className="link" onClick={() => onTakeBack(entry)}>
            take back
          </button>
        </li>
      ))}
    </ul>
  </div>
);

/** The day before the fork says nothing of it. */
const MOVING = 'Working out what that moves.';

/** What a fork says at this moment. */
const forkNow = (batch: string, feel: Feel, lot: string | undefined, big: boolean): Entry => ({
  id: 'check',
  at: clockNow(),
  batch,
  measures: { what: 'check', feel, ...(lot !== undefined && { lot }), ...(big && { pieces: 'big' }) },
  value: { text: feel },
  measure: 'feel',
  source: 'typed',
});

/** What the last fork does to the day. */
function nextWords(day: DayPlan, wall: Wall, batch: string, last: Entry | undefined): string {
  const { serving, lateMin } = day;
  const look = day.lines.find((line) => line.batch === batch && line.kind === 'look');
  const tender = last?.measures.what === 'check' && isTender(last.measures.feel);
  const first = look
    ? `${tender ? 'That is tender' : 'Not yet'}: test ${tender ? 'the rest' : 'again'} at ${wall.moment(look.from, last?.at ?? serving)}.`
    : tender
      ? 'Tender: lift it out.'
      : '';
  const then =
    lateMin > 0 ? `Serving moves to ${wall.clock(serving)}.` : `Serving stays at ${wall.clock(serving)}.`;
  return `${first} ${then}`;
}

const wordsOf = ({ measures }: Entry) => (measures.what === 'check' ? measures.feel : '');

function lotName({ measures }: Entry, meat: readonly { lot: string; name: string }[]): string {
  if (measures.what !== 'check') return '';
  const name = meat.find(({ lot }) => lot === measures.lot)?.name.split(',')[0] ?? 'all of it';
  return measures.pieces === 'big' ? `${name}, the big ones` : name;
}

interface DisagreeProps {
  readonly check: Entry;
  readonly other: Entry;
  readonly wall: Wall;
  readonly onBoth: () => void;
  readonly onNew: () => void;
  readonly onNone: () => void;
}

/** Two forks that cannot both be right: the cook says which is. */
function Disagree({ check, other, wall, onBoth, onNew, onNone }: DisagreeProps) {
  return (
    <div className="problem" role="alertdialog" aria-label="Two fork tests disagree">
      <p>
        {wall.clock(other.at)}: {wordsOf(other)}. Now: {wordsOf(check)}. Both cannot be right.
      </p>
      <p className="remedies">
        <button type="button" className="btn btn-sm act" onClick={onBoth}>
          Keep both
        </button>
        <button type="button" className="btn btn-sm act" onClick={onNew}>
          The new one is right
        </button>
        <button type="button" className="link" onClick={onNone}>
          ignore the new one
        </button>
      </p>
    </div>
  );
}
