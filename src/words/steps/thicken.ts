import { said, type StepWords } from './words.ts';

export const thicken: StepWords<'thicken'> = {
  act: 'Thicken it',
  short: ({ amount }) => said('thicken', amount?.text),
};
