import { stepKind } from '../kind.ts';
import { minutes } from './shared.ts';

/** Membrane, fat and lumps out of the shred. */
export const pick = stepKind({
  fields: { minutes },
  works: 'meat',
  inDay: { within: 'pull' },
  weighs: 'pickings',
});
