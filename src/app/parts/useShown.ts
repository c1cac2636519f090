import { useState } from 'react';

/** The store answers within a few frames, on a loaded machine later; after this it has the last word, ms. */
const MOMENT = 2_000;

/**
 * What a control shows: the stored value, or what was just chosen until the store says it too, so
 * that a choice never jumps back for the moment in which it is written.
 */
export function useShown<T>(stored: T): readonly [T, (chosen: T) => void] {
  const [pending, setPending] = useState<{ readonly over: T; readonly chosen: T }>();
  // The store has spoken: with what was chosen, or because it was taken back at once.
  if (pending && !Object.is(pending.over, stored)) setPending(undefined);
  const choose = (chosen: T) => {
    const mine = { over: stored, chosen };
    setPending(mine);
    setTimeout(() => setPending((now) => (now === mine ? undefined : now)), MOMENT);
  };
  return [pending ? pending.chosen : stored, choose];
}
