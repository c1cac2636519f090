import type { Vessel } from '../batch/schema.ts';
import { floorCm2, FULL } from '../pot/index.ts';
import type { BatchPlan } from './plan.ts';

/** What a drawing of the pot in section needs: heights in cm, volumes in ml, all to one scale. */
export interface PotPicture {
  readonly vessel: Vessel;
  readonly meatCm: number;
  readonly lineCm: number;
  readonly standsCm: number;
  readonly fullCm: number;
  readonly items: readonly {
    readonly id: string;
    readonly ref: string;
    readonly name: string;
    readonly role: 'liquid' | 'solid';
    readonly grams: number;
    readonly ml: number;
    /** How high it alone would stand in this vessel, cm. */
    readonly cm: number;
    readonly solved: boolean;
  }[];
  readonly saltG: number;
}

export function potOf({ vessel, fill, lineCm, standsCm, liquid }: BatchPlan): PotPicture | null {
  if (!vessel || !liquid) return null;
  const floor = floorCm2(vessel);
  return {
    vessel,
    meatCm: fill.meatCm,
    lineCm,
    standsCm,
    fullCm: FULL * vessel.heightCm,
    items: liquid.items.map(({ id, ref, name, role, grams, density, solved }) => ({
      id,
      ref,
      name,
      role,
      grams,
      ml: grams / density,
      cm: grams / density / floor,
      solved,
    })),
    saltG: liquid.saltG,
  };
}
