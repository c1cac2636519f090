import { notifyManager, QueryClient } from '@tanstack/react-query';

/** What the page holds: the open meal, and what is asked of the workers. */
export const queries = new QueryClient({
  defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false } },
});

// A field shows each key in the event that brought it: later, the caret would jump to the end.
notifyManager.setScheduler((tell) => tell());
