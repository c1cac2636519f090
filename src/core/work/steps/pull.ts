import { oneOf } from '../fields.ts';
import { stepKind } from '../kind.ts';

/** What meat is pulled with. */
export const tools = ['forks', 'hands', 'gloves', 'masher', 'knife'] as const;
export type Tool = (typeof tools)[number];

/** Cooked meat to shred. */
export const pull = stepKind({
  fields: { tool: oneOf(tools, 'what it is pulled with; absent: forks') },
  works: 'meat',
  inDay: { task: 'pull' },
  weighs: 'shred',
});
