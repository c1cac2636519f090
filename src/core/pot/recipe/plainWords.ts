/** Words as names are looked up by: small, without accents, one for one and many, one spelling of what has several. */
const SPELLINGS: readonly (readonly [RegExp, string])[] = [
  [/\bchil(?:e|es|i|is|ies|lies)\b/g, 'chilli'],
  [/\b(?:tin|tins|can|cans|canned)\b/g, 'tinned'],
  [/\b(?:mould|moulds)\b/g, 'mould'],
  [/\bwhole ?grain\b/g, 'wholegrain'],
  // "Pepper" behind a chilli's own name says nothing, nor does "dried" before one that is always so.
  [
    /\b(ancho|guajillo|pasilla|arbol|mulato|cascabel|chipotle|jalapeno|serrano|poblano|habanero|fresno|bonnet)s? (?:chilli )?peppers?\b/g,
    '$1',
  ],
  [/\bdried (?=(?:ancho|guajillo|pasilla|arbol|mulato|cascabel)\b)/g, ''],
];

/** One of many: "leaves", "tomatoes", "berries", "onions". Names are put through it too, so that it need be no English. */
export const singular = (word: string): string =>
  word
    .replace(/(?<=lea|hal|loa)ves$/, 'f')
    .replace(/(?<=ch|sh|x)es$/, '')
    .replace(/(?<=[a-z]{2})oes$/, 'o')
    .replace(/(?<=[a-z]{2})ies$/, 'y')
    .replace(/(?<=[a-z]{2})(?<![su])s$/, '');

/** The words of a text, plain: letters and figures alone. */
export function plainWords(text: string): readonly string[] {
  const small = text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[^\p{L}\p{N}%]+/gu, ' ');
  return SPELLINGS.reduce((words, [from, to]) => words.replace(from, to), small)
    .split(' ')
    .filter(Boolean)
    .map(singular);
}

/** What tells how it is cut, how good it is or how much of it there is, and never what it is. */
const BESIDE = new Set(
  plainWords(
    `of a an the x in on for with and or plus as to at from about approximately roughly around
    large medium small big fat thick thin long plump heaped heaping level generous scant packed loosely lightly
    good quality best fresh freshly whole ripe raw unpeeled organic free range homemade home made shop bought store
    chopped sliced diced minced grated peeled drained rinsed crushed smashed bruised halved quartered cubed cube cut chunk
    shredded torn picked washed trimmed deseeded seeded stemmed cored pitted stoned husked scrubbed toasted softened melted
    beaten squeezed juiced sifted reserved undrained roasted charred deveined crumbled
    finely coarsely thinly thickly roughly lengthwise crosswise
    cold warm hot boiling strong room temperature chilled
    extra more taste optional your needed divided serve serving garnish
    piece slice clove stick stalk rib head bulb bunch bundle handful sprig leaf ear cob pod strip rasher fillet thumb knob
    inch coin thread square pint jar carton pack packet bag box tub bottle tube glass shot punnet block pinch dash splash glug drop
    some few couple each total skin bone boneless`,
  ),
);
export const saysNothing = (word: string): boolean => BESIDE.has(word) || /^[\d%]/.test(word);
