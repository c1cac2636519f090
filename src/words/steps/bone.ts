import { capital } from '../capital.ts';
import { spelt } from '../spelt.ts';
import type { StepWords } from './words.ts';

const ACT = 'Take the bones out';

export const bone: StepWords<'bone'> = {
  act: ACT,
  short: () => 'bones out',
  title: (_, { bonesLeft, back }) => {
    if (bonesLeft === 0) return 'The bones are out';
    return bonesLeft === undefined || back === 0
      ? ACT
      : `${capital(spelt(bonesLeft))} ${bonesLeft === 1 ? 'bone' : 'bones'} still to find`;
  },
  weighed: { reading: 'the weight of the bones', inBowl: 'bones' },
};
