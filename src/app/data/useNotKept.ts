import { useSyncExternalStore } from 'react';
import { notKept, type Unkept } from './queue.ts';

/** What is not on the disk: usually nothing after some 50 ms. */
export const useNotKept = (): Unkept => useSyncExternalStore(notKept.subscribe, notKept.now);
