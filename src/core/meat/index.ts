export { findCut, ownCutProblem, type KnownCut } from './cut.ts';
export { cookedShare, fleshOf, KEPT_ASH, type Flesh } from './flesh.ts';
export {
  BONE_GIVES,
  boneOnBench,
  centreOfLot,
  compositionOf,
  cookLot,
  emptyLotMass,
  nothingWeighed,
  type LotDraw,
  type LotMass,
  type LotPlan,
  type LotWeighed,
} from './lot.ts';
export { pickedShare } from './picking.ts';
export { trimPlan } from './trim.ts';
