import { StillInThePot } from './parts.tsx';
import type { StepScreens } from './screens.ts';

export const takeOut: StepScreens<'take out'> = { How: undefined, After: StillInThePot };
