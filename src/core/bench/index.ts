export { becomes } from './becomes.ts';
export { type Pulling, pullingOf } from './tools.ts';
export { flowsOfLot, runLot } from './lotRun.ts';
