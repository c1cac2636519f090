export { BROTH, gramsOfVolume } from './density.ts';
export {
  centreOfLiquid,
  cookLiquid,
  emptyLiquidMass,
  noLiquidWeighed,
  sumsOf,
  type FromMeat,
  type LiquidDraw,
  type LiquidMass,
  type LiquidPlan,
  type LiquidWeighed,
} from './liquid.ts';
export { liquidFlows } from './flows.ts';
export { skimShare } from './skim.ts';
