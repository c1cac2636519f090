import type { StepWords } from './words.ts';

export const cool: StepWords<'cool'> = {
  act: 'Let it cool enough to touch',
  short: () => 'cool',
};
