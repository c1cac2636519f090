import { massOf, setLess, setPlus, type Pool, clearPool, setTimes } from '../../ledger/index.ts';
import { isWeighed } from '../../meat/index.ts';
import { BROTH, FAT, SAUCE, volumeOf } from '../density.ts';
import {
  liquidNamed,
  type FromMeat,
  type Liquid,
  type LiquidDraw,
  type LiquidMass,
  type LiquidPlan,
} from '../liquid.ts';
import type { LiquidStep } from '../step.ts';
import { THICKENS } from '../thickness.ts';
import { heldWater, holdLiquid } from './hold.ts';

/** What a step works with: the liquid that it names, and the pool that what it takes goes into. */
export interface StepRun {
  readonly plan: LiquidPlan;
  readonly meat: FromMeat;
  readonly draw: Readonly<LiquidDraw>;
  readonly out: LiquidMass;
  readonly liquid: Liquid;
  readonly taken: Pool;
  /** What a cook weighed of it, g; NaN if nobody did. */
  readonly weighed: number;
}

type Kind = LiquidStep['what'];
type Kernel<K extends Kind> = (step: Extract<LiquidStep, { what: K }>, run: StepRun) => void;

/** What of the scum is protein; the rest is the liquid in it (estimate). */
const SCUM_PROTEIN = 0.15;
/** Of a skimming's weight, the broth that clings to the fat (estimate). */
const CLINGING = 0.1;

/** Fat spooned off while it cooks, with the liquid that clings to it. */
const skimOnWay: Kernel<'skim on the way'> = ({ fatG, fatShare }, { liquid, taken }) => {
  const { pool, solids, comesOut } = liquid;
  const floating = Math.max(0, pool.fat - solids.fat - comesOut.fat);
  taken.fat = Math.min(floating, fatG ?? fatShare * floating);
  holdLiquid((taken.fat * CLINGING) / (1 - CLINGING), taken, pool);
};

const scum: Kernel<'scum'> = ({ grams }, { liquid, taken }) => {
  const { pool, solids, comesOut } = liquid;
  const loose = Math.max(0, pool.protein - solids.protein - comesOut.protein);
  taken.protein = Math.min(loose, SCUM_PROTEIN * grams);
  holdLiquid(grams - taken.protein, taken, pool);
};

/** At the end of a long braise salt is even through all the water, the meat's included. */
const liftTheMeat: Kernel<'lift the meat'> = (_, { liquid: { pool }, meat, out }) => {
  const water = pool.water + meat.meatWater;
  // Salt taken up displaces its own weight of water, so that the published yield still holds.
  const strength = water > 0 ? pool.salt / water : 0;
  out.saltOfMeatWater = Math.min(
    strength / (1 + strength),
    meat.meatWater > 0 ? pool.salt / meat.meatWater : 0,
  );
  const salt = out.saltOfMeatWater * meat.meatWater;
  pool.salt = Math.max(0, pool.salt - salt);
  pool.water += salt;
};

/** What came out again whole, with the liquid that it holds. */
const takeOut: Kernel<'take out'> = (_, { plan, draw, liquid, taken, out }) => {
  const { pool, comesOut } = liquid;
  setTimes(taken, comesOut, 1);
  holdLiquid(heldWater(liquid.comesOutG, draw.held, massOf(comesOut)), taken, pool);
  clearPool(comesOut);
  liquid.comesOutG = 0;
  // Unless a sieve follows, the solids are the sauce.
  if (!liquid.strained) out.solids = Math.min(massOf(plan.solids) + massOf(plan.blended), massOf(pool));
};

const strain: Kernel<'strain'> = (_, { draw, liquid, taken, weighed, out }) => {
  const { pool, solids } = liquid;
  const dry = massOf(solids);
  setTimes(taken, solids, 1);
  const held = isWeighed(weighed) ? weighed - dry : heldWater(liquid.solidsG, draw.held, dry);
  holdLiquid(held, taken, pool);
  clearPool(solids);
  liquid.solidsG = 0;
  out.solids = liquid.strained ? out.solids + massOf(taken) : massOf(taken);
  liquid.strained = true;
};

