import { stepKind } from '../kind.ts';

/** Until it can be touched. */
export const cool = stepKind({
  fields: {},
  works: 'meat',
  inDay: { task: 'cool' },
  weighs: undefined,
});
