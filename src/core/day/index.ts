export { calendarOf } from './calendar.ts';
export type { DayBatch, DayFacts } from './facts.ts';
export type { Interval, Line, Tight } from './line.ts';
export { milestonesOf, type Milestones } from './milestones.ts';
export { HELD_LONG, planDay, type Day, type Outside } from './plan.ts';
export type { Lack, Resource, ResourceKind } from './resources.ts';
export { taskId, type BatchTaskKind, type Doing } from './task.ts';
export { usual as usualMinutes } from './minutes.ts';
export { overOf } from './tasks/index.ts';
