import clsx from 'clsx';
import { useDeferredValue, useState } from 'react';
import { dateOf } from '@/core/clock/index.ts';
import type { SummaryRow } from '@/store/kinds.ts';
import { clockNow } from '../../browser/clock.ts';
import { SeekField } from '../../parts/fields/SeekField.tsx';
import { useSummaries } from '../data/useSummaries.ts';
import type { AskedToDelete } from './AskDelete.tsx';
import { MealRow } from './MealRow.tsx';
import css from './meals.module.scss';
import { counted, noun } from '@/words/index.ts';

/** So many are shown at once; a list of hundreds is searched, not read. */
const AT_ONCE = 40;
/** Fewer than this are seen with one look. */
const WORTH_SEARCHING = 3;

/** By when they are served: what comes next first, then what has no time yet, then what is over, the latest first. */
function byServing(now: string) {
  const place = ({ serving }: SummaryRow) => (serving === undefined ? 1 : serving >= now ? 0 : 2);
  return (a: SummaryRow, b: SummaryRow): number => {
    const [first, second] = [place(a), place(b)];
    if (first !== second) return first - second;
    if (first === 1) return b.made - a.made;
    return (a.serving ?? '').localeCompare(b.serving ?? '') * (first === 0 ? 1 : -1);
  };
}

/** The meals by when they are served, with a search through their names, dishes, pots and cuts. */
export function MealList({
  report,
  onAsk,
}: {
  readonly report: (error: unknown) => void;
  readonly onAsk: (asked: AskedToDelete) => void;
}) {
  const rows = useSummaries();
  const [sought, seek] = useState('');
  const [shown, show] = useState(AT_ONCE);
  const words = useDeferredValue(sought).trim().toLowerCase().split(/\s+/);
  const today = dateOf(clockNow(), Intl.DateTimeFormat().resolvedOptions().timeZone);
  const found = rows?.filter((row) => words.every((word) => row.words.includes(word))).sort(byServing(today));
  return (
    <>
      {rows && rows.length >= WORTH_SEARCHING && (
        <Search
          sought={sought}
          onSeek={(next) => {
            seek(next);
            show(AT_ONCE);
          }}
          found={found?.length ?? 0}
          all={rows.length}
        />
      )}
      {rows?.length === 0 && (
        <p className="nothing">No meal is kept here. Begin one with “+ meal”, or bring in a file.</p>
      )}
      {rows && rows.length > 0 && found?.length === 0 && (
        <p className="nothing">No meal has “{sought.trim()}” in its name, its dishes or its cuts.</p>
      )}
      <ul className={css.meals}>
        {found?.slice(0, shown).map((row) => (
          <MealRow key={row.id} row={row} report={report} onAsk={onAsk} />
        ))}
      </ul>
      {found && found.length > shown && (
        <button type="button" className={clsx('btn act', css.more)} onClick={() => show(shown + AT_ONCE)}>
          Show {Math.min(AT_ONCE, found.length - shown)} more
        </button>
      )}
    </>
  );
}

interface SearchProps {
  readonly sought: string;
  readonly onSeek: (words: string) => void;
  readonly found: number;
  readonly all: number;
}

const Search = ({ sought, onSeek, found, all }: SearchProps) => (
  <p className={css.search}>
    <SeekField
      label="Look for a meal"
      placeholder="a name, a dish, a cut …"
      value={sought}
      size={28}
      onChange={onSeek}
    />{' '}
    <span className="quiet" role="status">
      {found === all ? counted(all, noun('meal')) : `${found} of ${counted(all, noun('meal'))}`}
    </span>
  </p>
);
