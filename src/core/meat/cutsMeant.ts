import { namedCuts } from './namedCuts.ts';

interface Named {
  readonly id: string;
  readonly name: string;
}

/** Words that name no cut. */
const EMPTY = new Set(['a', 'an', 'the', 'of', 'with', 'on', 'in', 'and', 'its', 'for', 'raw', 'meat']);

const wordsOf = (text: string): readonly string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}\d]+/u)
    .filter((word) => word !== '')
    .map((word) => word.replace(/(?<=[^s]{3})s$/, ''));

/**
 * Cuts that a text may mean, by what cooks call them or by the words of their names: one alone where it is the only one, or is
 * called just so.
 */
export function cutsMeant<T extends Named>(text: string, all: readonly T[]): readonly T[] {
  const words = wordsOf(text).filter((word) => !EMPTY.has(word));
  if (words.length === 0) return [];
  const plain = text.trim().toLowerCase();
  const exact = all.find(({ id, name }) => id === plain || name.toLowerCase() === plain);
  if (exact) return [exact];
  const { cuts: named, whole } = namedCuts(text);
  if (whole) return named.flatMap((cut) => all.find(({ id }) => id === cut) ?? []);
  // By whole words: the “a” of “lamb” names no lamb.
  const meant = all.filter(({ id, name }) => {
    const there = new Set(wordsOf(`${id} ${name}`));
    return words.every((word) => there.has(word));
  });
  const called = meant.filter(({ name }) => {
    const head = new Set(wordsOf(name.split(',')[0] ?? name));
    return head.size === new Set(words).size && words.every((word) => head.has(word));
  });
  if (called.length === 1) return called;
  return meant.length > 0 ? meant : begun(words, all);
}

/** Those with a name of which each word is begun so: "beef bri". */
const begun = <T extends Named>(words: readonly string[], all: readonly T[]): readonly T[] =>
  all.filter(({ name }) => words.every((word) => wordsOf(name).some((part) => part.startsWith(word))));
