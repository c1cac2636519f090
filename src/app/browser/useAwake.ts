import { useEffect } from 'react';

/** Keeps the screen awake while something is shown; where the browser cannot, it sleeps as ever. */
export function useAwake(): void {
  useEffect(() => {
    if (!('wakeLock' in navigator)) return undefined;
    let lock: WakeLockSentinel | undefined;
    let over = false;
    const take = () => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock
        .request('screen')
        .then((got) => {
          if (over) void got.release();
          else lock = got;
        })
        // A battery that is nearly empty may refuse it.
        .catch(() => undefined);
    };
    take();
    // The browser lets go of it whenever the page is hidden.
    document.addEventListener('visibilitychange', take);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', take);
      void lock?.release();
    };
  }, []);
}
