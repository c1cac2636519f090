import { useState } from 'react';
import { Link } from 'react-router';
import { inHands } from '@/core/handout/index.ts';
import { weekdayOf } from '@/core/clock/index.ts';
import type { HandoutRow } from '@/store/kinds.ts';
import { waitedWords, waitsWords } from '@/words/index.ts';
import { useAwake } from '../browser/useAwake.ts';
import { useWall } from '../open/useWall.ts';
import { useDocumentTitle } from '../shell/useDocumentTitle.ts';
// Not fetched when it is wanted: there may be no network then.
import { GiveBack } from './GiveBack.tsx';
import { InHand } from './InHand.tsx';
import { isDone, takeLastBack, writeNote } from './written.ts';
import css from './helper.module.scss';

interface Props {
  readonly row: HandoutRow;
  /** The two words of what was just caught. */
  readonly words: string | undefined;
}

/** One person’s day: the job in hand as large as it can be, the others along the strand of what is in their hands. */
export function Jobs({ row, words }: Props) {
  useAwake();
  const { handout } = row;
  const { jobs, who } = handout;
  useDocumentTitle(`${who.name}: ${handout.meal.name}`);
  const [open, setOpen] = useState<string>();
  const [sure, setSure] = useState(words === undefined);
  const [back, setBack] = useState(false);
  const job = jobs.find(({ id }) => id === open) ?? jobs.find((one) => !isDone(row, one));
  const done = jobs.filter((one) => isDone(row, one)).length;
  const day = weekdayOf(jobs[0]?.at ?? handout.made, handout.zone);
  return (
    <div className={css.page}>
      <header className={css.head}>
        <p>
          <b>{who.name}</b>
          <span className="quiet">
            {handout.meal.name}, {day} ·{' '}
            {done === jobs.length ? 'all done' : `${done} of ${jobs.length} done`}
          </span>
        </p>
        <button type="button" className="btn act" onClick={() => setBack(!back)}>
          {back ? 'My jobs' : 'Hand back'}
        </button>
      </header>
      <main id="sheet" tabIndex={-1}>
        {!sure && (
          <p className={css.words} role="status">
            <b>{words}</b> The other screen shows the same two words?{' '}
            <button type="button" className="btn act" onClick={() => setSure(true)}>
              Yes, it does
            </button>{' '}
            <Link to="/helper">No: catch it again</Link>
          </p>
        )}
        {back ? (
          <GiveBack row={row} />
        ) : (
          <>
            {job ? (
              <InHand key={job.id} row={row} job={job} onDone={() => setOpen(undefined)} />
            ) : (
              <h1>All done: hand it back</h1>
            )}
            <List row={row} job={job?.id} onOpen={setOpen} />
            <Notes row={row} />
            {handout.cautions.map((caution) => (
              <p key={caution} className={css.caution}>
                {caution}
              </p>
            ))}
            <p>
              <Link to="/helper">Everything on this phone</Link>
            </p>
          </>
        )}
      </main>
    </div>
  );
}

/** The widest that the strand is drawn, px. */
const WIDEST = 66;
const THINNEST = 4;

interface ListProps {
  readonly row: HandoutRow;
  readonly job: string | undefined;
  readonly onOpen: (job: string) => void;
}

/** All jobs in their order, on the strand of the meat that is in hand. */
function List({ row, job, onOpen }: ListProps) {
  const { handout } = row;
  const wall = useWall(handout.zone);
  const strand = inHands(handout.jobs);
  const most = Math.max(1, ...strand.map(({ g }) => g));
  return (
    <ol className={css.jobs} aria-label="Your jobs in order">
      {handout.jobs.map((one, i) => {
        const over = isDone(row, one);
        const wide = Math.max(THINNEST, (WIDEST * (strand[i]?.g ?? 0)) / most);
        return (
          <li key={one.id} data-done={over || undefined} data-now={one.id === job || undefined}>
            <span className={css.strand} aria-hidden>
              <i style={{ width: `${wide}px` }} />
              <b data-waits={one.waits ? true : undefined} />
            </span>
            <button type="button" className={css.job} onClick={() => onOpen(one.id)}>
              <time className="num">{wall.clock(one.at)}</time>
              <span>
                <b>{one.words}</b>
                {over && <small>done</small>}
                {(one.waits ?? []).map((pass) => (
                  <small key={`${pass.words} ${pass.at}`}>{waitsWords(pass, wall.clock)}</small>
                ))}
                {(one.waited ?? []).slice(0, 1).map((pass) => (
                  <em key={`${pass.words} ${pass.at}`}>{waitedWords(pass, wall.clock)}</em>
                ))}
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}

/** What was found, in the helper’s own words; and the last that was written, taken back. */
function Notes({ row }: { readonly row: HandoutRow }) {
  const [text, setText] = useState('');
  const written = row.entries.length + row.notes.length;
  return (
    <form
      className={css.notes}
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() === '') return;
        writeNote(row.id, text.trim());
        setText('');
      }}
    >
      <label>
        A note
        <input
          className="write"
          value={text}
          maxLength={1000}
          onChange={({ target }) => setText(target.value)}
        />
      </label>
      <button type="submit" className="btn act" disabled={text.trim() === ''}>
        Write it down
      </button>
      {row.notes.map(({ id, text: said }) => (
        <p key={id} className="quiet">
          {said}
        </p>
      ))}
      {written > 0 && (
        <button type="button" className="link" onClick={() => takeLastBack(row.id)}>
          Undo the last that was written
        </button>
      )}
    </form>
  );
}
