import type { StepWords } from './words.ts';

export const cool: StepWords<'cool'> = {
  act: 'Cool until you can touch it',
  short: () => 'cool',
};