const skim: Kernel<'skim'> = ({ share }, { draw, liquid, taken, weighed }) => {
  const { pool, solids, comesOut } = liquid;
  const fat = isWeighed(weighed)
    ? Math.min(pool.fat, weighed * (1 - CLINGING))
    : pool.fat * Math.min(1, share * draw.skim);
  const base = massOf(pool) - pool.fat;
  const broth = isWeighed(weighed) ? weighed - fat : (fat * CLINGING) / (1 - CLINGING);
  const part = base > 0 ? Math.min(1, broth / base) : 0;
  setTimes(taken, pool, part);
  taken.fat = fat;
  setLess(pool, pool, taken);
  // Solids that are still in it go with the broth that clings, and cannot keep fat that is not there.
  setTimes(solids, solids, 1 - part);
  setTimes(comesOut, comesOut, 1 - part);
  solids.fat = Math.min(solids.fat, pool.fat);
  comesOut.fat = Math.min(comesOut.fat, pool.fat - solids.fat);
};

/** Millilitres of a liquid as it stands. */
const mlOfPool = ({ pool, strained }: Liquid): number =>
  volumeOf(massOf(pool) - pool.fat, pool.fat, strained);

const boilDown: Kernel<'boil down'> = ({ toMl }, { liquid, taken }) => {
  const { pool, strained } = liquid;
  const now = mlOfPool(liquid);
  const over = (now - toMl) * (strained ? BROTH : SAUCE);
  taken.water = Math.min(pool.water, Math.max(0, over));
  pool.water -= taken.water;
};

/** Solids and what comes out go with the liquid that they lie in. */
const setApart: Kernel<'set apart'> = ({ as, share, ml, from }, { liquid, taken, out }) => {
  const apart = liquidNamed(out, as);
  const now = mlOfPool(liquid);
  const part = ml === undefined ? share : now > 0 ? Math.min(1, ml / now) : 0;
  const floats = Math.max(0, liquid.pool.fat - liquid.solids.fat - liquid.comesOut.fat);
  setTimes(taken, liquid.pool, part);
  if (from !== 'stirred' && liquid !== apart) swapFat(taken, liquid, part, floats, from);
  move(liquid, apart, part, taken);
};

/** Of the fat that floats, a ladle that stays at the top takes so many times its share, one from below so much (estimates). */
const FROM_THE_TOP = 3;
const FROM_BELOW = 0.1;

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

/** Crushed in the liquid they are a part of it. */
const mash: Kernel<'mash'> = (_, { liquid }) => {
  liquid.thickG += THICKENS.dry * massOf(liquid.solids);
  clearPool(liquid.solids);
  liquid.solidsG = 0;
};

const stirIn: Kernel<'stir in'> = ({ amount, thickG }, { liquid, taken }) => {
  setTimes(taken, amount, 1);
  setPlus(liquid.pool, liquid.pool, amount, 1);
  liquid.thickG += thickG;
};

/** It takes up liquid with the salt that is in it, and none of the fat. */
const soakUp: Kernel<'soak up'> = ({ grams }, { liquid: { pool }, taken }) => holdLiquid(grams, taken, pool);

const putBack: Kernel<'put back'> = ({ into }, { liquid, taken, out }) => {
  setTimes(taken, liquid.pool, 1);
  move(liquid, liquidNamed(out, into), 1, taken);
};

/** A share of a liquid with what lies in it into another. @param taken what of the liquid itself goes: more or less fat than its share */
function move(from: Liquid, to: Liquid, share: number, taken: Pool): void {
  if (from === to) return;
  const none = massOf(to.pool) === 0;
  setPlus(to.pool, to.pool, taken, 1);
  setLess(from.pool, from.pool, taken);
  for (const part of ['solids', 'comesOut'] as const) {
    setPlus(to[part], to[part], from[part], share);
    setTimes(from[part], from[part], 1 - share);
  }
  // What is strained and what is not make a sauce.
  to.strained = none ? from.strained : to.strained && from.strained;
  for (const part of ['solidsG', 'comesOutG', 'thickG'] as const) {
    to[part] += share * from[part];
    from[part] -= share * from[part];
  }
}

/** One kernel a kind of step: the whole of what it does to a liquid. */
export const kernels: { readonly [K in Kind]: Kernel<K> } = {
  'skim on the way': skimOnWay,
  scum,
  'lift the meat': liftTheMeat,
  'take out': takeOut,
  strain,
  skim,
  mash,
  'boil down': boilDown,
  'stir in': stirIn,
  'soak up': soakUp,
  'set apart': setApart,
  'put back': putBack,
};
