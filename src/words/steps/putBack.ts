import type { StepWords } from './words.ts';

export const putBack: StepWords<'put back'> = {
  act: 'Pour it back',
  short: () => 'put back',
};
