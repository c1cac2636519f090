import { useEffect, useRef, useState } from 'react';
import { hear, send, type Awaited } from './echoes.ts';

/**
 * The text of a field, kept letter for letter while somebody types. Undo, another tab or a drawing may
 * change what is stored: that is taken over; what was typed here comes back from the store and is not.
 * @returns the text, and what to call with the next text and what the store will say of it
 */
export function useTyped(stored: string): readonly [string, (text: string, storedAs?: string) => void] {
  const [text, setText] = useState(stored);
  const awaited = useRef<Awaited<string>>([]);
  const before = useRef(stored);
  useEffect(() => {
    if (stored === before.current) return;
    before.current = stored;
    const heard = hear(awaited.current, stored, Date.now());
    awaited.current = heard.awaited;
    if (heard.news) setText(stored);
  }, [stored]);
  const type = (next: string, storedAs = next) => {
    setText(next);
    awaited.current = send(awaited.current, before.current, storedAs, Date.now());
  };
  return [text, type];
}
