export { covered, withLastMinutes } from './lid/lastMinutes.ts';
export { withCook } from './lid/withCook.ts';
export {
  type Cook,
  cookOf,
  isByTheClock,
  isOutThen,
  isSmoke,
  isTimed,
  lengthsUntil,
  looksFrom,
  minutesOf,
  openPhase,
  overPot,
  withMain,
  phaseMinutes,
} from './lid/phases.ts';
export { alcoholLeft, boilDownMinutes } from './lid/steam.ts';
export { readTimeOfDay, readWall, writeWall } from './wall/read.ts';
export { dateOf, type Hours, type Wall, wallOf, weekdayOf, writeClock, writeTime } from './wall/write.ts';
export { minuteOfDay, momentOf, wallTimeOf } from './wall/zone.ts';
