import { listed } from './listed.ts';
import type { Allergens, ForGuests, From } from '@/core/model/index.ts';
import type { BuildChoice, BuildPart } from '@/core/meal/index.ts';
import { avoidableWords } from './called.ts';

/** Where it comes from: "stock in Pot one and Pot two, butter"; in a meal of one pot the pot goes unsaid. */
export function fromWords(from: readonly From[], pots = 2): string {
  const byName = new Map<string, string[]>();
  for (const { name, pot } of from)
    byName.set(name, [...(byName.get(name) ?? []), ...(pot === undefined || pots < 2 ? [] : [pot])]);
  return [...byName].map(([name, of]) => (of.length > 0 ? `${name} in ${listed(of)}` : name)).join(', ');
}

/** What it contains, one by one, each with where it comes from. */
export const containsWords = (
  { contains }: Pick<Allergens, 'contains'>,
  pots: number,
): readonly { readonly what: string; readonly from: string }[] =>
  contains.map(({ what, from }) => ({ what: avoidableWords(what), from: fromWords(from, pots) }));

/** What nobody knows, as loud as what is known; "" where all is known. */
export const notKnownWords = (names: readonly string[]): string =>
  names.length === 0 ? '' : `Not known: ${names.join(', ')}. Read the label.`;

/** What a label or a line says of it: each word for itself, and what is not known with them. */
export const holdsWords = ({
  holds,
  notKnown,
}: {
  readonly holds: readonly string[];
  readonly notKnown: readonly string[];
}): readonly string[] => [
  ...holds.map((held) => avoidableWords(held)),
  ...(notKnown.length > 0 ? [`not known: ${notKnown.join(', ')}`] : []),
];

/** What to serve somebody who must not have it: "Milk (2): not the rolls (butter); the soup; …". */
export function forGuestWords({ what, count, can, cannot, unsure }: ForGuests, pots: number): string {
  const who = `${count === undefined ? 'Somebody' : `${String(count)} ${count === 1 ? 'guest' : 'guests'}`} must not have ${avoidableWords(what)}.`;
  const parts = [
    cannot.length > 0 &&
      `Not for them: ${cannot.map(({ name, from }) => `${name} (${fromWords(from, pots)})`).join('; ')}.`,
    unsure.length > 0 &&
      `Not known of ${unsure.map(({ name, notKnown }) => `${name} (${fromWords(notKnown, pots)})`).join('; ')}: read the label.`,
    can.length > 0 ? `They can have ${can.join(', ')}.` : 'There is nothing here for them yet.',
  ];
  return [who, ...parts.filter((one) => one !== false)].join(' ');
}

/** The parts of a build, as an order asks for them. */
export const buildPartWords: Readonly<Record<BuildPart, string>> = {
  base: 'On',
  cheese: 'Cheese',
  fat: 'Fat',
  fresh: 'Onion, herbs, lime',
  side: 'With',
  glaze: 'Brushed with',
};

export const buildChoiceWords = (choice: BuildChoice): string =>
  choice === 'nothing' ? 'left out' : choice === 'limes' ? 'as usual' : choice;

/** That all of it is only what is noted. */
export const GO_BY_LABEL =
  'Go by the label and your local rule: what is noted here is what such things usually contain.';
