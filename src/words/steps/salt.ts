import { said, type StepWords } from './words.ts';

export const salt: StepWords<'salt'> = {
  act: 'Salt it',
  short: ({ amount }) => said('salt', amount?.text),
};
