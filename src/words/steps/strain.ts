import type { StepWords } from './words.ts';

export const strain: StepWords<'strain'> = {
  act: 'Strain the liquid',
  short: () => 'strain',
  weighed: { reading: 'the weight of the solids', inBowl: 'solids' },
};
