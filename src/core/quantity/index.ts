export { withFractions, withSigns } from './fractions.ts';
export { ALTITUDE, type Bound, bounds, MOMENT, PRICE, quoted, TEXT_MOST } from './bounds.ts';
export { bisect } from './bisect.ts';
export { endsOf, numberOf, numberWords, wordsToNumbers } from './loose.ts';
export { midpoint, type Quantity, relativeSpread, Z90 } from './quantity.ts';
export { percentileOfSorted, type Range, rangeOf } from './range.ts';
export { type AnyReading, readAny, readQuantity } from './read.ts';
export { nearOf, unitNear } from './near.ts';
export { readAltitude } from './readAltitude.ts';
export { readBoiledTo } from './readPart.ts';
export { readLength } from './readLength.ts';
export { readShare } from './readShare.ts';
export { typedMass } from './typed.ts';
export { MINUTE_MS, G_PER_LB, ML_PER_CUP, type Measure } from './units.ts';
export {
  type UnitChoice,
  writeChance,
  writeDegrees,
  writeMass,
  writeMinutes,
  writeVolume,
  type Written,
} from './write.ts';
