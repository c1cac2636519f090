import type { DrawnFrom } from '@/core/meal/index.ts';
import { said, type StepWords } from './words.ts';

/** Where in the pot a part is taken from. */
export const drawnWords: Readonly<Record<DrawnFrom, string>> = {
  'the top': 'from the top, with its fat',
  stirred: 'stirred up',
  below: 'from below, lean',
};

export const setApart: StepWords<'set apart'> = {
  act: 'Set some aside',
  short: ({ as, amount }) => said('set some apart', as && `as ${as}`, amount?.text),
};
