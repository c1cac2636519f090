import type { StepWords } from './words.ts';

export const dress: StepWords<'dress'> = {
  act: 'Dress the meat',
  short: () => 'dress',
  weighed: { reading: 'the weight of the dressed meat', inBowl: 'dressed meat' },
};
