export { keptFlows } from './flows.ts';
export * from './cooling/index.ts';
export { asIngredient, heldInBox, movedTo, mustNot, withGone } from './shelf/edits.ts';
export {
  daysUntil,
  gramsLeft,
  isFromAhead,
  isPastUse,
  keepDays,
  onShelf,
  bestBefore,
} from './shelf/bestBefore.ts';
export { hotLimits, hotWatch, type HotWatch } from './hot.ts';
export { suitsPot } from './shelf/suits.ts';
