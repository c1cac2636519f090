import clsx from 'clsx';
import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import { type Logged, rawOf, yieldOf } from '@/core/log/index.ts';
import { cutShort, percent } from '@/words/index.ts';
import { useSaid } from '../../open/useSaid.ts';
import { Taper } from './Taper.tsx';
import { dayShort } from './dayShort.ts';
import css from './log.module.scss';

interface Props {
  readonly digests: readonly Logged[];
  readonly chosen: string | undefined;
  readonly compared: readonly string[];
  readonly onChoose: (batch: string) => void;
}

/** So many are drawn at once; of thousands one looks for what one wants. */
const AT_ONCE = 11;

/** Past cooks as tapers, wide as bought and narrow as shredded: arrows go from one to the next. */
export function PastRow({ digests, chosen, compared, onChoose }: Props) {
  const { mass } = useSaid();
  const at = Math.max(
    0,
    digests.findIndex(({ batch }) => batch === chosen),
  );
  const [page, turn] = useState(Math.floor(at / AT_ONCE));
  const row = useRef<HTMLOListElement>(null);
  const focusNext = useRef(false);
  useEffect(() => {
    if (!focusNext.current) return;
    focusNext.current = false;
    row.current?.querySelector<HTMLButtonElement>('[aria-pressed="true"]')?.focus();
  });
  const shown = digests.slice(page * AT_ONCE, (page + 1) * AT_ONCE);
  const most = Math.max(...shown.map(rawOf));
  const pages = Math.ceil(digests.length / AT_ONCE);
  const press = (event: KeyboardEvent, i: number) => {
    const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    const next = by === undefined ? undefined : digests[i + by];
    if (!next || by === undefined) return;
    event.preventDefault();
    focusNext.current = true;
    turn(Math.floor((i + by) / AT_ONCE));
    onChoose(next.batch);
  };
  return (
    <>
      <ol className={css.row} ref={row} aria-label="Past cooks">
        {shown.map((digest, k) => {
          const [cut] = digest.cuts;
          const share = yieldOf(digest);
          const raw = rawOf(digest);
          return (
            <li key={digest.batch}>
              <button
                type="button"
                className={clsx(digest.batch === chosen && css.isChosen, digest.leftOut && css.isOut)}
                aria-pressed={digest.batch === chosen}
                tabIndex={digest.batch === chosen ? 0 : -1}
                aria-label={`${digest.name}, ${dayShort(digest.at)}: ${mass(raw)} of ${cut?.name.toLowerCase() ?? 'meat'}${share === undefined ? ', not weighed' : `, ${percent(share)} of it shredded`}${digest.leftOut ? ', left out' : ''}${compared.includes(digest.batch) ? ', compared' : ''}`}
                onClick={() => onChoose(digest.batch)}
                onKeyDown={(event) => press(event, page * AT_ONCE + k)}
              >
                <Taper wide={Math.sqrt(raw / most)} narrow={share} isOut={digest.leftOut} />
                <span>{cutShort(cut?.name ?? 'meat').toLowerCase()}</span>
                <small>{dayShort(digest.at)}</small>
              </button>
            </li>
          );
        })}
      </ol>
      {pages > 1 && (
        <p className={css.pages}>
          <button type="button" className="link" disabled={page === 0} onClick={() => turn(page - 1)}>
            before
          </button>
          <span className="quiet num">
            {page + 1} of {pages}
          </span>
          <button type="button" className="link" disabled={page >= pages - 1} onClick={() => turn(page + 1)}>
            after
          </button>
        </p>
      )}
    </>
  );
}
