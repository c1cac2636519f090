import { stepKind } from '../kind.ts';
import { minutes } from './shared.ts';

/** The meat back into its liquid. */
export const meatBack = stepKind({
  fields: { minutes },
  works: 'both',
  inDay: { task: 'together' },
  weighs: undefined,
  last: true,
});
