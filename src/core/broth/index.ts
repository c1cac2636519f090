export { bodyOf, type Body } from './body.ts';
export { cookLiquid } from './cookLiquid.ts';
export { liquidFlows } from './flows.ts';
export {
  emptyLiquidMass,
  mainOf,
  mlOf,
  noLiquidWeighed,
  nominalLiquid,
  saltShareOf,
  stepsG,
  sumsOf,
  takenBy,
  type FromMeat,
  type LiquidDraw,
  type LiquidMass,
  type LiquidPlan,
  type JugRead,
  type LiquidWeighed,
  type SteamCourse,
} from './liquid.ts';
export { boilDownMl } from './finish/boilDownMl.ts';
export { answerTo, type Suggestion } from './finish/taste.ts';
export { type Mark, type Reduction, reductionBy } from './finish/reduction.ts';
export { saltyWays, type SaltyWays } from './finish/salty.ts';
export { type Thicken, thickenTo } from './finish/thicken.ts';
export { stepsOf } from './stepsOf.ts';
