import type { CSSProperties } from 'react';
import { useSaid } from '../../../open/useSaid.ts';
import type { RunNow } from './useRun.ts';
import css from '../plates.module.scss';

const MOST_DRAWN = 200;
/** Nearer than this to its portion a run is on the mark. */
const ON_THE_MARK = 0.005;

/** Every plate of the run, as full as it went out. */
export function PlatesOut({ now }: { readonly now: RunNow }) {
  const { plated, count, target } = now;
  const said = useSaid();
  return (
    <>
      <ol className={css.plated} aria-label="Plates">
        {Array.from({ length: Math.min(MOST_DRAWN, count) }, (_, i) => {
          const done = plated[i];
          return (
            <li
              key={i}
              className={done ? css.isOut : i === plated.length ? css.isNext : undefined}
              style={{ '--full': String(Math.min(1.2, (done?.grams ?? 0) / target)) } as CSSProperties}
              aria-label={`${String(i + 1)}: ${done ? said.mass(done.grams) : 'not yet'}`}
            />
          );
        })}
      </ol>
      {count > MOST_DRAWN && <p className="quiet">and {count - MOST_DRAWN} more</p>}
    </>
  );
}

/** How the hand runs, and what that leaves for the last. */
export function Drift({ now: { run, evenOut } }: { readonly now: RunNow }) {
  const said = useSaid();
  const by = `${String(Math.abs(Math.round(100 * run.drift)))} % ${run.drift > 0 ? 'heavy' : 'light'}`;
  const last = run.shortRest === 1 ? 'one gets' : `${String(run.shortRest)} get`;
  return (
    <p className={css.drift}>
      <b>{Math.abs(run.drift) < ON_THE_MARK ? 'On the mark' : by}</b>{' '}
      {run.shortRest > 0 && run.drift > ON_THE_MARK && (
        <>
          <span className="quiet">
            so the last {last} {said.mass(run.restG)}
          </span>{' '}
          <button type="button" className="btn act is-first" onClick={evenOut}>
            {said.mass(run.evenG)} from here
          </button>
        </>
      )}
    </p>
  );
}
