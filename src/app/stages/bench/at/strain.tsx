import { Leavings } from '../task/Leavings.tsx';
import { OfWhat } from './OfWhat.tsx';
import { Into, ToTheJug } from './parts.tsx';
import type { StepScreens } from './screens.ts';

export const strain: StepScreens<'strain'> = {
  How: OfWhat,
  After: () => (
    <>
      <ToTheJug />
      <Leavings of="strained" />
    </>
  ),
  Last: Into,
};
