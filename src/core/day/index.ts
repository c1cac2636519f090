export { calendarOf } from './calendar.ts';
export type { DayBatch, DayFacts } from './facts.ts';
export {
  busyUntil,
  doneAs,
  handsHours,
  isAtPot,
  isRest,
  pieceDone,
  type Interval,
  type Line,
  type Placed,
  type Tight,
} from './line.ts';
export { milestonesOf, type Milestones } from './milestones.ts';
export { leftBrowned } from './holding.ts';
export { planDay, type Day, type Outside } from './plan.ts';
export { type Call, ringsOf } from './rings.ts';
export type { Lack, Resource, ResourceKind } from './resources.ts';
export { stillToDo } from './stillToDo.ts';
export { taskOfStep } from './tasks/order.ts';
export { taskId, type BatchTaskKind, type Doing, type Task, type TaskRef } from './task.ts';
export {
  HELD_LONG,
  onionMinutes,
  OWN_TASK,
  pullMinutes,
  shelfOfCooked,
  SKIM_MINUTES,
  softenMinutes,
  usual as usualMinutes,
} from './minutes.ts';
export { isHandwork, isOwn, paceGroup } from './tasks/pace.ts';
export { overOf, tasksOf } from './tasks/index.ts';
