import { useState } from 'react';

/** The text of a field, what to call with the next one, and what else was stored while it waits to be entered. */
type TypedText = readonly [
  text: string,
  type: (text: string, storedAs?: string) => void,
  elsewhere: string | undefined,
];

/**
 * The text of a field, kept letter for letter while somebody types: also while it cannot be stored yet, or is stored
 * in other letters. Undo, another tab or a drawing may change what is stored: then that is shown; but where the text waits to be
 * entered it stands, and what was entered elsewhere is told beside it.
 * @param waits what is typed is stored only once it is entered
 */
export function useTyped(stored: string, waits = false): TypedText {
  // `since`: what has been stored since these letters were typed, as far as that was not news.
  const [typed, setTyped] = useState({ text: stored, as: stored, since: stored });
  const stands = waits && typed.text !== typed.since;
  if (stored === typed.as) {
    if (typed.since !== stored) setTyped({ ...typed, since: stored });
  } else if (stored !== typed.since && !stands) setTyped({ text: stored, as: stored, since: stored });
  const elsewhere = stands && stored !== typed.since && stored !== typed.as ? stored : undefined;
  const type = (text: string, storedAs = text) =>
    setTyped({ text, as: storedAs, since: elsewhere === undefined ? stored : typed.since });
  return [typed.text, type, elsewhere];
}
