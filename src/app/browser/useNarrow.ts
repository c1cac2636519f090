import { useSyncExternalStore } from 'react';

/** The widest page that has the frame of a phone, px: as in the styles. */
const NARROW = '(width <= 900px)';

// Where no page is laid out there is none to ask.
const asked = typeof matchMedia === 'undefined' ? undefined : matchMedia(NARROW);
const subscribe = (listener: () => void) => {
  asked?.addEventListener('change', listener);
  return () => asked?.removeEventListener('change', listener);
};

/** Whether the page is so narrow that its frame is a phone's. */
export const useNarrow = (): boolean => useSyncExternalStore(subscribe, () => asked?.matches ?? false);
