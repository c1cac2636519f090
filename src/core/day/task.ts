import {
  type AfterWhat,
  batchTask,
  type Heat,
  type Lid,
  type Onto,
  OWN_SITTING,
  type Round,
} from '../meal/index.ts';
import type { Strand } from '../work/index.ts';
import type { Need } from './resources.ts';

/** What a task of a batch takes up or makes: its meat, a liquid by the name it stands under, an ingredient by its id, the marinade. */
export type Material = Strand | `item ${string}` | 'marinade';

/** The steps of a batch from the board to its sauce, in the order of the work. */
export const batchTaskKinds = [
  'trim',
  'toast',
  'soak',
  'blend',
  'blister',
  'chop marinade',
  'brine',
  'marinate',
  'boil marinade',
  'stand',
  'chop',
  'smoke',
  'sear',
  'pot',
  'cool',
  'pull',
  'purée',
  'strain',
  'settle',
  'chill',
  'skim',
  'reduce',
  'together',
] as const;
export type BatchTaskKind = (typeof batchTaskKinds)[number];

/** Which task: a step of a batch, a dish's plates, or one of the cook's own. */
export type TaskRef =
  | { readonly kind: BatchTaskKind; readonly batch: string }
  /** A step of the cook's own list that the usual order does not have. */
  | { readonly kind: 'after'; readonly batch: string; readonly step: string }
  | { readonly kind: 'plates' | 'boil' | 'toast rolls'; readonly dish: string }
  /** What a later sitting draws on is cooled, and reheated for it. */
  | { readonly kind: 'keep on'; readonly batch: string }
  | { readonly kind: 'reheat'; readonly batch: string; readonly sitting: string }
  /** From the kitchen that it is cooked in to where it is served, with what is cooked beside it there. */
  | {
      readonly kind: 'carry';
      readonly batch: string;
      readonly beside?: readonly string[];
      readonly sitting: string;
    }
  /** Of a sitting: into hot boxes, or packed and sent out. */
  | { readonly kind: 'boxes' | 'sent'; readonly sitting: string }
  | { readonly kind: 'own'; readonly own: string };

/** The task's name in a file: what its minutes, its pin and its being done are kept under. Nobody takes it apart. */
export function taskId(ref: TaskRef): string {
  switch (ref.kind) {
    case 'plates':
    case 'boil':
    case 'toast rolls':
      return `${ref.kind}|${ref.dish}`;
    case 'own':
      return `own|${ref.own}`;
    case 'after':
      return `${ref.batch}|after ${ref.step}`;
    case 'reheat':
    case 'carry':
      return `${ref.batch}|${ref.kind} ${ref.sitting}`;
    case 'keep on':
      return `${ref.batch}|keep on`;
    case 'boxes':
    case 'sent':
      return ref.sitting === OWN_SITTING ? ref.kind : `${ref.kind}|${ref.sitting}`;
    default:
      return batchTask(ref.batch, ref.kind);
  }
}

