export { wordsToNumbers } from './loose.ts';
export { typedMass } from './typed.ts';
export { middle, relativeSpread, Z90, type Quantity } from './quantity.ts';
export { rangeOf, type Range } from './range.ts';
export { readAltitude } from './readAltitude.ts';
export { readLength } from './readLength.ts';
export { readShare } from './readShare.ts';
export { readQuantity } from './read.ts';
export { readAny } from './readAny.ts';
export type { Measure } from './units.ts';
export {
  writeChance,
  writeDegrees,
  writeMass,
  writeMinutes,
  writeVolume,
  type UnitChoice,
  type Written,
} from './write.ts';
