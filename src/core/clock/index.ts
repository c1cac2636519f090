export { boilingAt } from './boiling.ts';
export { minutesOf, phaseMinutes } from './phases.ts';
export { openPhase, rangeOfReadiness, readiness, startOf, type Readiness } from './readiness.ts';
export { alcoholLeft, steamPerHour } from './steam.ts';
