export { heldIn, WITHOUT_FIGURES } from './allergens.ts';
export { BONE_DENSITY, fillOf, MUSCLE_DENSITY, levelCm, type Fill } from './fill.ts';
export { itemsOf, planItems, usualItems, type ItemPlan } from './items.ts';
export { BROTH_TARGET, salts, saltSpoons, saltToAdd } from './salt.ts';
export { searPlan, type Panful, type SearPlan } from './pans.ts';
export { searchNames } from './search.ts';
export { airShare } from './sear.ts';
export { brimMl, floorCm2, FULL, vesselsFor } from './vessel.ts';
