import { G_PER_LB } from '@/core/quantity/index.ts';

/** What a Weight Measurement says. */
export interface WeightMeasurement {
  /** g; null where the scale says that it could not measure. */
  readonly grams: number | null;
}

/** Flags of the characteristic: units, and what follows. */
const IMPERIAL = 0b1;
/** What the specification sends for "no measurement". */
const NONE = 0xffff;
/** The resolutions that the characteristic has, kg and lb (Bluetooth SIG, GATT Specification Supplement, Weight Measurement; from memory). */
const KG_PER_UNIT = 0.005;
const LB_PER_UNIT = 0.01;

/**
 * Decodes a Weight Measurement (0x2A9D): a byte of flags, then an unsigned 16 bit figure, low byte first, in 5 g or in
 * hundredths of a pound (Bluetooth SIG, Weight Scale Service 1.0; from memory). Time, user and BMI, which may follow, tell a
 * kitchen nothing.
 * @returns undefined where there are too few bytes
 */
export function decodeWeight(bytes: DataView): WeightMeasurement | undefined {
  if (bytes.byteLength < 3) return undefined;
  const flags = bytes.getUint8(0);
  const units = bytes.getUint16(1, true);
  if (units === NONE) return { grams: null };
  return { grams: flags & IMPERIAL ? units * LB_PER_UNIT * G_PER_LB : units * KG_PER_UNIT * 1000 };
}
