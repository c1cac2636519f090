import {
  type Heat,
  heats,
  type Kitchen,
  type Learnable,
  type Learned,
  type OwnTask,
  shredInScoop,
  usualScoops,
} from '../meal/index.ts';
import { COATS } from '../work/index.ts';
import { isOwn, OWN_TASK, paceGroup, type TaskRef } from '../day/index.ts';
import { cookedShare, findCut, type KnownCut } from '../meat/index.ts';
import { nextOf } from '../model/index.ts';
import { BROTH_TARGET } from '../pot/index.ts';
import type { Reference } from '@/reference/types.ts';

/** What was learned of one thing: as the tables have it, and as the next batch of this kitchen is likely to be. */
export interface LearnedFigure {
  readonly what: Learnable;
  /** The cut's id, the vessel with its lid, the heat with the cut; empty: the kitchen's, of all alike. */
  readonly of: string;
  readonly name: string;
  /** The cut's id, where it is of one. */
  readonly cut?: string;
  readonly heat?: Heat;
  /** "share": of the boneless raw weight or of the liquid; "g/l": of what thickens; "g" and "min"; "factor": of what is foretold. */
  readonly unit: 'share' | 'g/l' | 'g' | 'min' | 'factor';
  /** From so many batches. */
  readonly n: number;
  readonly published: number;
  readonly mean: number;
  readonly p10: number;
  readonly p90: number;
}

const units: Readonly<Partial<Record<Learnable, LearnedFigure['unit']>>> = {
  y: 'share',
  salt: 'share',
  thickness: 'g/l',
  scoop: 'g',
};

const byCut: ReadonlySet<Learnable> = new Set(['y', 'pickings', 'tender']);

/** One tenth of a normal lies further out than so many standard deviations. */
const TENTH = 1.2816;

/** What the tables have of it; undefined of a cut that they do not know. */
function publishedOf(what: Learnable, cut: KnownCut | undefined): number | undefined {
  switch (what) {
    case 'y':
      return cut && cookedShare(cut.flesh).y;
    case 'salt':
      return BROTH_TARGET;
    case 'thickness':
      return COATS;
    default:
      return 1;
  }
}

/** All that a kitchen has learned, each beside what is published; the middle is the median of the next batch. */
export function learnedFigures(
  learned: Learned,
  kitchen: Kitchen,
  reference: Reference,
): readonly LearnedFigure[] {
  return learned.figures.flatMap(({ what, of, n }): LearnedFigure[] => {
    // Of what is told apart by kinds, the kitchen's own part is no batch's.
    if (n === 0) return [];
    const heat = what === 'tender' ? heats.find((one) => of.startsWith(`${one} `)) : undefined;
    const cut = byCut.has(what)
      ? findCut(heat ? of.slice(heat.length + 1) : of, kitchen, reference)
      : undefined;
    const scoop = what === 'scoop' ? (kitchen.scoops ?? usualScoops).find(({ id }) => id === of) : undefined;
    if (what === 'scoop' && !scoop) return [];
    const minutes = what === 'task' && isOwn(of);
    const published = scoop ? shredInScoop(scoop) : minutes ? OWN_TASK : publishedOf(what, cut);
    if (published === undefined) return [];
    const vessel = kitchen.vessels.find(({ id }) => of.startsWith(`${id} `));
    const { mean, sd } = nextOf(learned, what, of, what === 'y' ? cut?.spread : undefined);
    const at = (z: number) => published * Math.exp(mean + z * sd);
    return [
      {
        what,
        of,
        name:
          scoop?.name ?? cut?.name ?? (vessel ? `${vessel.name}, lid ${of.slice(vessel.id.length + 1)}` : of),
        ...(cut && { cut: cut.id }),
        ...(heat && { heat }),
        unit: minutes ? 'min' : (units[what] ?? 'factor'),
        n,
        published,
        mean: at(0),
        p10: at(-TENTH),
        p90: at(TENTH),
      },
    ];
  });
}

/** How thick this kitchen likes its sauce, g of what thickens a litre; undefined until it has said so. */
export function likedThickness(learned: Learned | undefined): number | undefined {
  const { n, mean } = nextOf(learned, 'thickness', '');
  return n > 0 ? COATS * Math.exp(mean) : undefined;
}

/** How long a task of the day takes these hands; undefined of what was never timed here. */
export function minutesHere(
  learned: Learned | undefined,
  ref: TaskRef,
  own: readonly OwnTask[],
): { readonly minutes: number | undefined; readonly n: number } | undefined {
  const { n, mean } = nextOf(learned, 'task', paceGroup(ref, own));
  if (n === 0) return undefined;
  // The steps of a batch are planned by it already.
  return { minutes: ref.kind === 'own' ? OWN_TASK * Math.exp(mean) : undefined, n };
}
