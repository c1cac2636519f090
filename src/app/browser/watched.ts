import { useSyncExternalStore } from 'react';

/** A value outside of the screens that they watch. */
export interface Watched<T> {
  readonly now: () => T;
  readonly set: (next: T) => void;
  readonly subscribe: (listener: () => void) => () => void;
}

export function watched<T>(first: T): Watched<T> {
  let value = first;
  const listeners = new Set<() => void>();
  return {
    now: () => value,
    set: (next) => {
      value = next;
      for (const tell of listeners) tell();
    },
    subscribe: (listener) => {
      listeners.add(listener);
      return () => {
        listeners.delete(listener);
      };
    },
  };
}

/** It as it is now, drawn anew with each change. */
export const useWatched = <T>({ subscribe, now }: Watched<T>): T => useSyncExternalStore(subscribe, now);
