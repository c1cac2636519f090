export { split } from './split.ts';
export { type LockedPot, type Split, type SplitWay, type SplitWish, splitWishes } from './types.ts';
export { withSplit } from './withSplit.ts';
