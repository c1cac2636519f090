import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useSaid } from '../../../open/useSaid.ts';
import strip from '../../../parts/strip.module.scss';
import type { RunNow } from './useRun.ts';

interface Props {
  readonly now: RunNow;
  readonly onBack: () => void;
}

/** Each half of the foot is one press: the last plate again, and on to the next. */
export function Strip({ now: { plated, finished, again, keepNow }, onBack }: Props) {
  const said = useSaid();
  const last = plated.at(-1);
  return (
    <nav className={strip.strip} aria-label="Before and after">
      <button
        type="button"
        disabled={!last}
        aria-label={last ? undefined : 'No plate to weigh again yet'}
        onClick={again}
      >
        <ChevronLeft size={34} aria-hidden />
        <span>
          <small>{last ? `${String(plated.length)}, again` : ''}</small>
          <b>{last ? said.mass(last.grams) : ''}</b>
        </span>
      </button>
      <button type="button" onClick={finished ? onBack : keepNow}>
        <span>
          <small>{finished ? 'Done' : 'Lift it off, or tap on a tray'}</small>
          <b>{finished ? 'Back to the plates' : 'It is kept and the next begins'}</b>
        </span>
        <ChevronRight size={34} aria-hidden />
      </button>
    </nav>
  );
}
