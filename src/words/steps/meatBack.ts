import type { StepWords } from './words.ts';

export const meatBack: StepWords<'meat back'> = {
  act: 'Meat back into its liquid',
  short: () => 'meat back in',
};
