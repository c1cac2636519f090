import { type UnitChoice, writeMass } from '@/core/quantity/index.ts';
import type { Band } from './ribbon.ts';

/** A part of the strands in words: what it is, how much, and what was planned if it was weighed. */
export function partWords({ words, part }: Pick<Band, 'words' | 'part'>, units: UnitChoice): string {
  const set = (grams: number) => {
    const { value, unit } = writeMass(grams, units);
    return `${value} ${unit}`;
  };
  return part.weighed
    ? `${words}: ${set(part.grams)}, weighed; planned ${set(part.planned)}`
    : `${words}: ${set(part.grams)}, planned`;
}
