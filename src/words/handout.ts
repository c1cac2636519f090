import type { Clash, Judgement } from '@/core/handout/index.ts';
import type { Entry, Job } from '@/core/meal/index.ts';
import { capital, uncapital } from './capital.ts';
import { causeWords } from './causes.ts';
import { weighedAs } from './weighedAs.ts';
import { listed } from './listed.ts';
import { spelt } from './spelt.ts';

/** "nine jobs", "27 jobs". */
export const jobsWords = (n: number): string => `${spelt(n)} ${n === 1 ? 'job' : 'jobs'}`;

/** "Give Bram nine jobs". */
export const giveTitle = (name: string, jobs: number): string =>
  jobs === 0 ? `${name} has nothing to do that day` : `Give ${name} ${jobsWords(jobs)}`;

type Pass = NonNullable<Job['waits']>[number];
/** "wait for Nell: strain, 14:30". */
export const waitsWords = ({ who, words, at }: Pass, clock: (moment: number) => string): string =>
  `wait for ${listed(who)}: ${uncapital(words)}, ${clock(at)}`;

/** "Nell waits: 16:00". */
export const waitedWords = ({ who, at }: Pass, clock: (moment: number) => string): string =>
  `${listed(who)} ${who.length > 1 ? 'wait' : 'waits'}: ${clock(at)}`;

/** "4 of 6 caught". */
export const caughtWords = (pieces: number, count: number | undefined): string =>
  count === undefined ? 'Hold it to the codes' : `Hold still, ${pieces} of ${count} caught`;

/** "six codes in turn, three a second". */
export const codesWords = (codes: number, perSecond: number): string =>
  codes === 1 ? 'one code' : `${spelt(codes)} codes in turn, ${spelt(perSecond)} a second, in any order`;

/** What came in of a hand-back: "12 readings and 2 notes of Bram’s are in; 3 were here already." */
export function takenWords(
  name: string,
  { readings, notes, known, strange }: { readings: number; notes: number; known: number; strange: number },
): string {
  const count = (n: number, one: string) => `${spelt(n)} ${one}${n === 1 ? '' : 's'}`;
  const more = [
    ...(known > 0 ? [`${spelt(known)} ${known === 1 ? 'was' : 'were'} here already`] : []),
    ...(strange > 0
      ? [
          `${count(strange, 'reading')} of a pot that is no longer here ${strange === 1 ? 'was' : 'were'} left out`,
        ]
      : []),
  ];
  const all = [
    ...(readings > 0 || notes === 0 ? [count(readings, 'reading')] : []),
    ...(notes > 0 ? [count(notes, 'note')] : []),
  ];
  const came = `${listed(all)} of ${name}’s came in`;
  return `${capital([came, ...more].join('; '))}.`;
}

/** "Bram’s phone is 12 min behind: each reading has this clock’s time, and keeps its own." */
export const behindWords = (name: string, behindMs: number): string =>
  `${name}’s clock is ${Math.round(Math.abs(behindMs) / 60_000)} min ${behindMs > 0 ? 'behind' : 'ahead'}: each reading has the time of this clock, and keeps its own beside it.`;

/** What an entry is of: "shred", "a fork", "done". */
export function entryWords({ measures }: Pick<Entry, 'measures'>): string {
  switch (measures.what) {
    case 'flow':
    case 'sum':
      return weighedAs[measures.flow];
    case 'stock':
      return 'the pot';
    case 'check':
      return `fork: ${measures.feel}`;
    case 'done':
      return 'done';
    case 'taste':
      return `taste: ${measures.says}`;
    case 'temperature':
      return 'temperature';
    case 'mark':
      return 'boiled down to';
    case 'back':
      return 'came out again';
    case 'served':
      return 'served';
    case 'came back':
      return 'came back';
    case 'plated':
      return 'a plate';
  }
}

/** "Which is right, 7.6 kg or 6.9 kg of shred?" */
export const clashTitle = ({ entries, measures }: Pick<Clash, 'entries' | 'measures'>): string =>
  `Which is right, ${entries.map(({ value }) => value?.text ?? '').join(' or ')} of ${entryWords({ measures })}?`;

/** How the ledger judges one of two: "0.7 kg would be missing at the bench; likeliest: the large bowl weighs as much". */
export function judgedWords({ unaccounted, offG, lacks }: Judgement, { mass, volume }: Amounts): string {
  const [worst] = unaccounted;
  const short = [...(lacks.g >= 1 ? [mass(lacks.g)] : []), ...(lacks.ml >= 1 ? [volume(lacks.ml)] : [])];
  const wanting = short.length > 0 ? [`the plates want ${listed(short)} more than there is`] : [];
  if (!worst || offG < 1) return ['all that went in is accounted for', ...wanting].join('; ');
  const isMissing = worst.flow.id === 'missing';
  const [cause] = worst.causes;
  const off = `${mass(worst.grams)} ${isMissing ? 'would be missing' : 'would be too much'} at the ${worst.flow.stage}`;
  const why = cause ? [`likeliest: ${causeWords(cause, isMissing, mass)}`] : [];
  return [off, ...why, ...wanting].join('; ');
}

interface Amounts {
  readonly mass: (grams: number) => string;
  readonly volume: (ml: number) => string;
}

/** Fields as a cook calls them; what is not here goes by its own word. */
const fields: Readonly<Record<string, string>> = {
  count: 'how many',
  'amount+measure': 'amount',
  'salt+saltIn': 'salt',
  serving: 'when it is served',
  place: 'where it is served',
  from: 'which pots it draws on',
  lidOn: 'when the lid went on',
  state: 'how it was bought',
  ref: 'which it is',
  cut: 'which cut',
  level: 'how full',
};

/** "how many of soft taco", "the weight of beef shank in pot one". */
export const heldTitle = (field: readonly string[], of: string): string => {
  const said = field
    .map((key) => fields[key] ?? key.replaceAll(/[A-Z]/g, (sign) => ` ${sign.toLowerCase()}`))
    .join(', ');
  return `Which is right: ${said === '' ? 'what is written' : said}, ${of}?`;
};

/** A value as it was written. */
export function valueWords(value: unknown): string {
  if (value === null || value === undefined) return 'nothing';
  if (typeof value === 'string') return value === '' ? 'nothing' : value;
  if (typeof value === 'number' || typeof value === 'boolean') return String(value);
  if (Array.isArray(value)) return value.length === 0 ? 'none' : value.map(valueWords).join(', ');
  if (typeof value !== 'object') return '';
  if ('text' in value && typeof value.text === 'string' && value.text !== '') return value.text;
  if ('local' in value && typeof value.local === 'string') return value.local.replace('T', ' ');
  return Object.entries(value)
    .filter(([key]) => key !== 'text')
    .map(([key, one]) => (key === 'amount' || key === 'salt' ? valueWords(one) : `${key} ${valueWords(one)}`))
    .join(', ');
}
