import { once } from '../kept.ts';
import type { Problem } from '../problem.ts';

/** What was found wrong on the way, in its order; what takes long to look for is looked for when it is asked for. */
export type Found = (Problem | (() => readonly Problem[]))[];

/** All of it, once somebody asks. */
export const toldOf = (found: Found): (() => readonly Problem[]) =>
  once(() => found.flatMap((one) => (typeof one === 'function' ? one() : [one])));
