import { stepKind } from '../kind.ts';
import { minutes } from './shared.ts';

/** Until it can be touched. */
export const cool = stepKind({
  fields: { minutes },
  works: 'meat',
  inDay: { task: 'cool' },
  weighs: undefined,
});
