import { fahrenheitOfCelsius, G_PER_LB, G_PER_OZ, ML_PER_CUP, ML_PER_FL_OZ } from './units.ts';
import type { Range } from './range.ts';

export interface UnitChoice {
  readonly system: 'metric' | 'us';
  readonly degrees: 'C' | 'F';
}

/** A figure ready to be set: its number, its unit, and the ends of its range in the same unit. */
export interface Written {
  readonly value: string;
  readonly unit: string;
  readonly range?: string;
}

interface Step {
  readonly unit: string;
  readonly si: number;
  /** Used from this size on, SI. */
  readonly from: number;
  readonly digits: number;
}

const massSteps = {
  metric: [
    { unit: 'kg', si: 1000, from: 9950, digits: 1 },
    { unit: 'kg', si: 1000, from: 995, digits: 2 },
    { unit: 'g', si: 1, from: 0, digits: 0 },
  ],
  us: [
    { unit: 'lb', si: G_PER_LB, from: G_PER_LB, digits: 1 },
    { unit: 'oz', si: G_PER_OZ, from: 0, digits: 1 },
  ],
} satisfies Record<string, Step[]>;
const volumeSteps = {
  metric: [
    { unit: 'l', si: 1000, from: 995, digits: 1 },
    { unit: 'ml', si: 1, from: 0, digits: 0 },
  ],
  us: [
    { unit: 'cups', si: ML_PER_CUP, from: ML_PER_CUP, digits: 1 },
    { unit: 'fl oz', si: ML_PER_FL_OZ, from: 0, digits: 1 },
  ],
} satisfies Record<string, Step[]>;

/** Rounds to no finer than a tenth of the range's width deserves: 1 or 5 times a power of ten. */
function roundedTo(value: number, width: number): number {
  if (!(width > 0)) return value;
  const target = width / 10;
  const power = 10 ** Math.floor(Math.log10(target));
  const step = [5, 1].map((m) => m * power).find((s) => s <= target) ?? power;
  return Math.round(value / step) * step;
}

function write(figure: Range | number, steps: readonly Step[]): Written {
  const { mid, p10, p90 } =
    typeof figure === 'number' ? { mid: figure, p10: undefined, p90: undefined } : figure;
  const step = steps.find((s) => Math.abs(mid) >= s.from) ?? steps.at(-1);
  if (!step) throw new Error('no unit to write in');
  const ranged = p10 !== undefined && p90 !== undefined;
  const digits = ranged && step.digits === 2 && p90 - p10 > 60 ? 1 : step.digits;
  const set = (x: number) => {
    const shown = (ranged && digits === 0 ? roundedTo(x, p90 - p10) : x) / step.si;
    return shown.toFixed(digits).replace(/^-(0(\.0+)?)$/, '$1');
  };
  const written = { value: set(mid), unit: step.unit };
  if (!ranged) return written;
  const [low, high] = [set(p10), set(p90)];
  return low === high ? written : { ...written, range: `${low}–${high}` };
}

/** A mass in grams as "1.9 kg" with "1.7–2.1"; in the US system pounds and ounces. */
export const writeMass = (grams: Range | number, { system }: UnitChoice) => write(grams, massSteps[system]);

/** A volume in ml as "2.3 l" with "2.0–2.6"; in the US system cups and fluid ounces. */
export const writeVolume = (ml: Range | number, { system }: UnitChoice) => write(ml, volumeSteps[system]);

/** Minutes as "3 h 10", to five minutes above an hour; the range as "2:40–3:50". */
export function writeMinutes(minutes: Range | number): Written {
  const { mid, p10, p90 } =
    typeof minutes === 'number' ? { mid: minutes, p10: undefined, p90: undefined } : minutes;
  const whole = Math.round(mid / 5) * 5;
  const hours = Math.floor(whole / 60);
  const rest = String(whole % 60).padStart(2, '0');
  const clock = (x: number) => {
    const m = Math.round(x / 5) * 5;
    return `${Math.floor(m / 60)}:${String(m % 60).padStart(2, '0')}`;
  };
  return {
    value: hours > 0 ? `${hours} h ${rest}` : `${whole} min`,
    unit: '',
    ...(p10 !== undefined && p90 !== undefined && { range: `${clock(p10)}–${clock(p90)}` }),
  };
}

/** Degrees Celsius as "160 °C" or "320 °F". */
export function writeDegrees(celsius: number, { degrees }: UnitChoice): string {
  return degrees === 'C'
    ? `${Math.round(celsius)} °C`
    : `${Math.round(fahrenheitOfCelsius(celsius) / 5) * 5} °F`;
}

/** A chance as whole "N in 100"; never 0 or 100 unless it is so to the last draw. */
export function writeChance(share: number): string {
  const hundred = Math.round(share * 100);
  if (hundred === 100 && share < 1) return '99 in 100';
  if (hundred === 0 && share > 0) return '1 in 100';
  return `${hundred} in 100`;
}
