import { type Pool, setTimes } from '../../ledger/index.ts';
import { midpoint } from '../../quantity/index.ts';
import { BROTH, FAT, SAUCE } from '../density.ts';
import { oneOf } from '../fields.ts';
import { stepKind } from '../kind.ts';
import { type Liquid, liquidNamed, MAIN, mlOfPool } from '../liquid.ts';
import { amount, measure, move, onLiquid } from './shared.ts';

/** Where in the pot a part of the liquid is taken from: the fat swims on top. */
export const drawnFrom = ['the top', 'stirred', 'below'] as const;
export type DrawnFrom = (typeof drawnFrom)[number];

/** What is set apart where nobody has said how much: half. */
const HALF = 0.5;
/** Of the fat that floats, a ladle that stays at the top takes so many times its share, one from below so much (estimates). */
const FROM_THE_TOP = 3;
const FROM_BELOW = 0.1;

/** A part of a liquid becomes one of its own; solids and what comes out go with the liquid that they lie in. */
export const setApart = stepKind({
  fields: {
    liquid: onLiquid,
    as: { of: 'name', says: 'what the part that is set apart is called' },
    amount,
    measure,
    dish: { of: 'id', says: 'the dish that it is set apart for; absent: for any' },
    from: oneOf(drawnFrom, 'from where in the pot; absent: stirred'),
  },
  works: 'liquid',
  makes: true,
  inDay: { minutes: 3 },
  weighs: undefined,
  liquid: {
    flow: 'setApart',
    plan: ({ as, amount: written, from }, { of }) =>
      as === undefined || as === MAIN || as === of
        ? undefined
        : { as, share: HALF, ml: midpoint(written), from: from ?? ('stirred' as const) },
    run: ({ as, share, ml, from }, { liquid, taken, out }) => {
      const apart = liquidNamed(out, as);
      const now = mlOfPool(liquid);
      const part = ml === undefined ? share : now > 0 ? Math.min(1, ml / now) : 0;
      const floats = Math.max(0, liquid.pool.fat - liquid.solids.fat - liquid.comesOut.fat);
      setTimes(taken, liquid.pool, part);
      if (from !== 'stirred' && liquid !== apart) swapFat(taken, liquid, part, floats, from);
      move(liquid, apart, part, taken);
    },
  },
});

/**
 * A ladle from the top or from below takes more fat or less than its share, for as many ml of what is under the fat: so many ml
 * were asked for. What it gives back for fat is of its own, and what it gets for it of the rest.
 */
function swapFat(
  taken: Pool,
  { pool, strained }: Liquid,
  part: number,
  floats: number,
  from: 'the top' | 'below',
): void {
  const top = from === 'the top';
  const wanted = top ? Math.min(1, FROM_THE_TOP * part) : FROM_BELOW * part;
  const fat = top
    ? Math.min((wanted - part) * floats, pool.fat - taken.fat)
    : Math.min((part - wanted) * floats, taken.fat);
  const giving = (component: 'water' | 'salt' | 'alcohol') =>
    top ? taken[component] : pool[component] - taken[component];
  const liquid = giving('water') + giving('salt') + giving('alcohol');
  const share = liquid > 0 ? Math.min(1, ((fat / FAT) * (strained ? BROTH : SAUCE)) / liquid) : 0;
  for (const component of ['water', 'salt', 'alcohol'] as const)
    taken[component] += (top ? -1 : 1) * share * giving(component);
  taken.fat += top ? fat : -fat;
}
