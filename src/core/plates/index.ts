export type { Source } from './deal.ts';
export { plateFlows, type ToPlates } from './flows.ts';
export { goneOf, platesOf, restOf } from './platesOf.ts';
export { type Booked, outOf, servedOf, weighedOut } from './out.ts';
export {
  drawsOn,
  emptyServed,
  nominalServing,
  type Pools,
  serve,
  type ServeDraw,
  type Served,
  serveFrom,
  SHORT,
} from './serve.ts';
export { batchWithWay, isOfBatch, mealWithWay, withLocked, withLockedMl } from './share/take.ts';
export { type Beside, besideFlows, plateEnds, WORTH_A_PLATE } from './beside.ts';
export { forPlates } from './later.ts';
export { nextRound, firstRound } from './share/rounds.ts';
export { measuresFor, weighedScoops } from './share/measures.ts';
export type { LpSolver } from './share/program.ts';
export { shareOut } from './share/shareOut.ts';
export type { ShareDish, ShareOut, ShareSource, Sharing } from './share/wanted.ts';
export { type Way, waysOut } from './share/ways.ts';
export { nothingOnScale, onTray, type PlateNow, plateNow, runOf, slotOf, withReading } from './weighOut.ts';
export { griddleMinutes, heatingOf, overflows } from './build.ts';
