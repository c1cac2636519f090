import type { DayBatch, DayItem } from '../facts.ts';
import type { Milestones } from '../milestones.ts';
import type { Need } from '../resources.ts';
import type { BatchTaskKind, Doing, Material, Part, PartKind } from '../task.ts';

/** What a task takes up and what stands after it, of its batch; what it works on is both. */
export interface On {
  readonly takes: readonly Material[];
  readonly makes: readonly Material[];
}
export const on = (...these: readonly Material[]): On => ({ takes: these, makes: these });

/** The liquid of the pot, where nobody has named another. */
export const POT_LIQUID: Material = 'liquid pot';
export const itemsIn = (items: readonly Pick<DayItem, 'id'>[]): readonly Material[] =>
  items.map(({ id }): Material => `item ${id}`);

/** A task of a batch as it is planned: how long, what it needs, and what it takes and makes. */
export interface Draft extends On {
  readonly minutes: number;
  readonly parts: readonly Part[];
  readonly needs?: readonly Need[];
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

/** A board to cut on, from the start of a task. */
export const boardFor = (minutes: number): Need => ({ kind: 'board', amount: 1, from: 0, to: minutes });

/** A task of one piece that somebody does. */
export const byHand = (
  key: string,
  kind: PartKind,
  does: Doing,
  minutes: number,
  materials: On,
  more: { readonly grams?: number; readonly hands?: number; readonly needs?: readonly Need[] } = {},
): Draft => {
  const { grams, hands = 1, needs } = more;
  const part = { key, does, kind, from: 0, minutes, hands, ...(grams !== undefined && { grams }) };
  return { minutes, parts: [part], ...materials, ...(needs && { needs }) };
};

/** A task that nobody need be there for. */
export const byItself = (key: string, does: Doing, minutes: number, materials: On): Draft => ({
  minutes,
  parts: [{ key, does, kind: 'rest', from: 0, minutes, hands: 0 }],
  ...materials,
});

/** Pieces of work by one pair of hands, one after the other. */
export interface Piece {
  readonly does: Doing;
  readonly minutes: number;
  readonly grams?: number;
  /** Nobody need be there for it. */
  readonly alone?: true;
}

/** One task of several pieces, one right after the other; undefined of none. */
export function inARow(
  id: string,
  kind: PartKind,
  pieces: readonly Piece[],
  materials: On,
  more: Partial<Draft> = {},
): Draft | undefined {
  if (pieces.length === 0) return undefined;
  const whole = pieces.reduce((sum, { minutes }) => sum + minutes, 0);
  let from = 0;
  const parts = pieces.map(({ does, minutes, grams, alone }, i): Part => {
    const at = from;
    from += minutes;
    const part = {
      key: i === 0 ? id : `${id}|${i + 1}`,
      does,
      kind,
      from: at,
      minutes,
      hands: alone ? 0 : 1,
    };
    return { ...part, handsMin: i === 0 ? whole : 0, ...(grams !== undefined && { grams }) };
  });
  return { minutes: whole, parts, ...materials, ...more };
}
