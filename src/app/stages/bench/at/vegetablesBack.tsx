import { OfWhat } from './OfWhat.tsx';
import type { StepScreens } from './screens.ts';

export const vegetablesBack: StepScreens<'vegetables back'> = { How: OfWhat };
