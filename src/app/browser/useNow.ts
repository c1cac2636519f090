import { useEffect, useState } from 'react';
import { clockNow } from './clock.ts';

const STEP = 30_000;

/** The moment, to the half minute; a page that slept knows it again as soon as it is looked at. */
export function useNow(): number {
  const [now, setNow] = useState(() => clockNow());
  useEffect(() => {
    const look = () => setNow(clockNow());
    const timer = setInterval(look, STEP);
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, []);
  return now;
}
