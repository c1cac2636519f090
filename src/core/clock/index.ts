export { boilingAt } from './heat/boiling.ts';
export { cookOf, isSmoke, minutesOf, openPhase, phaseMinutes } from './lid/phases.ts';
export { withLastMinutes } from './lid/lastMinutes.ts';
export { alcoholLeft, boilDownMinutes, steamPerHour } from './lid/steam.ts';
export { isTender, type Seen } from './tender/checks.ts';
export type { Odds } from './tender/odds.ts';
export {
  readinessOf,
  startOf,
  type LotReadiness,
  type LotToCook,
  type Readiness,
} from './tender/readiness.ts';
export type { DayBatch, DayFacts, DayRoom } from './day/facts.ts';
export { toHeatMinutes } from './day/minutes.ts';
export { planDay, type Day } from './day/plan.ts';
export type { Line, Stretch } from './day/line.ts';
export { bare } from './day/rooms.ts';
export { momentOf, wallTimeOf } from './day/zone.ts';
export { dateOf, weekdayOf, writeClock, writeMoment } from './day/write.ts';
