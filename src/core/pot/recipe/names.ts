import { plainWords, saysNothing } from './plainWords.ts';

/** Ids, the usual one first, and what cooks call them, with "|" between. */
export type NameTable = readonly (readonly [ids: string, names: string])[];

export interface NamedThing {
  /** The usual one first. */
  readonly ids: readonly string[];
  /** Words of it that the name has not and that may say something: none, and nobody has to be asked. */
  readonly left: readonly string[];
}

interface Index {
  readonly whole: ReadonlyMap<string, readonly string[]>;
  /** The most words of a name. */
  readonly longest: number;
}
const indices = new WeakMap<NameTable, Index>();

function indexOf(table: NameTable): Index {
  const before = indices.get(table);
  if (before) return before;
  const whole = new Map(
    table.flatMap(([ids, names]) =>
      names.split('|').map((name) => [plainWords(name).join(' '), ids.split(' ')] as const),
    ),
  );
  const longest = Math.max(0, ...[...whole.keys()].map((name) => name.split(' ').length));
  const made = { whole, longest };
  indices.set(table, made);
  return made;
}

/**
 * The thing that words name: by the longest name that stands in them, as they are or without what only tells how it is cut; of
 * two as long the last ("beef stock cube" is a cube). Undefined where no name does.
 */
export function thingNamed(words: readonly string[], table: NameTable): NamedThing | undefined {
  const { whole, longest } = indexOf(table);
  const said = words.filter((word) => !saysNothing(word));
  // However it was said that it is tinned: "2 tins plum tomatoes", "plum tomatoes, canned".
  const inTin = said.includes('tinned') ? ['tinned', ...said.filter((word) => word !== 'tinned')] : said;
  for (let n = Math.min(longest, words.length); n > 0; n -= 1) {
    for (const some of [words, inTin, said]) {
      for (let at = some.length - n; at >= 0; at -= 1) {
        const ids = whole.get(some.slice(at, at + n).join(' '));
        if (!ids) continue;
        const left = [...some.slice(0, at), ...some.slice(at + n)].filter((word) => !saysNothing(word));
        return { ids, left };
      }
    }
  }
  return undefined;
}

/** Ids of what is called by names that hold each of these words, as they are begun: while somebody types. */
export function namesBegun(words: readonly string[], table: NameTable, most: number): readonly string[] {
  const said = words.filter((word) => !saysNothing(word));
  const asked = said.length > 0 ? said : words;
  if (asked.length === 0) return [];
  const found = [...indexOf(table).whole]
    .filter(([name]) => {
      const parts = name.split(' ');
      return asked.every((word) => parts.some((part) => part.startsWith(word)));
    })
    .toSorted(
      ([a], [b]) =>
        Number(b.startsWith(asked[0] ?? '')) - Number(a.startsWith(asked[0] ?? '')) || a.length - b.length,
    );
  return [...new Set(found.flatMap(([, ids]) => ids))].slice(0, most);
}
