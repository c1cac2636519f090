/** A pot as its heat balance sees it. */
export interface PotHeat {
  /** Of all that is in it when the lid goes on, the vessel included, J/K; of that the meat's. */
  readonly heatCapacity: number;
  readonly meatHeatCapacity: number;
  /** What of the vessel is in the air, and the open surface of the liquid, m². */
  readonly outerM2: number;
  readonly openM2: number;
  /** What it holds to the brim, l: a slow cooker's power goes with it. */
  readonly litres: number;
  /** How it goes into its oven; absent: warmed on the stove. */
  readonly start?: 'boiled' | 'straight in';
}

/** Six kilos in a 28 cm pot: what the readiness table is read at (estimates). */
export const referencePot: PotHeat = {
  heatCapacity: 22_000,
  meatHeatCapacity: 8_500,
  outerM2: 0.246,
  openM2: 0.0616,
  litres: 8.6,
};

/** Outside of a vessel with its lid, kg for each m² (estimate: 3 kg at 28 cm), and what a kg of it holds, J/K (published, iron 450, steel 490). */
const WALL_KG_M2 = 12;
const WALL_CP = 460;

/** Heat that the vessel itself holds, J/K; by its weight where it was weighed. */
export const vesselHeatCapacity = (outerM2: number, tareG: number | undefined): number =>
  WALL_CP * (tareG === undefined ? WALL_KG_M2 * outerM2 : tareG / 1000);
