export { plateFlows, type Source } from './flows.ts';
export { centreOfServing, emptyServed, serve, type Served, type ServeDraw } from './serve.ts';
