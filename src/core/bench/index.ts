export { benchFlows } from './flows.ts';
