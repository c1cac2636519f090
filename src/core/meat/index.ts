export { becomes } from './becomes.ts';
export { findCut, ownCutProblem, type KnownCut } from './cut.ts';
export { lotFlows, type CookedLot } from './flows.ts';
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
export { cutOfLot, fattier } from './ofLot.ts';
export { pickedShare } from './picking.ts';
export { trimPlan } from './trim.ts';
