import { stepKind } from '../kind.ts';

/** The meat back into its liquid. */
export const meatBack = stepKind({
  fields: {},
  works: 'both',
  inDay: { task: 'together' },
  weighs: undefined,
  last: true,
});
