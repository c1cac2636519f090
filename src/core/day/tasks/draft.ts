import type { DayBatch } from '../facts.ts';
import type { Milestones } from '../milestones.ts';
import type { Need } from '../resources.ts';
import type { BatchTaskKind, Doing, Part, PartKind } from '../task.ts';

/** A task of a batch as it is planned: how long, what it needs, and what it waits for. */
export interface Draft {
  readonly minutes: number;
  readonly parts: readonly Part[];
  readonly needs?: readonly Need[];
  /** Each of these must have ended: of several in one row, the first that the batch has. */
  readonly after: readonly (BatchTaskKind | readonly BatchTaskKind[])[];
  /** It begins as that one ends: nothing may wait between them. */
  readonly follows?: BatchTaskKind;
  /** It cannot wait once all that it waits for is done. */
  readonly atOnce?: true;
  readonly begun?: number;
  readonly lidOn?: number;
}

/** One step of a batch. */
export interface BatchTask {
  /** Undefined where the batch does not ask for it. */
  readonly draft: (batch: DayBatch, id: string, hands: number) => Draft | undefined;
  /** Whether it is over by how far the batch has come, ticked or not. */
  readonly over: (batch: Milestones) => boolean;
}

/** Before the meat is in a hot pot. */
export const beforeTheLid = ({ hot }: Milestones): boolean => hot;

/** What is done by hand, as a part of a task or as one of its own. */
export type Step = Omit<Part, 'from' | 'slack'>;

/** A task of one piece that somebody does. */
export const byHand = (
  key: string,
  kind: PartKind,
  does: Doing,
  minutes: number,
  after: Draft['after'],
  more: { readonly grams?: number; readonly hands?: number; readonly needs?: readonly Need[] } = {},
): Draft => {
  const { grams, hands = 1, needs } = more;
  const part = { key, does, kind, from: 0, minutes, hands, ...(grams !== undefined && { grams }) };
  return { minutes, parts: [part], after, ...(needs && { needs }) };
};

/** A task that nobody need be there for. */
export const byItself = (key: string, does: Doing, minutes: number, after: Draft['after']): Draft => ({
  minutes,
  parts: [{ key, does, kind: 'rest', from: 0, minutes, hands: 0 }],
  after,
});
