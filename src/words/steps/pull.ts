import type { Tool } from '@/core/meal/index.ts';
import { said, type StepWords } from './words.ts';

/** What a tool makes of pulling, in words. */
export const toolWords: Readonly<Record<Tool, string>> = {
  forks: 'two forks',
  hands: 'cooled hands',
  gloves: 'gloves, hot',
  masher: 'a masher',
  knife: 'a knife',
};

export const pull: StepWords<'pull'> = {
  act: 'Pull the meat',
  short: ({ tool }) => said('pull', tool && `with ${toolWords[tool]}`),
  title: ({ tool = 'forks' }) => `Pull the meat with ${toolWords[tool]}`,
  weighed: { reading: 'the weight of the shred', inBowl: 'shred' },
};
