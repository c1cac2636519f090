export { celsiusAt, type Cools, hoursTo, keepsLimits, STEP_MIN } from './cool.ts';
export { fitCooling, type ThermometerReading } from './fit.ts';
export { limits } from './limits.ts';
export { inPans, pansFor, SHALLOW_CM } from './pans.ts';
export { latestSplit, withSplit } from './split.ts';
