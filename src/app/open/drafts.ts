import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { db } from '../browser/db.ts';
import { actsBefore, inOrder } from './queue.ts';

/*
 * What is typed and not entered yet: one row a field, written with each key, so that a crash brings it back to its
 * field. It goes once the entry that it became is on the disk.
 */

export interface Draft {
  /** What stands in the field was brought back, and is not entered yet. */
  readonly isBack: boolean;
  /** Keeps what is typed. */
  readonly keep: (text: string) => void;
  /** What stood there has been entered: the draft goes behind the act that did it. */
  readonly drop: () => void;
}

// A store that takes no acts takes no drafts; that it does not is told by the acts.
const quietly = (work: () => Promise<unknown>): void => {
  inOrder(work).catch(() => undefined);
};

/**
 * The draft of a field, which is brought back to it once, as long as nobody has typed there since.
 * @param id names the field among all of all meals; undefined: it keeps none
 */
export function useDraft(id: string | undefined, stored: string, type: (text: string) => void): Draft {
  const kept = useRef(false);
  const [isBack, setIsBack] = useState(false);
  const drop = () => {
    setIsBack(false);
    if (id === undefined || !kept.current) return;
    kept.current = false;
    quietly(() => db.drafts.delete(id));
  };
  const bringBack = useEffectEvent((text: string) => {
    if (kept.current) return;
    kept.current = true;
    if (text === stored) {
      drop();
      return;
    }
    setIsBack(true);
    type(text);
  });
  useEffect(() => {
    if (id === undefined) return;
    let left = false;
    const look = async () => {
      await actsBefore();
      const row = await db.drafts.get(id);
      if (!left && row) bringBack(row.text);
    };
    look().catch(reportError);
    return () => {
      left = true;
    };
  }, [id]);
  const keep = (text: string) => {
    setIsBack(false);
    if (id === undefined) return;
    kept.current = true;
    quietly(() => db.drafts.put({ id, text }));
  };
  return { isBack, keep, drop };
}
