import { stepKind } from '../kind.ts';

/** Kept hot until it is served. */
export const hold = stepKind({
  fields: {},
  works: 'both',
  inDay: undefined,
  weighs: undefined,
  last: true,
});
