import { startTransition, useEffect, useState } from 'react';
import { afterFirstPaint } from './afterFirstPaint.ts';

let painted = false;
void afterFirstPaint.then(() => {
  painted = true;
});

/** Whether the page's first picture stands: what it does not need is drawn after that. */
export function usePainted(): boolean {
  const [now, setNow] = useState(painted);
  useEffect(() => {
    let left = false;
    void afterFirstPaint.then(() => {
      if (!left) startTransition(() => setNow(true));
    });
    return () => {
      left = true;
    };
  }, []);
  return now;
}
