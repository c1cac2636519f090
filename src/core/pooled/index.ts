export { condition, type Conditioned, type SparseRow } from './condition.ts';
export { type GroupReading, type KitchenKnown, learnGroups } from './kitchen.ts';
export { fitLevels, type LevelRow } from './levels.ts';
