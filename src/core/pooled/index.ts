export { condition, type Conditioned, type SparseRow } from './condition.ts';
export { fitLevels, type LevelRow } from './levels.ts';
