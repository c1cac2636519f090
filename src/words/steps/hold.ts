import type { StepWords } from './words.ts';

export const hold: StepWords<'hold'> = {
  act: 'Keep hot, at 57 °C or above',
  short: () => 'keep hot',
};
