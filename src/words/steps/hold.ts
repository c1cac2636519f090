import type { StepWords } from './words.ts';

export const hold: StepWords<'hold'> = {
  act: 'Keep it hot, above 57 °C',
  short: () => 'keep hot',
};
