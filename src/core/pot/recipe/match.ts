import type { Ingredient } from '@/reference/types.ts';
import type { AnyReading } from '../../quantity/index.ts';
import { namedCuts } from '../../meat/index.ts';
import { amountOfLine } from './amountOfLine.ts';
import type { RecipeLine } from './line.ts';
import { type NameTable, thingNamed } from './names.ts';
import { saysNothing, singular } from './plainWords.ts';

/** What a line may be: salt, one of the ingredients, or meat of a cut; the best first. */
export interface LineMatch {
  readonly line: RecipeLine;
  readonly kind: 'ingredient' | 'meat' | 'salt' | 'unknown';
  /** Ids of ingredients or cuts, the best first. */
  readonly found: readonly string[];
  /** Cooks call several so: they say which, however soon they go on. */
  readonly several?: true;
  /** Nobody has to look at it: every word of the line is in the name. */
  readonly sure: boolean;
  /** Of meat, where the line says it. */
  readonly bone?: 'in' | 'out';
}

interface Named {
  readonly id: string;
  readonly name: string;
}
interface NamedCut extends Named {
  /** It is a name that covers these. */
  readonly pools?: readonly string[];
}

const COUNTED = /^(berry|leaf|sprig|stick|clove|cube|canned)$/;
const MEAT = /^(beef|chuck|brisket|shank|shin|oxtail|rib|lamb|mutton|pork|veal|goat|venison|bison|blade)$/;
const NOT_MEAT = /^(stock|broth|bouillon|cube|fat|gravy|consomme)$/;

const wordsOf = (name: string) =>
  name
    .toLowerCase()
    .split(/[^\p{L}\p{N}%]+/u)
    .filter(Boolean);

/** How well a name answers to the words of a line: each word found counts, each that is too much a little against it. */
function score(words: readonly string[], name: string, preferred: boolean): number {
  const parts = wordsOf(name);
  const hits = words.filter((word) =>
    parts.some((part) => part === word || (word.length > 3 && part.startsWith(word))),
  );
  // A berry, a leaf or a sprig tells how it is counted, not what it is.
  const counts = words.filter((word) => !COUNTED.test(word) || hits.includes(word)).length;
  if (hits.length === 0) return 0;
  const fromTin = hits.includes('canned') ? 0.1 : 0;
  return (
    hits.length / Math.max(1, counts) -
    0.04 * Math.max(0, parts.length - hits.length) +
    (preferred ? 0.15 : 0) +
    fromTin
  );
}

const none = { cuts: [] as readonly string[], whole: false };
const SHOWN = 6;
/** Under this a name has too little to do with the line. */
const LEAST = 0.35;
/** Salt, of whatever kind, and with pepper beside it. */
const SALT =
  /^(?:(?:fine|coarse|flaky|flaked|kosher|sea|table|rock|iodised|iodized|himalayan|pink|good|pinch of) )*salt(?:$| and\b| &|,| to taste)/i;

/** What a line is looked up in. */
export interface Tables {
  /** The short table, preferred to the large one where both answer. */
  readonly usual: readonly Ingredient[];
  readonly large: readonly Ingredient[];
  readonly cuts: readonly NamedCut[];
  readonly names: NameTable;
}

/** Finds what a line names. */
export function matchLine(line: RecipeLine, { usual, large, cuts, names }: Tables): LineMatch {
  if (SALT.test(line.name)) return { line, kind: 'salt', found: [], sure: true };
  const says = line.words.some((word) => !saysNothing(word));
  const thing = thingNamed(line.words, names);
  if (!says && !thing) return { line, kind: 'unknown', found: [], sure: false };
  const meat = meatOf(line, cuts, thing?.left.length === 0);
  if (meat) return meat;
  const all = [...usual, ...large];
  const begun = ranked(line.words.map(singular), all, new Set(usual.map(({ id }) => id)));
  const found = [...new Set([...(thing?.ids ?? []), ...begun])].slice(0, SHOWN);
  const best = all.find(({ id }) => id === found[0]);
  if (!best) return { line, kind: 'unknown', found: [], sure: false };
  const amount = amountOfLine(line, best);
  // What is sold in tins is the same thing where it is weighed, or where its tin has a name.
  const left = (thing?.left ?? []).filter((word) => word !== 'tinned' || !inTins(best, amount));
  // Of a name that covers several the cook says which; and what has no weight yet is for the cook to settle.
  const isOne = thing?.ids.length === 1 && left.length === 0;
  const isCalledSo = thing === undefined && line.words.every((word) => saysNothing(word) || isIn(word, best));
  return {
    line,
    kind: 'ingredient',
    found,
    ...(thing && thing.ids.length > 1 && { several: true as const }),
    sure: (isOne || isCalledSo) && (amount?.ok ?? line.howMuch === undefined),
  };
}

const isIn = (word: string, { name }: Ingredient) => wordsOf(name).some((part) => part.startsWith(word));
const inTins = ({ tinned, packG, pieces }: Ingredient, amount: AnyReading | undefined) =>
  amount?.ok === true && (tinned === true || packG !== undefined || pieces?.['can'] !== undefined);

/** Of meat: the cuts that it may be. Undefined where a line names none. */
function meatOf(line: RecipeLine, cuts: readonly NamedCut[], isThing: boolean): LineMatch | undefined {
  const said = line.name;
  const { bone } = namedCuts(line.text);
  const more = namedCuts(`${said} ${line.note}`);
  const named = more.whole ? more : namedCuts(said);
  const isMade = line.words.some((word) => NOT_MEAT.test(word));
  const { cuts: meant, whole } = isMade && !named.whole ? none : named;
  const meaty = line.words.some((word) => MEAT.test(word)) && !isMade;
  if (isThing ? !whole || line.measure !== 'mass' : !meaty && !whole) return undefined;
  const others = ranked(line.words, cuts, new Set()).filter((id) => !meant.includes(id));
  // A name that covers several goes in as that, and the lot asks which; where there is no such choice it is asked here. What is not
  // weighed is no lot yet.
  const [first] = meant;
  const isPooled = cuts.find(({ id }) => id === first)?.pools !== undefined;
  const isOne = meant.length === 1 || isPooled;
  const sure = isOne && whole && line.amount !== undefined && line.measure === 'mass';
  const found = meant.length > 0 ? [...meant, ...others].slice(0, SHOWN) : others;
  return { line, kind: 'meat', found, sure, ...(isPooled && { several: true }), ...(bone && { bone }) };
}

function ranked(words: readonly string[], names: readonly Named[], preferred: ReadonlySet<string>): string[] {
  return names
    .map(({ id, name }) => ({ id, of: score(words, name, preferred.has(id)) }))
    .filter(({ of }) => of >= LEAST)
    .sort((a, b) => b.of - a.of)
    .slice(0, SHOWN)
    .map(({ id }) => id);
}
