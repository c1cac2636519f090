/** A noun's own two forms: "one taco", "two tacos". */
export interface Noun {
  readonly one: string;
  readonly many: string;
}

/** A noun whose many is its one with an s. */
export const noun = (one: string, many = `${one}s`): Noun => ({ one, many });

/** Whether it is spoken of as one: 1 alone; 0 and 1.5 are many. */
export const isOne = (n: number): boolean => n === 1;
/** The form that goes with a number. */
export const formOf = (n: number, { one, many }: Noun): string => (isOne(n) ? one : many);
/** "1 plate", "3 plates". */
export const counted = (n: number, of: Noun): string => `${n} ${formOf(n, of)}`;
/** What goes with a number: "is" or "are", "goes" or "go". */
export const agrees = (n: number, one: string, many: string): string => (isOne(n) ? one : many);

/** Where the head of a name ends: "long rolls with gravy", "plates of pasta", "shoulder, bone in". */
const BEHIND = / (?:with|of|in|on|and|for|from|under|over) |,/;
/** One of what a word names as many; the word itself where it names one, or a stuff. */
const oneOf = (word: string): string =>
  word
    .replace(/(?<=^.{1,2})ies$/i, 'ie')
    .replace(/(?<=.{3})ies$/i, 'y')
    .replace(/(?<=ch|sh|x|ss)es$/i, '')
    .replace(/(?<=o)es$/i, '')
    .replace(/(?<=(?:lea|hal|loa))ves$/i, 'f')
    .replace(/(?<![sui])s$/i, '');

/** Both forms of a name that stands for many, as dishes and some cuts are called: its head decides, whatever follows it. */
export function nounOf(name: string): Noun {
  const at = BEHIND.exec(name)?.index ?? name.length;
  const head = name.slice(0, at);
  // "burritos or bowls": each of them.
  const one = head
    .split(' or ')
    .map((part) => part.replace(/\S+$/, oneOf))
    .join(' or ');
  return { one: one + name.slice(at), many: name };
}
/** Whether a name is spoken of as many: "short ribs give", "shank gives". */
export const isMany = (name: string): boolean => nounOf(name).one !== name;

export const PLATE = noun('plate');
export const SERVING = noun('serving');
