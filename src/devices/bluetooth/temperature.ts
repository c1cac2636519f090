/** What a Temperature Measurement says, °C; null where the probe says that it could not measure. */
export interface TemperatureMeasurement {
  readonly celsius: number | null;
}

const FAHRENHEIT = 0b1;

/**
 * A medical FLOAT of 32 bits (ISO/IEEE 11073-20601; from memory): a signed exponent of ten in the highest byte, a
 * signed mantissa of 24 bits in the rest. NaN, NRes and the infinities are mantissas of their own.
 */
function readFloat(bytes: DataView, at: number): number | null {
  const raw = bytes.getUint32(at, true);
  const exponent = raw >> 24;
  const low = raw & 0xffffff;
  if (low >= 0x7ffffe && low <= 0x800002) return null;
  const mantissa = low & 0x800000 ? low - 0x1000000 : low;
  return mantissa * 10 ** exponent;
}

/**
 * Decodes a Temperature Measurement (0x2A1C): a byte of flags, then the temperature in °C or °F (Bluetooth SIG, Health
 * Thermometer Service 1.0; from memory). Its time and where it was taken, which may follow, tell a kitchen nothing.
 * @returns undefined where there are too few bytes
 */
export function decodeTemperature(bytes: DataView): TemperatureMeasurement | undefined {
  if (bytes.byteLength < 5) return undefined;
  const value = readFloat(bytes, 1);
  if (value === null) return { celsius: null };
  return { celsius: bytes.getUint8(0) & FAHRENHEIT ? ((value - 32) * 5) / 9 : value };
}
