import { useSyncExternalStore } from 'react';
import { clockNow } from './clock.ts';

const STEP = 30_000;
/** Nobody reads a moment finer, ms: what asks for it within one drawing gets the same. */
const SAME = 1000;

let value = 0;
const listeners = new Set<() => void>();
let timer: ReturnType<typeof setInterval> | undefined;

const look = () => {
  value = clockNow();
  for (const tell of listeners) tell();
};

function subscribe(listener: () => void): () => void {
  if (listeners.size === 0) {
    timer = setInterval(look, STEP);
    document.addEventListener('visibilitychange', look);
  }
  listeners.add(listener);
  return () => {
    listeners.delete(listener);
    if (listeners.size > 0) return;
    clearInterval(timer);
    document.removeEventListener('visibilitychange', look);
  };
}

/** While nobody watches it stands still: whoever comes first reads the clock. */
function nowSeen(): number {
  if (listeners.size === 0 && Math.abs(clockNow() - value) >= SAME) value = clockNow();
  return value;
}

/**
 * The moment, to the half minute: one for the whole page, so that no two sheets tell a different time. A page that slept
 * knows it again as soon as it is looked at.
 */
export const useNow = (): number => useSyncExternalStore(subscribe, nowSeen);
