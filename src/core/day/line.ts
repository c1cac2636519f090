import type { Resource } from './resources.ts';
import type { Part, TaskRef } from './task.ts';

/** One line of the day. */
export interface Line extends Omit<Part, 'from' | 'slack' | 'handsMin' | 'closes' | 'sized'> {
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
  /** Ids of those who do it, where hands have names. */
  readonly who?: readonly string[];
  /** Its own length may be written: it is a task of one piece. */
  readonly single: boolean;
  /** Done, its task is: of a task of several pieces the one that it ends with. */
  readonly ends: boolean;
}

export interface Interval {
  readonly from: number;
  readonly to: number;
}

/** A task's start and end, what it takes and makes, and where its pot gets its lid. */
export interface Placed extends Interval {
  readonly ref: TaskRef;
  readonly takes: readonly string[];
  readonly makes: readonly string[];
  readonly lidOn?: number;
}

/** What there is too little of, and the minutes that more of it would save. */
export interface Tight {
  readonly of: Resource | 'hands';
  readonly savesMin: number;
}

/** What hands do to a pot that is on the heat, beside a fork and the lifting: what goes in and comes out, turns, its lid, its heat. */
export const isAtPot = ({ ref, hands, does, from, begins }: Line): boolean =>
  ref.kind === 'pot' && hands > 0 && from > begins && !beforeOrLast.has(does.what);
const beforeOrLast = new Set<Line['does']['what']>([
  'soften',
  'boil down first',
  'fill the pot',
  'look',
  'lift',
  'lift out',
  'hold',
]);

/** What a piece's being done is kept under: some pieces bear the name of their task. */
export const pieceDone = (key: string): string => `piece|${key}`;

/** What a line's being done is kept under: its task's name where that ends with it, else its own. */
export const doneAs = ({ ends, task, key }: Pick<Line, 'ends' | 'task' | 'key'>): string =>
  ends ? task : pieceDone(key);

/** What stands by itself until the next act: nobody does it, and nothing has to be put anywhere for it. */
export const isRest = ({ hands, does }: Line): boolean => hands === 0 && rests.has(does.what);
const rests = new Set<Line['does']['what']>(['hold', 'heats through', 'cool']);

/** Hours that pairs of hands are at it, two at once counted twice. */
export const handsHours = (lines: readonly Pick<Line, 'hands' | 'minutes'>[]): number =>
  lines.reduce((sum, { hands, minutes }) => sum + hands * minutes, 0) / 60;

/** Until when somebody's hands are on something at a moment, epoch ms; undefined where they are free. */
export const busyUntil = (lines: readonly Line[], who: string, now: number): number | undefined =>
  lines.find((line) => line.hands > 0 && line.from <= now && line.to > now && line.who?.includes(who))?.to;
