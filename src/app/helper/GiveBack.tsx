import { useMemo, useState } from 'react';
import { backOf } from '@/core/handout/index.ts';
import { standingEntries } from '@/core/meal/index.ts';
import { MINUTE_MS } from '@/core/quantity/index.ts';
import type { HandoutRow } from '@/store/kinds.ts';
import { entryWords } from '@/words/index.ts';
import { deviceNow } from '../browser/device.ts';
import { saveText } from '../browser/saveText.ts';
import { useNow } from '../browser/useNow.ts';
import Codes from '../codes/Codes.tsx';
import { useWall } from '../open/useWall.ts';
import css from './helper.module.scss';

/** What was written goes back: to be seen first, then held to the other screen, saved, or read out. */
export function GiveBack({ row }: { readonly row: HandoutRow }) {
  const { handout, entries, notes } = row;
  const wall = useWall(handout.zone);
  // The moment goes with it, so that two clocks can be laid side by side; newer than a minute it need not be.
  const now = Math.floor(useNow() / MINUTE_MS) * MINUTE_MS;
  const text = useMemo(
    () => JSON.stringify(backOf(handout, { entries, notes }, deviceNow(), now)),
    [handout, entries, notes, now],
  );
  const [reading, setReading] = useState<number>();
  const figures = standingEntries(entries).filter(({ measures }) => measures.what !== 'done');
  const pots = new Map(handout.pots.map(({ id, name }) => [id, name]));
  const one = reading === undefined ? undefined : figures[reading];
  if (one && reading !== undefined)
    return (
      <section className={css.loud} aria-live="polite">
        <p>
          {pots.get(one.batch)}, {entryWords(one)}
        </p>
        <p className={css.huge}>{one.value?.text}</p>
        <p className="quiet">
          {wall.clock(one.at)} · {reading + 1} of {figures.length}
        </p>
        <p className="choices">
          <button
            type="button"
            className="btn act"
            onClick={() => setReading(reading > 0 ? reading - 1 : undefined)}
          >
            Before
          </button>
          <button
            type="button"
            className="btn act is-first"
            onClick={() => setReading(reading + 1 < figures.length ? reading + 1 : undefined)}
          >
            {reading + 1 < figures.length ? 'Next' : 'That was all'}
          </button>
        </p>
      </section>
    );
  return (
    <section aria-label="What goes back">
      <h1>Hold this to the other screen</h1>
      <p className="quiet">About a foot away, until it says that it is in.</p>
      <Codes text={text} label="What goes back" />
      <h2>What goes back</h2>
      <ul className={css.goes}>
        {figures.map((entry) => (
          <li key={entry.id}>
            <time className="num">{wall.clock(entry.at)}</time>
            <span>
              {entryWords(entry)} <small className="quiet">{pots.get(entry.batch)}</small>
            </span>
            <b className="num">{entry.measures.what === 'check' ? '' : entry.value?.text}</b>
          </li>
        ))}
        {notes.map(({ id, at, text: said }) => (
          <li key={id}>
            <time className="num">{wall.clock(at)}</time>
            <span>{said}</span>
          </li>
        ))}
      </ul>
      <p className="quiet">
        and {entries.length - figures.length} {entries.length - figures.length === 1 ? 'tick' : 'ticks'} of
        what is done
      </p>
      <p className="choices">
        <button
          type="button"
          className="btn act"
          onClick={() => saveText(`${handout.who.name} hands back.json`, text)}
        >
          Save a file
        </button>
        <button
          type="button"
          className="btn act"
          disabled={figures.length === 0}
          onClick={() => setReading(0)}
        >
          Read it out
        </button>
      </p>
    </section>
  );
}
