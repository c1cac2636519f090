export { greedy, level } from './level.ts';
export { place } from './place.ts';
export { type Job, mirrored, type Problem, type Schedule, SLOT, type Span } from './problem.ts';
