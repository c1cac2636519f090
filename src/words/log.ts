import type { Became, Heat, Learnable, LeftThing, Verdict } from '@/core/meal/index.ts';
import type {
  NoPast,
  CutStory,
  Digest,
  LearnedFigure,
  Logged,
  LogOrder,
  QuizKind,
  SlabPart,
} from '@/core/log/index.ts';
import { shredOf } from '@/core/log/index.ts';
import { quoted } from '@/core/quantity/index.ts';
import { capital } from './capital.ts';
import { isMany } from './nouns.ts';

/** A share in whole per cent, and in halves where the two would read the same. */
export const percent = (share: number): string => `${String(Math.round(100 * share))} %`;

/** A cut by its first word: "Shank", of "beef shank, crosscuts". */
export function cutShort(name: string): string {
  const [first = name] = name.split(',');
  const words = first.trim().split(' ');
  return capital((words.length > 1 ? words.slice(1) : words).join(' ').toLowerCase());
}

/** What a sheet of the log is headed with: what this kitchen gets, beside what is published. */
export function storyTitle(story: CutStory | undefined): string {
  if (!story) return 'Nothing has been cooked yet';
  const name = cutShort(story.name);
  const [here, there] = [percent(story.now.mean), percent(story.published.mean)];
  const gives = isMany(name) ? 'give' : 'gives';
  if (story.n === 0) return `${name} should give ${there}`;
  return here === there
    ? `${name} ${gives} about ${here} here, as published`
    : `${name} ${gives} about ${here} here, not ${there.slice(0, -2)}`;
}

/** From how many batches a range is. */
export const fromBatches = (n: number): string =>
  n === 0 ? 'from the tables alone' : `from ${n === 1 ? 'one batch' : `${String(n)} batches`} here`;

export const verdictWords: Readonly<Record<Verdict, string>> = {
  short: 'it ran short',
  'just enough': 'just enough',
  over: 'some was over',
};

export const leftThingWords: Readonly<Record<LeftThing, string>> = {
  shred: 'the shred left',
  liquid: 'the broth',
  fat: 'the fat',
  vegetables: 'the vegetables',
  bones: 'what was picked out',
};

export const becameWords: Readonly<Record<Became, string>> = {
  shelf: 'on the shelf',
  eaten: 'eaten',
  'poured away': 'poured away',
  bin: 'in the bin',
  compost: 'on the compost',
  pets: 'to the pets',
  stock: 'in the next stock',
  'nothing left': 'nothing left',
};

export const orderWords: Readonly<Record<LogOrder, string>> = {
  'latest first': 'latest first',
  'oldest first': 'oldest first',
  'best yield': 'highest yield',
  'worst yield': 'lowest yield',
  'most liked': 'most liked',
  'most meat': 'most meat',
};

const heats: Readonly<Record<Heat, string>> = {
  oven: 'oven',
  stove: 'stove',
  'slow cooker': 'slow cooker',
  smoker: 'smoker',
};

const learnedWords: Readonly<Record<Learnable, string>> = {
  y: 'cooked, of raw without bone',
  pickings: 'picked out',
  steam: 'steam',
  held: 'liquid held by solids',
  skim: 'fat skimmed',
  tender: 'time to tender',
  reduce: 'boiling down',
  cooling: 'cooling',
  pull: 'pulling and picking',
  skimming: 'skimming by spoon',
  task: 'minutes',
  scoop: 'shred in a scoop',
  soak: 'liquid the dressed meat holds',
  salt: 'salt you like in the broth',
  thickness: 'how thick you like it',
};

/** How the file tells the cook's own tasks from the steps. */
const OWN = 'own ';
const taskWords: Readonly<Record<string, string>> = {
  trim: 'trimming',
  toast: 'toasting and grinding',
  blend: 'blending and sieving',
  blister: 'blistering and peeling',
  chop: 'chopping',
  sear: 'browning',
  strain: 'straining',
  plates: 'filling plates',
};

/** One learned figure in words: what it is, and of what; empty where it is of all alike. */
export function learnedName({ what, name, heat }: LearnedFigure): {
  readonly what: string;
  readonly of: string;
} {
  const of =
    what !== 'task' ? name : name.startsWith(OWN) ? name.slice(OWN.length) : (taskWords[name] ?? name);
  return { what: learnedWords[what], of: [of.toLowerCase(), heat && heats[heat]].filter(Boolean).join(', ') };
}

/** Its value: a share in per cent, a factor in per cent more or less than foretold. */
export function learnedValue(
  { unit }: Pick<LearnedFigure, 'unit'>,
  value: number,
  mass: (grams: number) => string,
): string {
  if (unit === 'g') return mass(value);
  if (unit === 'min') return `${value.toFixed(0)} min`;
  if (unit === 'share') return `${(100 * value).toFixed(value < 0.05 ? 2 : 0)} %`;
  if (unit === 'g/l') return `${value.toFixed(0)} g a litre`;
  const more = Math.round(100 * (value - 1));
  return more === 0 ? 'as expected' : `${more > 0 ? '+' : '−'}${String(Math.abs(more))} %`;
}

