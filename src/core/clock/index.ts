export { openPhase, readiness, type Readiness } from './readiness.ts';
export { alcoholLeft, steamPerHour } from './steam.ts';
