import { useEffect, useLayoutEffect, useRef } from 'react';
import type { Feel } from '@/core/meal/index.ts';

/** 1 to 5 say what the fork says, in the order of the answers, while nobody is writing. */
export function useForkKeys(feels: readonly Feel[], say: (feel: Feel) => void): void {
  // What is drawn last is what a key means.
  const now = useRef({ feels, say });
  useLayoutEffect(() => {
    now.current = { feels, say };
  });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const { key, target, ctrlKey, metaKey, altKey, repeat } = event;
      const isWriting =
        target instanceof HTMLElement && target.matches('input:not([type=radio]), select, textarea');
      const feel = /^[1-9]$/.test(key) ? now.current.feels[Number(key) - 1] : undefined;
      if (feel === undefined || isWriting || ctrlKey || metaKey || altKey || repeat) return;
      // What is asked first has its own answers.
      if (document.querySelector('[role=dialog], [role=alertdialog]')) return;
      event.preventDefault();
      now.current.say(feel);
    };
    document.addEventListener('keydown', press);
    return () => document.removeEventListener('keydown', press);
  }, []);
}
