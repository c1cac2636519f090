import type { Ask } from '@/core/bench/index.ts';
import type { Questioned } from '@/core/reckoning/index.ts';

const things: Readonly<Record<Questioned['of'], string>> = {
  cooked: 'the cooked meat',
  pickings: 'the pickings',
  shred: 'the shred',
  steam: 'the steam',
  pot: 'the pot',
  strained: 'what was strained out',
  skim: 'the fat',
  liquid: 'the liquid',
};

/** A weighing that can hardly be right: what it was, and what was likely. */
export const questionedWords = (
  { of, grams, likely }: Questioned,
  mass: (grams: number) => string,
): string => {
  const { mid, p10 = mid, p90 = mid } = likely;
  return `${mass(grams)} for ${things[of]}, where ${mass(p10)} to ${mass(p90)} was likely.`;
};

/** One question that it raises. */
export function askWords(ask: Ask, mass: (grams: number) => string): string {
  switch (ask.what) {
    case 'bone in':
      return `Is the bone out of it? Without it, ${mass(ask.grams)}.`;
    case 'pounds':
      return `Was it read in pounds? Then it is ${mass(ask.grams)}.`;
    case 'kilograms':
      return `Was it read in kilograms? Then it is ${mass(ask.grams)}.`;
    case 'bowl':
      return `Did the ${ask.name} come off? Without it, ${mass(ask.grams)}.`;
    case 'some bowl':
      return 'Was a bowl weighed with it?';
    case 'raw in pounds':
      return 'Was the raw weight in pounds?';
    case 'all of it':
      return 'Is that all of it?';
  }
}

/** Where nothing speaks for any one mistake. */
export const NO_ASK = 'Weigh it again if you can; what you wrote is kept.';
