export { becomes } from './becomes.ts';
export { flowsOfLot, runLot } from './lotRun.ts';