/** What is done in a part of a task: a code with its figures, from which words are made elsewhere. */
export type Doing =
  | { readonly what: 'trim' | 'rub' | 'into the marinade' | 'salted' | 'marinates' | 'sit out' | 'chop' }
  | { readonly what: 'heat the pan' | 'skim the scum' | 'skim on the way' }
  /** What stuck to the pan comes off with a liquid; of nothing that is poured, water. */
  | { readonly what: 'loosen'; readonly item: string | undefined }
  /** From one heat to another; a slow cooker stays where it is and is switched on. */
  | {
      readonly what: 'move';
      readonly to: Heat;
      readonly setting: 'low' | 'high' | undefined;
      readonly heavy: boolean;
    }
  | { readonly what: 'dry' | 'boil the marinade' }
  | {
      readonly what: 'toast' | 'grind' | 'soak' | 'blister' | 'peel' | 'blend' | 'sieve' | 'lift out';
      readonly names: readonly string[];
    }
  | { readonly what: 'processor' }
  | { readonly what: 'light the fire' | 'into the smoke' | 'tend the fire' }
  | { readonly what: 'sear'; readonly panfuls: number }
  | { readonly what: 'heat the oven'; readonly celsius: number | undefined }
  | { readonly what: 'soften' | 'boil down first'; readonly names: readonly string[] }
  /** Browned meat gave juices while it lay: they go in too. */
  | { readonly what: 'fill the pot'; readonly juices: boolean }
  | { readonly what: 'bring to heat' }
  | { readonly what: 'round'; readonly does: Round }
  /** A fork in the meat: the first, at the lot that is likely to be first, and those after a "not yet". */
  | { readonly what: 'look'; readonly again: boolean; readonly lot: string | undefined }
  | { readonly what: 'in' | 'out' | 'mix' | Onto; readonly item: string }
  | { readonly what: 'lid'; readonly lid: Lid }
  | { readonly what: 'tear' | 'lift' | 'cool' | 'strain' | 'settle' | 'cool fast' | 'chills' | 'reduce' }
  | { readonly what: 'pull'; readonly torn: boolean; readonly firm: boolean }
  | { readonly what: 'skim'; readonly cold: boolean }
  | { readonly what: 'after'; readonly step: AfterWhat }
  | { readonly what: 'heats through' }
  /** From the pot, out of the fridge and reheated, or cold to be reheated elsewhere. */
  | { readonly what: 'bring together'; readonly how: 'hot' | 'reheated' | 'cold' }
  | { readonly what: 'fill' | 'fill there' | 'set out'; readonly name: string; readonly count: number }
  | { readonly what: 'water on'; readonly name: string }
  /** What a dish is built on, boiled or toasted, and what is filled, baked: in so many rounds. */
  | {
      readonly what: 'boil' | 'toast rolls' | 'bake';
      readonly name: string;
      readonly count: number;
      readonly rounds: number;
    }
  /** A round is done: drained, or out of the oven. */
  | { readonly what: 'drain' | 'out of the oven'; readonly name: string }
  | { readonly what: 'hot boxes' | 'pack' | 'load' | 'on the road' | 'reheat there' }
  /** To where it is served, hot or cold. */
  | { readonly what: 'carry'; readonly cold: boolean }
  | { readonly what: 'own'; readonly words: string }
  /** It waits: hot in its liquid, hot until it is served, or back in the cold. */
  | { readonly what: 'hold'; readonly where: 'in its liquid' | 'hot' | 'in the fridge' };

/** What a part of a task is about, for its place in the picture. */
export type PartKind = 'board' | 'pan' | 'pot' | 'look' | 'rest' | 'bench' | 'broth' | 'plates' | 'own';

/** A piece of a task, at its minutes after the task's start. */
export interface Part {
  /** Tells the parts of the day from one another. */
  readonly key: string;
  readonly does: Doing;
  /** A figure beside the words, g. */
  readonly grams?: number;
  readonly kind: PartKind;
  readonly from: number;
  readonly minutes: number;
  /** How many hands it wants while it lasts. */
  readonly hands: number;
  /** Of a task of several pieces the one whose length may be written. */
  readonly sized?: true;
  /** Done, its task is over, though the task has minutes to spare after it. */
  readonly closes?: true;
  /** It may be moved so many minutes either way. */
  readonly slack?: number;
  /** Hands are there as long as this from its start, min: through it and what follows at once; 0: through the one before. */
  readonly handsMin?: number;
}

/** A task runs through once it has begun; what may wait between two pieces is two tasks. */
export interface Task {
  readonly ref: TaskRef;
  readonly id: string;
  readonly minutes: number;
  readonly parts: readonly Part[];
  readonly needs: readonly Need[];
  /** What it takes up and what stands after it, each behind its batch: what it works on is both. */
  readonly takes: readonly string[];
  readonly makes: readonly string[];
  /** The ids of the tasks that must have ended: those that made what it takes. */
  readonly after: readonly string[];
  /** The id of the task at whose end it begins: nothing may wait between them. */
  readonly follows?: string;
  /** Whose it is, by the cook's own word. */
  readonly hand?: string;
  /** The kitchen in which it is done; absent: the one where it is served. */
  readonly at?: string;
  /** It cannot wait once all that it waits for is done. */
  readonly atOnce?: true;
  /** Epoch ms: it has begun then. */
  readonly begun?: number;
  /** Minutes after its start at which the pot's lid goes on, where it has one. */
  readonly lidOn?: number;
}

export const batchOf = ({ ref }: Pick<Task, 'ref'>): string | undefined =>
  'batch' in ref ? ref.batch : undefined;
