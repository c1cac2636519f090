export { keptFlows } from './flows.ts';
