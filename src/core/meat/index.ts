export { cookFlows, cookedWater, cookLot, type CookedLot } from './cookLot.ts';
export { fitCookedModel } from './cookedModel.ts';
export { kinOf } from './kin.ts';
export { type NoOwnCut, readOwnCut, type WrittenCut } from './readOwnCut.ts';
export { findCut, type OwnCutFault, ownCutProblem, type KnownCut } from './cut.ts';
export {
  compositionOf,
  emptyLotMass,
  isWeighed,
  weighedIn,
  nominalLot,
  nothingWeighed,
  readingOf,
  type LotDraw,
  type LotMass,
  type LotPlan,
  type LotWeighed,
} from './lot.ts';
export { cutsMeant } from './cutsMeant.ts';
export { namedCuts } from './namedCuts.ts';
export { cutNames } from './cutNames.ts';
export { lowHeatYield } from './doneness.ts';
export { cookedFat, cookedShare } from './flesh.ts';
export { cutOfLot, fattier } from './ofLot.ts';
export { pickAll, pickedShare, pickingsFat, pickPlan, picksAll } from './picking.ts';
export { BONE_GIVES } from './stuff.ts';
export { trimPlan } from './trim.ts';
export { trimFlows, trimLot } from './trimLot.ts';
