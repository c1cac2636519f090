export { BROTH, FAT, gramsOfVolume, SAUCE, volumeOf } from './density.ts';
export { SCUM } from './during/scum.ts';
export type { Field } from './fields.ts';
export { heldWater } from './held.ts';
export type { Ingredient, UsualTask } from './kind.ts';
export { emptyLiquid, type Liquid, liquidNamed, MAIN } from './liquid.ts';
export {
  broughtIn,
  flowOfStep,
  isStep,
  liquidOf,
  makesLiquid,
  type LiquidStep,
  plannedStep,
  runnerOf,
  type AfterStep,
  type AfterStepOf,
  afterWhats,
  type AfterWhat,
  traitsOf,
  weighedOfStep,
  type StepsWith,
  type WeighedStep,
} from './step.ts';
export { type Strand, type Strands, strandsOf } from './strands.ts';
export { drawnFrom, type DrawnFrom } from './steps/setApart.ts';
export { CLINGING, skims, skimShare, type Skim } from './steps/skim.ts';
export { stretchStates, type StretchState } from './steps/stretch.ts';
export { THICKENER_IDS, thickeners } from './steps/thicken.ts';
export { tools, type Tool } from './steps/pull.ts';
export {
  COATS,
  dissolvedProtein,
  HOT_GELATIN_MOST,
  type Thick,
  thickFrom,
  type Thickness,
  THICKENS,
  thicknessOf,
  thicks,
  thickWord,
} from './thickness.ts';
export { beforeKind, type BeforeWhat, beforeWhats } from './before/index.ts';
export { type Round, roundKind, rounds } from './during/rounds.ts';
export { type Fate, fateKind, fates } from './items/fates.ts';
export { type Prep, prepKind, preps } from './items/preps.ts';
export { boardPieces, type Way, wayKind, ways } from './items/ways.ts';
