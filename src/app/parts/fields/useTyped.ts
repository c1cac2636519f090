import { useState } from 'react';

/**
 * The text of a field, kept letter for letter while somebody types: also while it cannot be stored yet, or is stored
 * in other letters. Undo, another tab or a drawing may change what is stored: then that is shown.
 * @returns the text, and what to call with the next text and what will be stored for it
 */
export function useTyped(stored: string): readonly [string, (text: string, storedAs?: string) => void] {
  // `since`: what has been stored since these letters were typed, as far as that was not news.
  const [typed, setTyped] = useState({ text: stored, as: stored, since: stored });
  if (stored === typed.as) {
    if (typed.since !== stored) setTyped({ ...typed, since: stored });
  } else if (stored !== typed.since) setTyped({ text: stored, as: stored, since: stored });
  const type = (text: string, storedAs = text) => setTyped({ text, as: storedAs, since: stored });
  return [typed.text, type];
}
