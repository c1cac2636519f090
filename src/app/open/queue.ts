import { StoreCleared, storageFaultOf, type StorageFault } from '@/store/faults.ts';
import { unkeptWords } from '@/words/index.ts';
import { Refused } from '../lists/data/refused.ts';
import { watched } from '../browser/watched.ts';

/*
 * The way to the disk: every act and every read waits for the acts before it. Where the store takes nothing any more,
 * what was to be written stays here in its order until it is tried again: the page shows it, and says that it is on
 * the page alone.
 */

type Work = () => Promise<boolean>;

/** What is not on the disk: acts on their way, and acts that the store did not take, with its fault. */
export interface Unkept {
  readonly pending: number;
  readonly fault?: StorageFault;
  /** The meal that was on the page when the store was found cleared. */
  readonly meal?: string;
  /** How many acts the store did not take. */
  readonly stuck: number;
}

let tail: Promise<unknown> = Promise.resolve();
let works: Work[] = [];

/** Acts that are not on the disk, to be watched. */
export const notKept = watched<Unkept>({ pending: 0, stuck: 0 });

const tell = (changes: Partial<Unkept>): void => notKept.set({ ...notKept.now(), ...changes });

/** Whether the store takes nothing at present: then what memory holds is all there is of the last acts. */
export const isStuck = (): boolean => notKept.now().fault !== undefined;

/** The acts before are done with, one way or the other. */
export const actsBefore = (): Promise<unknown> => tail;

function queued<T>(work: () => Promise<T>): Promise<T> {
  tell({ pending: notKept.now().pending + 1 });
  const done = tail.then(work);
  tail = done.catch(() => undefined);
  return done.finally(() => tell({ pending: notKept.now().pending - 1 }));
}

/** Does something on the disk after all acts before; refuses while some of them are not kept. */
export const inOrder = <T>(work: () => Promise<T>): Promise<T> =>
  queued(() => {
    if (isStuck()) throw new Refused(`${unkeptWords(notKept.now().stuck)} That waits until they are.`);
    return work();
  });

/**
 * Brings an act to the disk after those before it.
 * @returns what the work returned; or 'stuck' if the store did not take it and it waits to be tried again
 */
export const toDisk = (work: Work): Promise<boolean | 'stuck'> =>
  queued(async () => {
    if (isStuck()) return wait(work);
    try {
      return await patiently(work);
    } catch (error) {
      const fault = storageFaultOf(error);
      if (fault === undefined) throw error;
      if (error instanceof StoreCleared) tellCleared(error.meal);
      return wait(work, fault);
    }
  });

/** How long a cut connection is left alone before it is asked again, ms. */
const RESTS = [100, 400];

/**
 * A connection that is cut under an act is opened anew by the next: only that tells whether the disk is broken, or what
 * was kept has been cleared. An act is kept whole or not at all, so it may be done again.
 */
async function patiently(work: Work, rests: readonly number[] = RESTS): Promise<boolean> {
  const [rest, ...more] = rests;
  try {
    return await work();
  } catch (error) {
    if (rest === undefined || storageFaultOf(error) !== 'broken') throw error;
    await new Promise((done) => setTimeout(done, rest));
    return patiently(work, more);
  }
}

function wait(work: Work, fault = notKept.now().fault): 'stuck' {
  works.push(work);
  tell({ stuck: works.length, ...(fault && { fault }) });
  return 'stuck';
}

/** The store has lost what it kept: what memory holds is all there is. */
export const tellCleared = (meal: string): void => tell({ fault: 'cleared', meal });

/** Lets go of what the store did not take: all of it has come to the disk another way. */
export function letGoOfStuck(): void {
  works = [];
  notKept.set({ pending: notKept.now().pending, stuck: 0 });
}

/** Tries again what the store did not take, in its order. */
export async function tryAgain(): Promise<void> {
  const again = works;
  works = [];
  notKept.set({ pending: notKept.now().pending, stuck: 0 });
  await Promise.all(again.map(toDisk));
}
