import type { Avoidable, BuildChoice } from '../meal/index.ts';

/** One thing that dishes are built of: what is in it that some guests must not have, and how it is bought. */
export interface Stuff {
  readonly unit: 'g' | 'ml' | 'pieces';
  /** What is in it as it is usually made (common practice, no source; the label decides). */
  readonly holds: readonly Avoidable[];
  /** It is made in many ways: what else is in it only its label says. */
  readonly unsure?: true;
  /** What is known not to be in it. */
  readonly without?: readonly Avoidable[];
  /** Where it is bought; absent: it is in the house. */
  readonly section?: 'bread' | 'dry goods' | 'besides';
  /** How many, or g, in a pack (common practice, no source). */
  readonly pack?: number;
  /** It comes out of the pots of the meal, with all that is in them. */
  readonly fromPots?: true;
}

const bread = { unit: 'pieces', section: 'bread' } as const;
const dry = { unit: 'g', section: 'dry goods' } as const;
const besides = { unit: 'g', section: 'besides' } as const;
const inHouse = { unit: 'g' } as const;
/** Bread without gluten is made with egg, milk, soy or lupin, or with none of them. */
const glutenFree = { holds: [], unsure: true, without: ['gluten'] } as const;
const melts = { ...besides, holds: ['milk'] } as const;
/** Made of nuts, soy, starch or fat. */
const plant = { ...besides, holds: [], unsure: true, without: ['milk'] } as const;

/** All that a dish may be built of, by name. */
export const stuffs: Readonly<Record<BuildChoice, Stuff>> = {
  'small wheat tortillas': { ...bread, pack: 12, holds: ['gluten'] },
  'small corn tortillas': { ...bread, pack: 12, holds: [] },
  'large wheat tortillas': { ...bread, pack: 8, holds: ['gluten'] },
  'gluten-free wraps': { ...bread, pack: 6, ...glutenFree },
  rolls: { ...bread, pack: 6, holds: ['gluten'] },
  'enriched rolls': { ...bread, pack: 6, holds: ['gluten', 'milk', 'egg'] },
  'gluten-free rolls': { ...bread, pack: 4, ...glutenFree },
  'long rolls': { ...bread, pack: 4, holds: ['gluten'] },
  'slices of bread': { ...bread, pack: 16, holds: ['gluten'] },
  'slices of gluten-free bread': { ...bread, pack: 12, ...glutenFree },
  'dried pasta': { ...dry, pack: 500, holds: ['gluten'] },
  'egg noodles': { ...dry, pack: 500, holds: ['gluten', 'egg'] },
  'gluten-free pasta, of corn or rice': { ...dry, pack: 500, holds: [] },
  'mash with milk and butter': { ...besides, holds: ['milk'] },
  'mash with oil': { ...besides, holds: [] },
  gnocchi: { ...besides, holds: ['gluten', 'egg'] },
  breadcrumbs: { unit: 'g', section: 'bread', pack: 400, holds: ['gluten'] },
  'gluten-free crumbs': { unit: 'g', section: 'bread', pack: 300, ...glutenFree },
  'butter pastry': { unit: 'g', section: 'bread', pack: 500, holds: ['gluten', 'milk'] },
  'pastry without butter': { unit: 'g', section: 'bread', pack: 500, holds: ['gluten'] },
  'gluten-free pastry': { unit: 'g', section: 'bread', pack: 400, ...glutenFree },
  'cheese that melts': melts,
  'cheese to brown': melts,
  'hard cheese': melts,
  'cheese without milk': plant,
  butter: { ...inHouse, holds: ['milk'] },
  oil: { ...inHouse, holds: [] },
  'skimmed fat': { ...inHouse, holds: [], fromPots: true },
  egg: { ...inHouse, holds: ['egg'] },
  milk: { ...inHouse, holds: ['milk'] },
  rice: { ...inHouse, holds: [] },
  beans: { ...inHouse, holds: [] },
  limes: { unit: 'pieces', holds: [] },
  nothing: { ...inHouse, holds: [] },
};
