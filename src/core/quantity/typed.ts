import type { Quantity } from './quantity.ts';
import { G_PER_LB, G_PER_OZ } from './units.ts';
import type { UnitChoice } from './write.ts';

/**
 * A weight as a cook would have typed it, rounded up so that it is enough: to 10 g, or to the ounce.
 * What is stored is what the text says, not what was asked for.
 */
export function typedMass(grams: number, { system }: UnitChoice): Quantity {
  if (system === 'metric') {
    const tens = Math.ceil(grams / 10 - 1e-9) * 10;
    const text = tens >= 1000 ? `${(tens / 1000).toFixed(2).replace(/0$/, '')} kg` : `${tens} g`;
    return { text, lo: tens, hi: tens };
  }
  const ounces = Math.ceil(grams / G_PER_OZ - 1e-9);
  const [lb, oz] = [Math.floor(ounces / 16), ounces % 16];
  const text = [lb > 0 ? `${lb} lb` : '', oz > 0 ? `${oz} oz` : ''].filter(Boolean).join(' ');
  const si = lb * G_PER_LB + oz * G_PER_OZ;
  return { text, lo: si, hi: si };
}
