import { useEffect, useState } from 'react';
import { Refused } from '../lists/data/refused.ts';
import { FieldError } from '../parts/FieldError.tsx';

/** What went wrong behind the page, said where it is seen: a change may not have been kept. */
export function Faults() {
  const [fault, setFault] = useState<{ readonly words: string; readonly refused: boolean }>();
  useEffect(() => {
    const take = (error: unknown, words: string) =>
      setFault(
        error instanceof Refused ? { words: error.message, refused: true } : { words, refused: false },
      );
    const say = ({ error, message }: ErrorEvent) => take(error, message);
    const sayRejected = ({ reason }: PromiseRejectionEvent) =>
      take(reason, reason instanceof Error ? reason.message : String(reason));
    addEventListener('error', say);
    addEventListener('unhandledrejection', sayRejected);
    return () => {
      removeEventListener('error', say);
      removeEventListener('unhandledrejection', sayRejected);
    };
  }, []);
  if (!fault) return null;
  if (fault.refused)
    return (
      <div className="faults">
        <FieldError>{fault.words}</FieldError>
        <button type="button" className="btn btn-sm act" onClick={() => setFault(undefined)}>
          Close
        </button>
      </div>
    );
  return (
    <div className="faults">
      <FieldError>
        The last change may not have been kept ({fault.words}). Reload the page to see what is stored.
      </FieldError>
      <button type="button" className="btn btn-sm act" onClick={() => location.reload()}>
        Reload
      </button>
    </div>
  );
}
