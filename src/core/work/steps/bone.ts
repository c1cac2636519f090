import { stepKind } from '../kind.ts';

/** The bones out of the cooked meat. */
export const bone = stepKind({
  fields: {},
  works: 'meat',
  inDay: { within: 'pull' },
  weighs: 'bone',
});
