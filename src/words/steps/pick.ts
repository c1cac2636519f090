import type { StepWords } from './words.ts';

export const pick: StepWords<'pick'> = {
  act: 'Pick out membrane and lumps',
  short: () => 'pick',
  weighed: { reading: 'the weight of the pickings', inBowl: 'picked out' },
};
