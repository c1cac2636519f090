import type { StretchState } from '../batch/index.ts';
import { massOf, type Amount } from '../ledger/index.ts';

/** Dried beans, grains and pasta are cooked when so much of them is water (SR24: beans .63 to .67, barley .69). */
const COOKED_WATER = 0.66;
/** Wetter than this a food takes up nothing worth a figure: potatoes are .8 water raw and .77 boiled (SR24). */
const DRY = 0.3;

/** What a gram of it, put in raw, takes up of the liquid until it is cooked, g. */
export function takesUp(perGram: Amount, goesIn: StretchState): number {
  const water = perGram.water / massOf(perGram);
  if (goesIn === 'cooked' || water > DRY) return 0;
  const all = (1 - water) / (1 - COOKED_WATER) - 1;
  return goesIn === 'raw' ? all : all / 2;
}
