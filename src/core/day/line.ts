import type { Resource } from './resources.ts';
import type { Part, TaskRef } from './task.ts';

/** One line of the day. */
export interface Line extends Omit<Part, 'from' | 'slack' | 'handsMin'> {
  readonly ref: TaskRef;
  /** The name of its task in a file. */
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
}

export interface Interval {
  readonly from: number;
  readonly to: number;
}

/** A task's start and end, and where its pot gets its lid. */
export interface Placed extends Interval {
  readonly ref: TaskRef;
  readonly lidOn?: number;
}

/** What there is too little of, and the minutes that more of it would save. */
export interface Tight {
  readonly of: Resource | 'hands';
  readonly savesMin: number;
}
