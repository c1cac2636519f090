import { type Range, writeMass, writeMinutes, writeVolume } from '@/core/quantity/index.ts';
import type { ShelfAmount } from '@/core/answers/index.ts';
import { writeTime } from '@/core/clock/index.ts';
import { useSettings } from './useSettings.ts';

/** A range narrower than this, of its middle, is a weighing. */
const SURE = 0.01;

export type Said = ReturnType<typeof useSaid>;

/** Masses and volumes in one run of words, in the cook's own units. */
export function useSaid() {
  const units = useSettings();
  const said = ({ value, unit }: { readonly value: string; readonly unit: string }) => `${value} ${unit}`;
  const mass = (grams: number) => said(writeMass(grams, units));
  const volume = (ml: number) => said(writeVolume(ml, units));
  return {
    mass,
    volume,
    /** “12,000”. */
    count: (of: number) => of.toLocaleString('en'),
    timeOfDay: (time: string) => writeTime(time, units.hours),
    minutes: (minutes: number) => said(writeMinutes(minutes)).trim(),
    /** Of what has a volume, the volume. */
    amount: ({ grams, ml }: ShelfAmount) => (ml === undefined ? mass(grams) : volume(ml)),
    /** So much of something that is only likely: no surer than the whole of it. */
    rough: (grams: number, { mid, p10 = mid, p90 = mid }: Range) =>
      p90 - p10 > SURE * mid
        ? `about ${said(writeMass({ mid: grams, p10: Math.max(0, grams - mid + p10), p90: grams + p90 - mid }, units))}`
        : mass(grams),
  };
}
