import { stepKind } from '../kind.ts';

/** Membrane, fat and lumps out of the shred. */
export const pick = stepKind({
  fields: {},
  works: 'meat',
  inDay: { within: 'pull' },
  weighs: 'pickings',
});
