import type { Leaving, Tool } from '@/core/batch/index.ts';
import type { ByHand, Doubt } from '@/core/bench/index.ts';
import type { BenchCard } from '@/core/questions/index.ts';
import { afterWords } from './doing.ts';
import { capital } from './capital.ts';

const counts = [
  'no',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
];
const spelt = (n: number) => counts[n] ?? String(n);

/** What a tool makes of pulling, in words. */
export const toolWords: Readonly<Record<Tool, string>> = {
  forks: 'two forks',
  hands: 'cooled hands',
  gloves: 'gloves, hot',
  masher: 'a masher',
  knife: 'a knife',
};

/** What is asked for at a card. */
export function benchTitle({ what, step }: BenchCard, bonesLeft: number | undefined, back: number): string {
  switch (what) {
    case 'look':
      return 'Test with a fork';
    case 'bone':
      if (bonesLeft === 0) return 'The bones are out';
      return bonesLeft === undefined || back === 0
        ? afterWords.bone
        : `${capital(spelt(bonesLeft))} ${bonesLeft === 1 ? 'bone' : 'bones'} still to find`;
    case 'chill':
      return 'Cool the liquid fast, then chill it';
    case 'again':
      return 'Pull what went back';
    case 'pull':
      return `Pull it with ${toolWords[step?.tool ?? 'forks']}`;
    case 'skim':
      return step?.way === 'chill'
        ? 'Lift off the cap of fat'
        : step?.way === 'settle'
          ? 'Let a jug settle, then skim'
          : 'Spoon off the fat';
    default:
      return afterWords[what];
  }
}

/** What lies on the scale at a step, for the name of the reading. */
export const weighedWords: Readonly<Partial<Record<BenchCard['what'], string>>> = {
  lift: 'the weight of the cooked meat',
  bone: 'the weight of the bones',
  pick: 'the weight of the pickings',
  pull: 'the weight of the shred',
  strain: 'the weight of the solids',
  skim: 'the weight of the skim',
  again: 'the weight of what was pulled later',
  dress: 'the weight of the dressed meat',
};

/** What lies in the bowl. */
export const inBowlWords: Readonly<Partial<Record<BenchCard['what'], string>>> = {
  lift: 'meat with its bones',
  bone: 'bones',
  pick: 'picked out',
  pull: 'shred',
  strain: 'solids',
  skim: 'fat and what clings to it',
  again: 'shred of the second wave',
  dress: 'dressed meat',
};

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
export const petsWords = {
  bones: 'No cooked bones for pets: they splinter.',
  onion: 'Not for pets: it was cooked with onion, garlic or chilli, which harm them.',
} as const;

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
