import type { Hint } from '@/core/pot/index.ts';
import { capital } from './capital.ts';

interface HintWords {
  readonly words: string;
  readonly why: string;
}

/** A line about the order of adding, with its reason. */
export function hintWords({ rule, first, second = '' }: Hint): HintWords {
  switch (rule) {
    case 'water-late':
      return {
        words: `Brown ${second} first, then ${first}.`,
        why: 'What gives off water stops everything beside it from browning.',
      };
    case 'liquid-late':
      return {
        words: `Fry ${second} before ${first} goes in.`,
        why: 'Once there is liquid it can only boil.',
      };
    case 'garlic-late':
      return {
        words: `${capital(first)} after ${second}, for the last minute.`,
        why: 'It burns in the time that onions take, and then it is bitter.',
      };
    case 'paste-fried':
      return {
        words: `Fry ${first} a minute or two in the fat.`,
        why: 'It loses its raw taste, and darkens.',
      };
    case 'wine-down':
      return {
        words: `Boil ${first} down ${second ? `before ${second} goes in` : 'in the open pan first'}.`,
        why: 'Alcohol leaves an open pan in minutes, and a covered pot hardly at all.',
      };
    case 'starch-wet':
      return {
        words: `Stir ${first} into four parts of cold liquid, or into the fat, first.`,
        why: 'Dry starch in hot liquid makes lumps.',
      };
    case 'sweet-scorch':
      return {
        words: `With ${first} in it, boil it down gently and stir to the bottom.`,
        why: 'Sugar thickens as the water goes, and it catches and burns.',
      };
    case 'soak-first':
      return {
        words: `Soak ${first} 15 to 20 minutes first.`,
        why: 'Dried skins stay tough, and the soaking water is worth tasting: it may be bitter.',
      };
  }
}
