export { type Ask, asksOf } from './asks.ts';
export { becomes } from './becomes.ts';
export { type Doubt, doubtOf } from './doubt.ts';
export { jumpOf } from './jumps.ts';
export { pullingOf } from './tools.ts';
export { flowsOfLot, runLot } from './lotRun.ts';
export { type ByHand, type NotForPets, notForPets, takenByHand } from './handfuls.ts';
