import { Into } from './parts.tsx';
import type { CardScreens } from './screens.ts';

/** The overnight way: fast through the warm hours, in shallow vessels, then a night in the fridge. */
export const chill: CardScreens = { After: Into };
