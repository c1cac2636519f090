import { type PotHeat, propertiesOf, referencePot, vesselHeatCapacity } from '../../tender/index.ts';
import { openPhase } from '../../clock/index.ts';
import type { Batch } from '../../meal/index.ts';
import { compositionOf, type LotPlan } from '../../meat/index.ts';
import { brimMl, type ItemPlan, mayBeWarmed, outerM2, surfaceCm2 } from '../../pot/index.ts';
import type { FilledVessel } from './vessels.ts';

/** Properties are taken at the middle of the way up, °C. */
const HALF_WAY = 60;
/** Raw bone, J/g/K (estimate, between water and mineral). */
const BONE_CP = 2.4;

const perGram = (food: Parameters<typeof propertiesOf>[0]) => propertiesOf(food, HALF_WAY).heatCapacity;

const rounded = (x: number) => Number(x.toPrecision(3));

/** How a pot goes into its oven: as it was written; what may not stand on a burner goes straight in. */
export const startIn = (
  { start, cook }: Pick<Batch, 'start' | 'cook'>,
  vessels: readonly FilledVessel[],
): PotHeat['start'] => {
  const heat = openPhase(cook)?.heat;
  if (start !== undefined || (heat !== 'oven' && heat !== 'smoker')) return start;
  return vessels.some(({ vessel }) => !mayBeWarmed(vessel)) ? 'straight in' : undefined;
};

/**
 * What a batch's vessels are to their heat: all that is in them when the lid goes on, the last pour as planned, and
 * what of them is in the air. Several are taken as one. Without a vessel it is the one that the readiness table is read at.
 */
export function potHeatOf(
  lots: readonly LotPlan[],
  items: readonly ItemPlan[],
  vessels: readonly FilledVessel[],
  start: PotHeat['start'],
): PotHeat {
  if (vessels.length === 0 || lots.length === 0) return { ...referencePot, ...(start && { start }) };
  const sum = <T>(some: readonly T[], of: (one: T) => number) => some.reduce((all, one) => all + of(one), 0);
  const meat = sum(
    lots,
    ({ rawG, boneShare, flesh }) =>
      rawG * ((1 - boneShare) * perGram(compositionOf(flesh)) + boneShare * BONE_CP),
  );
  const poured = sum(
    items.filter(({ at }) => at <= 0),
    ({ grams, perGram: { water, protein, fat, ash, salt, starch, other, alcohol } }) =>
      // Sugars and starch hold heat about as protein does, alcohol about as fat (estimates).
      grams * perGram({ water, protein: protein + starch + other, fat: fat + alcohol, ash: ash + salt }),
  );
  const walls = sum(vessels, ({ vessel }) => vesselHeatCapacity(outerM2(vessel), vessel.tareG));
  // To three places: nobody knows it better, and a gram more asks for no new course.
  return {
    heatCapacity: rounded(meat + poured + walls),
    meatHeatCapacity: rounded(meat),
    outerM2: rounded(sum(vessels, ({ vessel }) => outerM2(vessel))),
    openM2: rounded(sum(vessels, ({ vessel, lineCm }) => surfaceCm2(vessel, lineCm) / 10_000)),
    ...(start && { start }),
    litres: rounded(sum(vessels, ({ vessel }) => brimMl(vessel) / 1000)),
  };
}
