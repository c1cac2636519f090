export { plateFlows, type Source } from './flows.ts';
export { nominalServing, emptyServed, serve, SHORT, type Served, type ServeDraw } from './serve.ts';
export { nextRound, firstRound } from './share/rounds.ts';
export { measuresFor } from './share/measures.ts';
export type { LpSolver } from './share/program.ts';
export { shareOut } from './share/shareOut.ts';
export type { ShareDish, ShareOut, ShareSource, Sharing } from './share/wanted.ts';
export { type Way, waysOut } from './share/ways.ts';
export { nothingOnScale, runOf, TOLERANCE, withReading } from './weighOut.ts';
