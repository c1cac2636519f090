export { plateFlows, type Source } from './flows.ts';
export { nominalServing, emptyServed, serve, type Served, type ServeDraw } from './serve.ts';
