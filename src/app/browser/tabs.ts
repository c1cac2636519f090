import { isDemo } from './db.ts';

/** Tabs of one database tell each other that they have written: what they hold in memory is then read anew. */
const channel =
  typeof BroadcastChannel === 'undefined'
    ? undefined
    : new BroadcastChannel(isDemo ? 'slow-spoon-demo' : 'slow-spoon');

export const tellOtherTabs = (): void => channel?.postMessage('written');

export function whenAnotherTabWrites(read: () => void): void {
  channel?.addEventListener('message', () => {
    read();
  });
}
