import type { Suggestion } from '@/core/broth/index.ts';

interface Said {
  readonly mass: (grams: number) => string;
  readonly volume: (ml: number) => string;
}

/** What a spoon of it suggests, in one sentence. */
export function suggestionWords(suggestion: Suggestion, { mass, volume }: Said): string {
  switch (suggestion.what) {
    case 'nothing':
      return 'Nothing needed.';
    case 'salt':
      return `Stir in ${mass(suggestion.grams)} of salt, and taste again.`;
    case 'thin':
      return `Pour in ${volume(suggestion.grams)} of water or unsalted stock, and taste again.`;
    case 'thicken':
      return `Stir in ${mass(suggestion.starchG)} of starch in cold water${suggestion.toMl > 0 ? `, or boil it down to ${volume(suggestion.toMl)}` : ''}.`;
    case 'dairy or starch':
      return 'Serve it with something fat or bland: cream, potato or bread carries heat; water does not.';
  }
}
