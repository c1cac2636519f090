import { OfWhat } from './OfWhat.tsx';
import type { StepScreens } from './screens.ts';

export const putBack: StepScreens<'put back'> = { How: OfWhat };