export const slabWords: Readonly<Record<SlabPart, string>> = {
  shred: 'shred',
  juice: 'juice and fat',
  pickings: 'picked',
  bone: 'bone',
};

/** As how many pieces a lot is drawn. */
export const drawnLotWords = (n: number, kind: 'cross-cut' | 'piece'): string =>
  kind === 'cross-cut'
    ? n === 1
      ? 'one slice'
      : `${String(n)} slices`
    : n === 1
      ? 'one piece'
      : `${String(n)} pieces`;

/** So near nobody sees it, g. */
const RIGHT_G = 15;

/** The part of a lot that was guessed worst. */
export function missedWords(part: SlabPart, offG: number, mass: (grams: number) => string): string {
  const what = { shred: 'shred', juice: 'juice and fat', pickings: 'membrane', bone: 'bone' }[part];
  if (Math.abs(offG) < RIGHT_G) return 'You saw it all';
  return offG < 0 ? `You missed ${mass(-offG)} of ${what}` : `You saw ${mass(offG)} of ${what} too much`;
}

interface Says {
  readonly mass: (grams: number) => string;
  readonly volume: (ml: number) => string;
  readonly minutes: (minutes: number) => string;
}

export const quizWords = {
  'a lot': { next: 'Next lot' },
  'a plate': { next: 'Next plate' },
  'a pot': {
    next: 'Next pot',
    about: ({ vessel, heat, minutes, name }: Digest, { minutes: said }: Says): string =>
      [name, vessel, heat, minutes && said(minutes.took)].filter(Boolean).join(', '),
  },
} as const;

/** What a sheet of practice is headed with: what is asked, or how far the guess was off. */
export function eyeTitle(what: QuizKind, off?: number, write?: (value: number) => string): string {
  if (off === undefined || !write)
    return {
      'a lot': 'What will this lot give?',
      'a plate': 'What does this plate weigh?',
      'a pot': 'How much will be left?',
    }[what];
  if (Math.abs(off) < 1) return 'To the gram';
  return `${write(Math.abs(off))} too ${off > 0 ? 'much' : 'little'}`;
}

/** Less than this was found where it had fallen, of what was to be shredded. */
const NEAR = 0.05;

/** What went wrong the last time, for the notes of the next; empty where nothing did. */
export function lastTimeWords(digest: Logged, mass: (grams: number) => string): string {
  const { closed, weighed } = digest;
  const { plannedG, shredG } = shredOf(digest);
  const by = closed?.by === undefined || closed.by === 0 ? '' : ` by ${String(closed.by)}`;
  const said = [
    closed?.verdict === 'short' ? `it ran short${by}` : '',
    closed?.verdict === 'over' ? `it was too much${by}` : '',
    weighed && shredG < (1 - NEAR) * plannedG
      ? `${mass(plannedG - shredG)} less shred than the tables say`
      : '',
    closed?.noTime === undefined ? '' : `no time for ${closed.noTime}`,
  ].filter((one) => one !== '');
  return said.length === 0 ? '' : `Last time: ${said.join(', ')}.`;
}

/** Why a row of a table is no past cook. */
export function noPastWords(why: NoPast): string {
  switch (why.what) {
    case 'no day':
      return `${quoted(why.text)} is no day; write 2026-03-09 or 9.3.2026.`;
    case 'no cut':
      return `${quoted(why.text)} is no cut that is known here.`;
    case 'which cut':
      return `${quoted(why.text)} may be ${why.among
        .slice(0, 3)
        .map(({ name }) => name)
        .join('; ')}${why.among.length > 3 ? ' or another' : ''}: say which.`;
    case 'two readings':
      return `${quoted(why.text)} is read in two ways; write it without the sign for thousands, or with fewer digits behind the point.`;
    case 'parts are more':
      return `Bone, pickings and shred (${why.parts}) are more than the raw meat (${why.raw}).`;
    case 'too long':
      return `${quoted(why.text)} is too long to be an amount.`;
    case 'unread':
      return why.error;
    case 'no raw weight':
      return 'There is no raw weight.';
    case 'no weight':
      return `${quoted(why.text)} is no weight of meat.`;
    case 'more than the meat':
      return `${quoted(why.text)} of ${why.of} is more than the ${quoted(why.raw)} of meat.`;
    case 'no plates':
      return `${quoted(why.text)} is not a number of plates.`;
    case 'no verdict':
      return `${quoted(why.text)} is none of “short”, “just enough” and “over”.`;
    case 'teaches nothing':
      return 'Nothing was weighed, and no plates are counted as short or over: it would teach nothing.';
  }
}
