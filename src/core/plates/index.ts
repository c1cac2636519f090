export { plateFlows, type Source } from './flows.ts';
export { nominalServing, emptyServed, serve, SHORT, type Served, type ServeDraw } from './serve.ts';
