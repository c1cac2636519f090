import { useEffect, useRef, useState } from 'react';

/**
 * The text of a field, kept letter for letter while somebody types. Undo, another tab or a drawing may
 * change what is stored: that is taken over; what was typed here comes back from the store and is not.
 * @returns the text, and what to call with the next text and what the store will say of it
 */
export function useTyped(stored: string): readonly [string, (text: string, storedAs?: string) => void] {
  const [text, setText] = useState(stored);
  const sent = useRef(stored);
  useEffect(() => {
    if (stored === sent.current) return;
    sent.current = stored;
    setText(stored);
  }, [stored]);
  const type = (next: string, storedAs = next) => {
    setText(next);
    sent.current = storedAs;
  };
  return [text, type];
}
