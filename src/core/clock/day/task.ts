/** What a part of a task is about, for its place in the picture. */
export type PartKind = 'board' | 'pan' | 'pot' | 'look' | 'rest' | 'bench' | 'broth' | 'plates' | 'own';

/** A piece of a task, at its minutes after the task's start. */
export interface Part {
  readonly key: string;
  readonly words: string;
  /** A figure beside the words: grams, or what is counted. */
  readonly grams?: number;
  readonly count?: string;
  readonly kind: PartKind;
  readonly from: number;
  readonly minutes: number;
  /** How many hands it wants while it lasts. */
  readonly hands: number;
  /** It may be moved so many minutes either way. */
  readonly slack?: number;
}

/** What a task holds, from and to minutes after its start: one of these, so much of it. */
export interface Need {
  readonly anyOf: readonly string[];
  readonly amount: number;
  readonly from: number;
  readonly to: number;
  readonly setting?: number;
}

/** A task runs through once it has begun; what may wait between two pieces is two tasks. */
export interface Task {
  readonly id: string;
  readonly batch?: string;
  readonly minutes: number;
  readonly parts: readonly Part[];
  readonly needs: readonly Need[];
  /** The tasks that must have ended, or may still run so many minutes into it. */
  readonly after: readonly { readonly task: string; readonly lead: number }[];
  /** Epoch ms: it has begun then. */
  readonly begun?: number;
  /** Minutes after its start at which the pot's lid goes on, where it has one. */
  readonly lidOn?: number;
}

export const NO_NEEDS: readonly Need[] = [];

/** A task of one piece that somebody does. */
export function handsOn(
  id: string,
  kind: PartKind,
  words: string,
  minutes: number,
  more: Partial<Omit<Task, 'parts' | 'minutes'>> & Pick<Part, 'grams' | 'count'> & { hands?: number } = {},
): Task {
  const { grams, count, hands = 1, ...rest } = more;
  return {
    id,
    minutes,
    needs: NO_NEEDS,
    after: [],
    ...rest,
    parts: [
      {
        key: id,
        words,
        kind,
        from: 0,
        minutes,
        hands,
        ...(grams !== undefined && { grams }),
        ...(count !== undefined && { count }),
      },
    ],
  };
}
