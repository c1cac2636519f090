import { said, type StepWords } from './words.ts';

export const boilDown: StepWords<'boil down'> = {
  act: 'Boil it down',
  short: ({ to }) => said('boil down', to?.text && `to ${to.text}`),
};
