import { Leavings } from '../task/Leavings.tsx';
import { FromBowl } from './FromBowl.tsx';
import {} from './parts.tsx';
import type { StepScreens } from './screens.ts';

export const pick: StepScreens<'pick'> = {
  How: undefined,
  After: () => (
    <>
      <Leavings of="pickings" />
      <FromBowl />
    </>
  ),
};
