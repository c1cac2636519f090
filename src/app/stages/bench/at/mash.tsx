import { OfWhat } from './OfWhat.tsx';
import type { StepScreens } from './screens.ts';

export const mash: StepScreens<'mash'> = { How: OfWhat };
