export { coreTemperature } from './heat/coreTemperature.ts';
export { boilingAt } from './heat/boiling.ts';
export { isTender, type Seen } from './checks.ts';
export { readinessOf, startOf, type LotToCook, type Readiness } from './readiness.ts';
