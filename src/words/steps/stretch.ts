import { said, type StepWords } from './words.ts';

export const stretch: StepWords<'stretch'> = {
  act: 'Stretch the filling',
  short: ({ amount }) => said('stretch', amount?.text),
};
