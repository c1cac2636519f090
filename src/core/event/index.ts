export { type Asked, askedFor, type EventCost, eventCost } from './cost.ts';
export type { LossWay } from './losses.ts';
export { joined, kitchenWith, type Whole } from './join.ts';
export {
  type Both,
  emptyOf,
  type EventDish,
  type EventFigures,
  type EventPot,
  eventOf,
  type EventSitting,
  shortOf,
} from './figures.ts';
export { printedEvent } from './printed.ts';
export { type EventWay, eventWays, type TriedWay, withWay } from './ways.ts';
export {
  type LockedPot,
  mayBeDealt,
  type Split,
  split,
  type SplitAsk,
  splitOnce,
  type SplitPot,
  type SplitWay,
  type SplitWish,
  splitWishes,
  withSplit,
  withWays,
} from './split/index.ts';
export { type Slice, slices, withMore } from './slices.ts';
