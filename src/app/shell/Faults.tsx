import { useEffect, useState } from 'react';
import { FieldError } from '../parts/FieldError.tsx';

/** What went wrong behind the page, said where it is seen: a change may not have been kept. */
export function Faults() {
  const [words, setWords] = useState<string>();
  useEffect(() => {
    const say = ({ message }: ErrorEvent) => setWords(message);
    const sayRejected = ({ reason }: PromiseRejectionEvent) =>
      setWords(reason instanceof Error ? reason.message : String(reason));
    addEventListener('error', say);
    addEventListener('unhandledrejection', sayRejected);
    return () => {
      removeEventListener('error', say);
      removeEventListener('unhandledrejection', sayRejected);
    };
  }, []);
  if (words === undefined) return null;
  return (
    <div className="faults">
      <FieldError>
        The last change may not have been kept ({words}). Reload the page to see what is stored.
      </FieldError>
      <button type="button" className="btn btn-sm act" onClick={() => location.reload()}>
        Reload
      </button>
    </div>
  );
}
