export { plateFlows, type Source } from './flows.ts';
export { centreOfServing, emptyServed, serve, SERVING_SPREAD, type Served, type ServeDraw } from './serve.ts';
