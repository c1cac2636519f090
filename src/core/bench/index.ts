export { becomes } from './becomes.ts';
export { type Doubt, doubtOf } from './doubt.ts';
export { type Jump, jumpOf } from './jumps.ts';
export { type Pulling, pullingOf } from './tools.ts';
export { flowsOfLot, runLot } from './lotRun.ts';
