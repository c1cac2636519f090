import type { StepWords } from './words.ts';

export const mash: StepWords<'mash'> = {
  act: 'Mash the vegetables in it',
  short: () => 'mash',
};
