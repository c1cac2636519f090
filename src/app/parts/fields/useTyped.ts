import { useState } from 'react';

interface Typed {
  readonly text: string;
  /** What will be stored for it. */
  readonly as: string;
  /** What has been stored since these letters were typed, as far as that was not news. */
  readonly since: string;
}

/**
 * The text of a field, kept letter for letter while somebody types: also while it cannot be stored yet, or is stored
 * in other letters. Undo, another tab or a drawing may change what is stored: then that is shown.
 * @returns the text, and what to call with the next text and what will be stored for it
 */
export function useTyped(stored: string): readonly [string, (text: string, storedAs?: string) => void] {
  const [typed, setTyped] = useState<Typed>({ text: stored, as: stored, since: stored });
  if (stored === typed.as) {
    if (typed.since !== stored) setTyped({ ...typed, since: stored });
  } else if (stored !== typed.since) setTyped({ text: stored, as: stored, since: stored });
  const type = (text: string, storedAs = text) => setTyped({ text, as: storedAs, since: stored });
  return [typed.text, type];
}

/**
 * The text of a field whose text is entered: what is typed and not entered yet stands, whatever is entered elsewhere.
 * @returns the text, what to call with the next, and what was entered elsewhere meanwhile, if anything was
 */
export function useEntered(
  stored: string,
): readonly [text: string, type: (text: string) => void, elsewhere: string | undefined] {
  const [typed, setTyped] = useState({ text: stored, since: stored });
  const isEntered = typed.text === typed.since;
  if (stored !== typed.since && (isEntered || stored === typed.text))
    setTyped({ text: stored, since: stored });
  const type = (text: string) => setTyped({ text, since: text === stored ? text : typed.since });
  const isNews = stored !== typed.since && stored !== typed.text && !isEntered;
  return [typed.text, type, isNews ? stored : undefined];
}
