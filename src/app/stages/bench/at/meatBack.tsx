import { FromBowl } from './FromBowl.tsx';
import { Minutes, OftenForgotten } from './parts.tsx';
import type { StepScreens } from './screens.ts';

export const meatBack: StepScreens<'meat back'> = {
  How: Minutes,
  After: () => (
    <>
      <OftenForgotten />
      <FromBowl />
    </>
  ),
};
