import { Probes } from '../scale/Probes.tsx';
import { FromBowl } from './FromBowl.tsx';
import { Minutes, OftenForgotten } from './parts.tsx';
import type { StepScreens } from './screens.ts';

export const hold: StepScreens<'hold'> = {
  How: Minutes,
  under: (_, { reckoning: { liquids }, volume }) => (liquids[0] ? `, in ${volume(liquids[0].ml.mid)}` : ''),
  After: () => (
    <>
      <OftenForgotten />
      <FromBowl />
    </>
  ),
  Last: Probes,
};
