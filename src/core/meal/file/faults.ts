import type { ZodError } from 'zod';
import { quoted } from '../../quantity/index.ts';

/** What stands in the lists of a file, as a kitchen calls one of them. */
const oneOf: Readonly<Record<string, string>> = {
  batches: 'pot',
  dishes: 'dish',
  lots: 'lot',
  items: 'line of the pot',
  entries: 'reading',
  cook: 'phase of the cook',
  steps: 'step before the pan',
  after: 'step once it is tender',
  vessels: 'vessel',
  heatSources: 'source of heat',
  scoops: 'scoop',
  cuts: 'own cut',
  ingredients: 'own ingredient',
  tasks: 'own task',
};
/** Names of fields that are not words by themselves. */
const called: Readonly<Record<string, string>> = {
  lo: 'figure',
  hi: 'larger figure',
  id: 'name in the file',
  ref: 'ingredient',
  at: 'moment',
  per: 'composition',
  widthCm: 'width',
  lengthCm: 'length',
  heightCm: 'height',
  bottomCm: 'width at the bottom',
  longestCm: 'longest piece',
  lidCm: 'height of the lid',
  brimMl: 'volume',
  tareG: 'empty weight',
  altitudeM: 'height above the sea',
  shopHas: 'weight that the shop has',
  to: 'volume to boil down to',
  lidOn: 'moment of the lid',
};
const plainWords = (key: string) =>
  called[key] ?? key.replaceAll(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`);

/** Where in the file it is, from the inside out: "the weight of lot 2 of pot 1". */
function placeWords(path: readonly PropertyKey[]): string {
  const parts: string[] = [];
  for (let i = 0; i < path.length; i += 1) {
    const key = String(path[i]);
    const next = path[i + 1];
    if (typeof next === 'number') {
      parts.push(`${oneOf[key] ?? plainWords(key)} ${next + 1}`);
      i += 1;
    } else parts.push(`the ${plainWords(key)}`);
  }
  if (parts.length === 0) return 'the file as a whole';
  return parts
    .reverse()
    .slice(0, PARTS)
    .map((part) => part.slice(0, 60))
    .join(' of ');
}
/** More of a path than this helps nobody to find it. */
const PARTS = 4;

function shown(value: unknown): string {
  if (typeof value === 'string') return quoted(value);
  if (Array.isArray(value)) return 'a list';
  if (typeof value === 'object' && value !== null) return 'a record';
  return typeof value === 'number' || typeof value === 'boolean' ? String(value) : 'empty';
}

const kinds: Readonly<Record<string, string>> = {
  number: 'a number',
  int: 'a whole number',
  string: 'a text',
  array: 'a list',
  object: 'a record',
  record: 'a record',
  boolean: 'yes or no',
};

type Issue = ZodError['issues'][number];

/** What is wrong with a value, to be read after its place. */
function whyWords(issue: Issue, value: unknown): string {
  if (value === undefined) return 'is missing';
  switch (issue.code) {
    case 'unrecognized_keys':
      return `has ${issue.keys.slice(0, 3).map(quoted).join(' and ')}, which is not known here`;
    case 'invalid_type':
      return `is ${shown(value)}, and ${kinds[issue.expected] ?? 'something else'} belongs there`;
    case 'too_big':
      return tooMuch(issue.origin, value, Number(issue.maximum));
    case 'too_small':
      return tooLittle(issue.origin, value, Number(issue.minimum));
    case 'invalid_value':
      return `is ${shown(value)}, and only ${issue.values.slice(0, 8).map(String).join(', ')} ${issue.values.length === 1 ? 'is' : 'are'} known`;
    case 'custom':
    case 'invalid_format':
      return `is ${shown(value)}: ${issue.message}`;
    default:
      return `is ${shown(value)}, which cannot be there`;
  }
}

const tooMuch = (origin: string, value: unknown, most: number) =>
  origin === 'string'
    ? `is longer than ${most} letters`
    : origin === 'array'
      ? `has more than ${most} of them`
      : `is ${shown(value)}, and at most ${most} can be read`;
const tooLittle = (origin: string, value: unknown, least: number) =>
  origin === 'string'
    ? 'is empty'
    : origin === 'array'
      ? `has fewer than ${least} of them`
      : `is ${shown(value)}, and at least ${least} can be read`;

/**
 * The first thing that the schema does not like, with its place and its value, in one sentence.
 * @param what is read, as the sentence begins
 */
export function firstFault(error: ZodError, json: unknown, what = 'This file'): string {
  const [issue] = error.issues;
  if (!issue) return `${what} does not hold a meal.`;
  let value: unknown = json;
  for (const key of issue.path)
    value = typeof value === 'object' ? (value as Record<PropertyKey, unknown> | null)?.[key] : undefined;
  return `${what} cannot be read: ${placeWords(issue.path)} ${whyWords(issue, value)}.`;
}
