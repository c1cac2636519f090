import { useEffect, useRef, useState } from 'react';
import type { Course } from '@/store/backup/save.ts';

interface Running {
  readonly words: string;
  readonly done: number;
  readonly of: number;
}

/** Something that takes its time: how far it has come, and how it is broken off. It ends with the page. */
export function useCourse() {
  const [running, setRunning] = useState<Running>();
  const controller = useRef<AbortController>(undefined);
  useEffect(() => () => controller.current?.abort(), []);
  /** @returns what the work gave, or undefined if it was broken off */
  const run = async <T>(words: string, work: (course: Course) => Promise<T>): Promise<T | undefined> => {
    const mine = new AbortController();
    controller.current = mine;
    setRunning({ words, done: 0, of: 1 });
    try {
      return await work({
        signal: mine.signal,
        told: (done, of) => setRunning({ words, done, of }),
      });
    } catch (error) {
      if (mine.signal.aborted) return undefined;
      throw error;
    } finally {
      setRunning(undefined);
    }
  };
  return { running, run, cancel: () => controller.current?.abort() };
}
