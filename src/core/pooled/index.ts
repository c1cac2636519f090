export { fitLevels, type LevelRow } from './levels.ts';
