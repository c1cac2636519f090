export { splitOnce } from './once.ts';
export { mayBeDealt, split, withWays } from './split.ts';
export {
  type LockedPot,
  type Split,
  type SplitAsk,
  type SplitPot,
  type SplitWay,
  type SplitWish,
  splitWishes,
} from './types.ts';
export { withSplit } from './withSplit.ts';
