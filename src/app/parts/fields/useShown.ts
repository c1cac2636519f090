import { useState } from 'react';
import { hear, send, type Awaited } from './echoes.ts';

/** The store answers within a few frames, on a loaded machine later; after this it has the last word, ms. */
const MOMENT = 2_000;

/**
 * What a control shows: the stored value, or what was just chosen until the store says it too, so
 * that a choice never jumps back for the moment in which it is written, nor when several are made
 * faster than they are written.
 */
export function useShown<T>(stored: T): readonly [T, (chosen: T) => void] {
  const [{ before, awaited }, setState] = useState<{
    readonly before: T;
    readonly awaited: Awaited<T>;
  }>({ before: stored, awaited: [] });
  // The store has spoken: with something that was chosen here, or because it was taken back.
  if (!Object.is(before, stored))
    setState({ before: stored, awaited: hear(awaited, stored, awaited.at(-1)?.at ?? 0).awaited });
  const choose = (chosen: T) => {
    const at = Date.now();
    setState((now) => ({ ...now, awaited: send(now.awaited, now.before, chosen, at) }));
    setTimeout(
      () => setState((now) => (now.awaited.at(-1)?.at === at ? { ...now, awaited: [] } : now)),
      MOMENT,
    );
  };
  const last = awaited.at(-1);
  return [last ? last.value : stored, choose];
}
