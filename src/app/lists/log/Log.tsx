import { lazy, type ReactElement, Suspense, useDeferredValue, useMemo, useState } from 'react';
import {
  cutsInLog,
  type Logged,
  type LogOrder,
  ordered,
  orders,
  searched,
  storyOf,
} from '@/core/log/index.ts';
import { cutShort, orderWords, storyTitle } from '@/words/index.ts';
import { type Log as Kept, useLog } from '../data/useLog.ts';
import { SeekField } from '../../parts/fields/SeekField.tsx';
import { FieldError } from '../../parts/FieldError.tsx';
import { OneOfField } from '../../parts/fields/OneOfField.tsx';
import { Top } from '../../shell/top/Top.tsx';
import { useDocumentTitle } from '../../shell/useDocumentTitle.ts';
import { LogLinks } from './LogLinks.tsx';
import { PastBatch } from './PastBatch.tsx';
import { PastRow } from './PastRow.tsx';
import { Story } from './Story.tsx';
import css from './log.module.scss';

const Charts = lazy(() => import('./Charts.tsx'));
const Compare = lazy(() => import('./Compare.tsx'));
const Learned = lazy(() => import('./Learned.tsx'));

/** Fewer than this are seen with one look. */
const WORTH_SEARCHING = 4;

/** What this kitchen really yields: past cooks, one of them whole, and how its cut came to be known here. */
export default function Log() {
  useDocumentTitle('log');
  const { digests, mending, unread } = useLog();
  const [sought, seek] = useState('');
  const [order, put] = useState<LogOrder>('latest first');
  const [chosen, choose] = useState<string>();
  const [beside, compare] = useState<readonly string[]>([]);
  const words = useDeferredValue(sought);
  const found = useMemo(() => digests && ordered(searched(digests, words), order), [digests, words, order]);
  const digest = found && lookedAt(found, chosen);
  const cut = digest?.cuts.find((one) => one.cut !== '')?.cut;
  const story = useMemo(
    () => (digests && cut !== undefined ? storyOf(digests, cut) : undefined),
    [digests, cut],
  );
  if (!digests || !found)
    return (
      <>
        <Top />
        <main id="sheet" className="sheet is-wide" tabIndex={-1}>
          <h1>Opening the log</h1>
        </main>
      </>
    );
  const compared = beside.flatMap((id) => digests.find(({ batch }) => batch === id) ?? []);
  return (
    <>
      <Top />
      <main id="sheet" className="sheet is-wide" tabIndex={-1}>
        <LogHead title={storyTitle(story)} all={digests.length} mending={mending} unread={unread} />
        {digests.length >= WORTH_SEARCHING && (
          <Seek
            sought={sought}
            onSeek={seek}
            order={order}
            onOrder={put}
            found={found.length}
            all={digests.length}
          />
        )}
        {found.length === 0 && digests.length > 0 && (
          <p className="nothing">No past cook has “{sought.trim()}” in it.</p>
        )}
        {found.length > 0 && (
          <PastRow
            key={`${words} ${order}`}
            digests={found}
            chosen={digest?.batch}
            compared={beside}
            onChoose={choose}
          />
        )}
        {compared.length > 1 && <Comparing digests={compared} onChange={compare} />}
        {digest && (
          <div className={css.halves}>
            <PastBatch
              digest={digest}
              isCompared={beside.includes(digest.batch)}
              onCompare={(on) =>
                compare(on ? [...beside, digest.batch] : beside.filter((one) => one !== digest.batch))
              }
            />
            {story && <Story story={story} chosen={digest.batch} onChoose={choose} />}
          </div>
        )}
        <LogLinks digests={digests} cuts={cutsInLog(digests).map(({ name }) => cutShort(name))}>
          {{
            charts: later(<Charts digests={digests} cut={cut} />),
            learned: later(<Learned />),
          }}
        </LogLinks>
      </main>
    </>
  );
}

const later = (part: ReactElement) => (
  <Suspense fallback={<p className="quiet">One moment.</p>}>{part}</Suspense>
);

interface HeadProps extends Pick<Kept, 'mending' | 'unread'> {
  readonly title: string;
  /** Cooks in the log. */
  readonly all: number;
}

/** What the log says, how far it is made, and what could not be read. */
const LogHead = ({ title, all, mending, unread }: HeadProps) => (
  <>
    <div className="line">
      <h1>{title}</h1>
      <p className="quiet">
        {all === 0
          ? 'A batch comes in here once something of it is weighed, or it is closed.'
          : `${String(all)} ${all === 1 ? 'cook' : 'cooks'}: wide as bought, narrow as shredded`}
      </p>
    </div>
    {mending && (
      <p className={css.mending} role="status">
        Reading past meals: {mending.done} of {mending.of}
        <progress value={mending.done} max={mending.of} aria-hidden />
      </p>
    )}
    {unread.map(({ id, name, why }) => (
      <FieldError key={id}>
        “{name || 'a meal without a name'}” is not in the log, since it cannot be worked out ({why}). It is
        tried again when the log is opened.
      </FieldError>
    ))}
  </>
);

interface SeekProps {
  readonly sought: string;
  readonly onSeek: (words: string) => void;
  readonly order: LogOrder;
  readonly onOrder: (order: LogOrder) => void;
  readonly found: number;
  readonly all: number;
}

const Seek = ({ sought, onSeek, order, onOrder, found, all }: SeekProps) => (
  <div className={css.seek}>
    <SeekField
      label="Look for a cook"
      placeholder="a word, a cut, a dish, 2026-10, <38 %"
      value={sought}
      size={34}
      onChange={onSeek}
    />
    <OneOfField
      label="in order"
      hidden
      among={orders}
      value={order}
      say={(one) => orderWords[one]}
      onChoose={onOrder}
    />
    <span className="quiet" role="status">
      {found === all ? '' : `${String(found)} of ${String(all)}`}
    </span>
  </div>
);

interface ComparingProps {
  readonly digests: readonly Logged[];
  /** The batches that stay side by side. */
  readonly onChange: (batches: readonly string[]) => void;
}

const Comparing = ({ digests, onChange }: ComparingProps) => {
  const batches = digests.map(({ batch }) => batch);
  return later(
    <Compare
      digests={digests}
      onDrop={(id) => onChange(batches.filter((one) => one !== id))}
      onNone={() => onChange([])}
    />,
  );
};

/** The one that was chosen; else the first that was weighed, since it has more to show. */
const lookedAt = (found: readonly Logged[], chosen: string | undefined): Logged | undefined =>
  found.find(({ batch }) => batch === chosen) ?? found.find(({ weighed }) => weighed) ?? found[0];
