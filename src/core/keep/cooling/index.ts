export {
  celsiusAt,
  coolingCurve,
  type CoolingCurve,
  type Cools,
  hoursTo,
  keepsLimits,
  STEP_MIN,
} from './cool.ts';
export { fitCooling, type Fitted, type ThermometerReading } from './fit.ts';
export { HOLD_HOT, limits, REHEAT } from './limits.ts';
export { inPans, pansFor, SHALLOW_CM, TRAY } from './pans.ts';
export { latestSplit, withSplit } from './split.ts';
