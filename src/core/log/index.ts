export { type CutInLog, type Digest, digestOf } from './digest.ts';
export { type Evidence, evidenceOf } from './evidence.ts';
export { learn, type Taught } from './learn.ts';
export { cookedAt, learnedBefore, type PastBatch, pastOf } from './past.ts';
export { type LearnedFigure, learnedFigures } from './figures.ts';
