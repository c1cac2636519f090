import type { StepWords } from './words.ts';

export const takeOut: StepWords<'take out'> = {
  act: 'Fish out bay, stems and sticks',
  short: () => 'fish out what must come out',
};
