import { startTransition, useEffect, useState, type ReactNode } from 'react';

interface Props {
  readonly after: Promise<void>;
  readonly children: ReactNode;
}

/** Drawn once something has happened: a picture must not keep a number waiting. */
export function Later({ after, children }: Props) {
  const [ready, setReady] = useState(false);
  useEffect(() => {
    let left = false;
    void after.then(() => {
      if (!left) startTransition(() => setReady(true));
    });
    return () => {
      left = true;
    };
  }, [after]);
  return ready ? children : null;
}
