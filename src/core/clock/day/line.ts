import type { Part } from './task.ts';

/** One line of the day. */
export interface Line extends Omit<Part, 'from' | 'slack'> {
  readonly task: string;
  readonly batch?: string;
  /** Epoch ms. */
  readonly from: number;
  readonly to: number;
  /** When its task begins. */
  readonly begins: number;
  readonly pinned: boolean;
  /** Its own length may be written: it is a task of one piece. */
  readonly single: boolean;
  /** It is held hot so long. */
  readonly held?: true;
}

export interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** A task's start and end, and where its pot gets its lid. */
export interface Placed extends Stretch {
  readonly task: string;
  readonly batch?: string;
  readonly lidOn?: number;
}

/** A thing that there is too little of, and the minutes that more of it would save. */
export interface Tight {
  readonly name: string;
  readonly savesMin: number;
}
