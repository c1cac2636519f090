import { type Amount, massOf } from '../../ledger/index.ts';
import { oneOf } from '../fields.ts';
import { holdLiquid } from '../held.ts';
import { stepKind } from '../kind.ts';
import { amount, gramsOf, measure } from './shared.ts';

/** How what a filling is stretched with goes in. */
export const stretchStates = ['raw', 'half cooked', 'cooked'] as const;
export type StretchState = (typeof stretchStates)[number];

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

/** Potato, beans or rice into the filling; raw, it takes up liquid with the salt that is in it, and none of the fat. */
export const stretch = stepKind({
  fields: {
    amount,
    measure,
    ref: { of: 'id', says: 'the ingredient that the filling is stretched with' },
    cooked: oneOf(stretchStates, 'how it goes in, since raw it takes up liquid; absent: cooked'),
  },
  works: 'liquid',
  inDay: { minutes: 10 },
  weighs: undefined,
  liquid: {
    flow: 'soakedUp',
    plan: (written, { find }) => {
      const { id, ref = '', cooked = 'cooked' } = written;
      const found = find(ref);
      if (!found || cooked === 'cooked') return undefined;
      const grams = gramsOf(written, found);
      return grams === undefined ? undefined : { item: id, grams: grams * takesUp(found.perGram, cooked) };
    },
    run: ({ grams }, { liquid: { pool }, taken }) => holdLiquid(grams, taken, pool),
  },
});
