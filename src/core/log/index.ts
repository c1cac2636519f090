export { type CutInLog, type Digest, digestOf } from './digest.ts';
export { type Evidence, evidenceOf } from './evidence.ts';
export { learn, type Taught } from './learn.ts';
