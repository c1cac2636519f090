export { condition, type Conditioned, type SparseRow } from './condition.ts';
export { fitLevels, type LevelRow } from './levels.ts';
export {
  type GroupKnown,
  type GroupReading,
  type KitchenKnown,
  type KitchenSpreads,
  learnGroups,
} from './kitchen.ts';
