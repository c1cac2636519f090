import { stepKind } from '../kind.ts';
import { minutes } from './shared.ts';

/** The bones out of the cooked meat. */
export const bone = stepKind({
  fields: { minutes },
  works: 'meat',
  inDay: { within: 'pull' },
  weighs: 'bone',
});
