import { stepKind } from '../kind.ts';
import { minutes } from './shared.ts';

/** Kept hot until it is served. */
export const hold = stepKind({
  fields: { minutes },
  works: 'both',
  inDay: undefined,
  weighs: undefined,
  last: true,
});
