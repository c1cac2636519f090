import { useSyncExternalStore } from 'react';
import { pendingWrites } from './memory.ts';

/** How many acts are on their way to the disk: usually none after some 50 ms. */
export const usePending = (): number => useSyncExternalStore(pendingWrites.subscribe, pendingWrites.count);
