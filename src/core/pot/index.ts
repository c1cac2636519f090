export { bySpoon, type BeforeLid } from './fill/spoon.ts';
export { deal } from './fill/deal.ts';
export {
  BONE_DENSITY,
  fillOf,
  FULL,
  SLOW_COOKER_LEAST,
  levelAt,
  levelCm,
  MUSCLE_DENSITY,
  pieceHeight,
  type Fill,
} from './fill/fill.ts';
export {
  goesIntoAny,
  type MisfitSays,
  misfits,
  reachCm,
  smallestThatFits,
  type Remedy,
} from './fill/fits.ts';
export { sectionOf, type PieceInSection } from './fill/section.ts';
export { fromPacket, type PacketFigures } from './liquid/figures.ts';
export { isNotKnown, refsIn } from './liquid/allergens.ts';
export { type Swap, swapped, swapsFor } from './liquid/swaps.ts';
export { withoutFigures, WITHOUT_FIGURES } from './liquid/own.ts';
export { bonesOf, comeOut, missingOf, stillIn, type ComesOut } from './liquid/comeOut.ts';
export { type Hint, type HintRule, notInYet, orderHints } from './liquid/hints.ts';
export {
  boughtOf,
  fateOf,
  heldBack,
  itemsOf,
  planItems,
  soaking,
  usualItems,
  withTakenUp,
  isPoured,
  type ItemPlan,
  densityOf,
} from './liquid/items.ts';
export { offShare } from './liquid/prep.ts';
export { type ItemWork, usualSoftenMin, workOn } from './liquid/work.ts';
export { searchNames } from './liquid/search.ts';
export { type Offer, offerOf, searchLine } from './liquid/searchLine.ts';
export { intoMarinade } from './season/intoMarinade.ts';
export { takenUpShare } from './season/marinade.ts';
export {
  BROTH_TARGET,
  MEAT_TARGET,
  PROPOSED_MOST,
  SALT_MOST,
  saltAtDressing,
  saltOfVolume,
  salts,
  saltSpoons,
  saltWanted,
  TOO_SALTY,
  type Low,
} from './season/salt.ts';
export { panfuls } from './sear/panfuls.ts';
export { searPlan, type Panful, type SearPlan } from './sear/pans.ts';
export { longestOf, pieceOf, sidesOf, type ToSear } from './sear/pieces.ts';
export { airShare, SEAR_LOSS } from './sear/sear.ts';
export {
  brimMl,
  largestMl,
  brimOfWater,
  fullOfWater,
  heightOf,
  isWithinBounds,
  outerM2,
  surfaceCm2,
  withVolume,
  volumeTo,
  widthAt,
} from './vessel/shape.ts';
export {
  mayBeWarmed,
  mayStand,
  outerCm,
  pansOf,
  standsOn,
  usualSources,
  vesselsFor,
  OVEN_WIDTH,
  sourcesOf,
} from './vessel/stands.ts';
export { packsSaid, type Packs, readAmount } from './liquid/amount.ts';
export { readLine } from './recipe/line.ts';
export { printedLines } from './recipe/printed.ts';
export { matchLine, type Tables } from './recipe/match.ts';
export { entered, typedLines } from './recipe/typedLines.ts';
export { type NoRecipe, readRecipe } from './recipe/read.ts';
export { asksWeight, firstChoice, putRecipeIn, type Choice, type SettledLine } from './recipe/settle.ts';
