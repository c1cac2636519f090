import type { Leaving } from '@/core/meal/index.ts';
import type { ByHand, Doubt, NotForPets } from '@/core/bench/index.ts';
import type { BenchCard } from '@/core/answers/index.ts';
import { doingWords } from './doing.ts';
import { actWords, stepTitle, weighedWords } from './steps/index.ts';

/** What is asked for at a card. */
export function benchTitle(
  { what, step, does }: BenchCard,
  bonesLeft: number | undefined,
  back: number,
): string {
  switch (what) {
    case 'look':
      return 'Test with a fork';
    case 'at the pot':
      return does ? doingWords(does) : 'At the pot';
    case 'chill':
      return 'Cool the liquid fast, then chill it';
    case 'again':
      return 'Pull what went back';
    default:
      return step ? stepTitle(step, { bonesLeft, back }) : actWords(what);
  }
}

/** What lies on the scale at a card: for the name of the reading, and in the bowl. */
export const onScaleWords = (what: BenchCard['what']) =>
  what === 'look' || what === 'chill' || what === 'at the pot'
    ? undefined
    : what === 'again'
      ? { reading: 'the weight of what was pulled later', inBowl: 'later shred' }
      : weighedWords(what);

/** What left the bowl or came into it besides: what is asked, what is said of it, and the act. */
export const goneWords = {
  eaten: { ask: 'Eaten', said: 'Eaten', act: 'what was eaten' },
  thrown: { ask: 'Thrown away', said: 'Thrown away', act: 'what was thrown away' },
  foundLate: { ask: 'Found late', said: 'Found in the pot or the sieve', act: 'what was found late' },
  drunk: { ask: 'Drunk', said: 'Drunk', act: 'what was drunk' },
  pouredAway: { ask: 'Poured away', said: 'Poured away', act: 'what was poured away' },
} as const;

export const byHandWords: Readonly<Record<ByHand, string>> = { bite: 'a bite', handful: 'a handful' };

export const leavingWords: Readonly<Record<Leaving, string>> = {
  bin: 'in the bin',
  compost: 'on the compost',
  pets: 'to the pets',
  stock: 'in the next stock',
  plates: 'to the plates',
};

/** Why pets must not have it. */
export function petsWords(harm: NotForPets): string {
  switch (harm.why) {
    case 'bones':
      return 'No cooked bones for pets: they splinter.';
    case 'harms':
      return `Not for pets: it was cooked with ${harm.name}, which harms them.`;
    case 'may hold onion':
      return `Not for pets: ${harm.name} may be made with onion or garlic, which harm them.`;
  }
}

/** A weighing that is asked about once: "8.2 kg of shred from 3 kg of meat?" */
export function doubtWords(
  { what, grams }: Doubt,
  of: { readonly said: string; readonly thing: string; readonly mass: (grams: number) => string },
): string {
  switch (what) {
    case 'more than there is':
      return `${of.said} of ${of.thing}, where there was ${of.mass(grams)} in all?`;
    case 'far more':
      return `${of.said} of ${of.thing}, where about ${of.mass(grams)} was likely?`;
    case 'far less':
      return `Only ${of.said} of ${of.thing}, where about ${of.mass(grams)} was likely?`;
  }
}
