import type { StepWords } from './words.ts';

export const lift: StepWords<'lift'> = {
  act: 'Lift out the meat',
  short: () => 'lift out',
  weighed: { reading: 'the weight of the cooked meat', inBowl: 'cooked meat' },
};
