import { said, type StepWords } from './words.ts';

export const add: StepWords<'add'> = {
  act: 'Stir something in',
  short: ({ as, amount }) => said('stir in', as && `as ${as}`, amount?.text),
};
