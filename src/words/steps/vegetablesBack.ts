import type { StepWords } from './words.ts';

export const vegetablesBack: StepWords<'vegetables back'> = {
  act: 'Put the vegetables back',
  short: () => 'vegetables back',
};
