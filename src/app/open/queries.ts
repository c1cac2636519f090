import { notifyManager, QueryClient } from '@tanstack/react-query';

/** What the page holds: the open meal, and what is asked of the workers. */
export const queries = new QueryClient({
  defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false } },
});

let waiting: (() => void)[] = [];
let isQuiet = false;

// A field shows each key in the event that brought it: later, the caret would jump to the end.
notifyManager.setScheduler((tell) => {
  if (isQuiet) waiting.push(tell);
  else {
    tellWaiting();
    tell();
  }
});

function tellWaiting(): void {
  const telling = waiting;
  waiting = [];
  for (const tell of telling) tell();
}

/** The longest that a screen waits for the disk, ms. */
const PATIENCE = 60;

/**
 * Changes what the page holds and lets the screens draw it once it is written, so that a figure is durable before any
 * time goes into its picture; where the disk is slow they draw it all the same.
 */
export function drawnOnceWritten(hold: () => void, written: Promise<unknown>): void {
  isQuiet = true;
  try {
    hold();
  } finally {
    isQuiet = false;
  }
  const late = new Promise((resolve) => setTimeout(resolve, PATIENCE));
  void Promise.race([written, late]).then(tellWaiting, tellWaiting);
}
