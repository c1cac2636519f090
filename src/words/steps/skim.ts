import type { Skim } from '@/core/meal/index.ts';
import { said, type StepWords } from './words.ts';

export const skimWords: Readonly<Record<Skim, string>> = {
  hot: 'spooned off hot',
  settle: 'after a jug has settled',
  chill: 'chilled overnight',
  leave: 'left in',
};

export const skim: StepWords<'skim'> = {
  act: 'Spoon off the fat',
  short: ({ way }) => said('skim', way && way !== 'hot' && skimWords[way]),
  title: ({ way }) =>
    way === 'chill'
      ? 'Lift off the fat'
      : way === 'settle'
        ? 'Let a jug settle, then skim'
        : 'Spoon off the fat',
  weighed: { reading: 'the weight of the skim', inBowl: 'fat and what clings to it' },
};
