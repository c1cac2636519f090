import { alcoholLeft } from '../clock/index.ts';
import { massOf as mass, nothing, plus, setPlus, type Amount, type Pool } from '../ledger/index.ts';
import type { ItemPlan } from '../pot/index.ts';
import { BROTH, SAUCE, volumeOf } from './density.ts';

/** Strained solids keep this much of the weight that went in, held liquid included (.5 to .75, estimate). */
const SOLIDS_KEEP = 0.6;
/** Of a skimming's weight, the broth that clings to the fat (estimate). */
const CLINGING = 0.1;

const emptyPool = (): Pool => ({
  water: 0,
  protein: 0,
  fat: 0,
  ash: 0,
  salt: 0,
  starch: 0,
  other: 0,
  alcohol: 0,
});

export interface LiquidWeighed {
  pour: number;
  /** Pot with its contents after the braise, less the vessel. */
  pot: number;
  steam: number;
  strained: number;
  skim: number;
  liquid: number;
}
export const noLiquidWeighed = (): LiquidWeighed => ({
  pour: NaN,
  pot: NaN,
  steam: NaN,
  strained: NaN,
  skim: NaN,
  liquid: NaN,
});

/** What a batch's liquid is before it is cooked. Masses g. */
export interface LiquidPlan {
  readonly items: readonly ItemPlan[];
  /** Sums of the items: what is poured, the solids, and what of the solids no sieve lets through. */
  readonly poured: Amount;
  readonly pouredMl: number;
  readonly solids: Amount;
  readonly dry: Amount;
  readonly saltG: number;
  /** Steam over phases of a given length, g, and what each minute until tender adds. */
  readonly steamFixed: number;
  readonly steamPerMinute: number;
  readonly minutesFixed: number;
  /** Minutes until tender; 0 if every phase has its length. */
  readonly minutesOpen: number;
  readonly strain: boolean;
  /** Share of the floating fat that the skimming takes. */
  readonly skimShare: number;
  readonly reduceToMl?: number;
  readonly weighed: LiquidWeighed;
}

export interface LiquidDraw {
  poured: number;
  steam: number;
  held: number;
  minutes: number;
  skim: number;
}
export const centreOfLiquid: Readonly<LiquidDraw> = { poured: 1, steam: 1, held: 1, minutes: 1, skim: 1 };

/** What the meat gives to the liquid and what water it keeps: sums over the lots, g. */
export interface FromMeat {
  juiceWater: number;
  juiceAsh: number;
  protein: number;
  fat: number;
  /** Water in the cooked meat. */
  meatWater: number;
  /** Cooked meat with its bone as it lies in the pot. */
  inPot: number;
}

/** What became of a batch's liquid, g. */
export interface LiquidMass {
  pour: number;
  /** What each poured item is multiplied by: its spread, or what was weighed. */
  pourFactor: number;
  pouredMl: number;
  alcoholOff: number;
  steam: number;
  dry: boolean;
  /** Salt in a gram of the meat's water; the water that it displaces joins the liquid. */
  saltOfMeatWater: number;
  /** The pot's liquid, all its solids in it. */
  readonly pot: Pool;
  /** What a weighed pot held more than the balance allows, or less than can have boiled off. */
  potFound: number;
  readonly potMissing: Pool;
  readonly strained: Pool;
  readonly skim: Pool;
  reduction: number;
  /** Finished liquid as the balance has it. */
  readonly finished: Pool;
  ml: number;
  /** Grams as finished or as weighed. */
  grams: number;
  solids: number;
  saltShare: number;
}

export const emptyLiquidMass = (): LiquidMass => ({
  pour: 0,
  pourFactor: 1,
  pouredMl: 0,
  alcoholOff: 0,
  steam: 0,
  dry: false,
  saltOfMeatWater: 0,
  pot: emptyPool(),
  potFound: 0,
  potMissing: emptyPool(),
  strained: emptyPool(),
  skim: emptyPool(),
  reduction: 0,
  finished: emptyPool(),
  ml: 0,
  grams: 0,
  solids: 0,
  saltShare: 0,
});

const isWeighed = (grams: number) => !Number.isNaN(grams);
const clear = (pool: Pool) => setPlus(pool, nothing, nothing, 0);

/** Sums that every draw needs, made once from the items. */
export function sumsOf(
  items: readonly ItemPlan[],
): Pick<LiquidPlan, 'poured' | 'pouredMl' | 'solids' | 'dry'> {
  let poured = nothing;
  let solids = nothing;
  let pouredMl = 0;
  for (const { role, grams, perGram, density } of items) {
    if (role === 'solid') solids = plus(solids, perGram, grams);
    else {
      poured = plus(poured, perGram, grams);
      pouredMl += grams / density;
    }
  }
  return { poured, pouredMl, solids, dry: { ...solids, water: 0, salt: 0, alcohol: 0 } };
}

/**
 * Carries a batch's liquid from the jug to broth or sauce: everything poured and put in, juice and
 * fat received = vapour + strained out + skimmed + finished liquid.
 */
export function cookLiquid(
  plan: LiquidPlan,
  meat: FromMeat,
  draw: Readonly<LiquidDraw>,
  out: LiquidMass,
): void {
  pourIn(plan, draw, out);
  const { pot } = out;
  pot.water += meat.juiceWater;
  pot.ash += meat.juiceAsh;
  pot.protein += meat.protein;
  pot.fat += meat.fat;
  pot.salt += plan.saltG;

  const minutes = plan.minutesOpen * draw.minutes;
  out.alcoholOff = pot.alcohol * (1 - alcoholLeft(plan.minutesFixed + minutes));
  pot.alcohol -= out.alcoholOff;

  clear(out.strained);
  if (plan.strain) setPlus(out.strained, plan.dry, nothing, 0);
  boil(plan, meat, minutes, draw, out);
  evenSalt(meat, out);
  if (plan.strain) strain(plan, draw, out);
  else out.solids = Math.min(mass(plan.solids), mass(out.pot));
  skim(plan, draw, out);
  finish(plan, out);
}

function pourIn(plan: LiquidPlan, draw: Readonly<LiquidDraw>, out: LiquidMass): void {
  const planned = mass(plan.poured);
  const weighed = plan.weighed.pour;
  out.pourFactor = isWeighed(weighed) ? (planned > 0 ? weighed / planned : 0) : draw.poured;
  out.pour = planned * out.pourFactor;
  out.pouredMl = plan.pouredMl * out.pourFactor;
  setPlus(out.pot, plan.solids, plan.poured, out.pourFactor);
}

/** Water that the strained solids hold, g. */
function heldWater(plan: LiquidPlan, held: number, out: LiquidMass): number {
  const kept = Math.min(0.95, SOLIDS_KEEP * held) * mass(plan.solids);
  return Math.max(0, kept - mass(out.strained));
}

function boil(
  plan: LiquidPlan,
  meat: FromMeat,
  minutes: number,
  draw: Readonly<LiquidDraw>,
  out: LiquidMass,
): void {
  const { pot } = out;
  // What the solids hold is not free to boil off while they hold it.
  const free = Math.max(0, pot.water - (plan.strain ? heldWater(plan, draw.held, out) : 0));
  const { weighed } = plan;
  const wanted = isWeighed(weighed.steam)
    ? weighed.steam
    : isWeighed(weighed.pot)
      ? Math.max(0, meat.inPot + mass(pot) - weighed.pot)
      : (plan.steamFixed + plan.steamPerMinute * minutes) * draw.steam;
  out.steam = Math.min(free, wanted);
  out.dry = wanted > free && free > 0 && !isWeighed(weighed.pot);
  pot.water -= out.steam;
  settlePot(weighed.pot - meat.inPot, out);
}

/** What a weighed pot says against the balance, once all the steam there can be has been taken off. */
function settlePot(weighedLiquid: number, out: LiquidMass): void {
  const { pot, potMissing } = out;
  clear(potMissing);
  out.potFound = 0;
  if (!isWeighed(weighedLiquid)) return;
  const over = weighedLiquid - mass(pot);
  out.potFound = Math.max(0, over);
  pot.water += out.potFound;
  const share = over < 0 ? Math.min(1, -over / mass(pot)) : 0;
  setPlus(potMissing, nothing, pot, share);
  setPlus(pot, pot, potMissing, -1);
}

/** At the end of a long braise salt is even through all the water, the meat's included. */
function evenSalt(meat: FromMeat, out: LiquidMass): void {
  const { pot } = out;
  const water = pot.water + meat.meatWater;
  // Salt taken up displaces its own weight of water, so that the published yield still holds.
  const strength = water > 0 ? pot.salt / water : 0;
  out.saltOfMeatWater = Math.min(
    strength / (1 + strength),
    meat.meatWater > 0 ? pot.salt / meat.meatWater : 0,
  );
  const taken = out.saltOfMeatWater * meat.meatWater;
  pot.salt = Math.max(0, pot.salt - taken);
  pot.water += taken;
}

function strain(plan: LiquidPlan, draw: Readonly<LiquidDraw>, out: LiquidMass): void {
  const { pot, strained } = out;
  const dry = mass(strained);
  const wanted = isWeighed(plan.weighed.strained)
    ? Math.max(0, plan.weighed.strained - dry)
    : heldWater(plan, draw.held, out);
  // What they hold is liquid: water with the salt and the alcohol that are in it.
  const liquid = pot.water + pot.salt + pot.alcohol;
  const share = liquid > 0 ? Math.min(1, wanted / liquid) : 0;
  strained.water = pot.water * share;
  strained.salt = pot.salt * share;
  strained.alcohol = pot.alcohol * share;
  setPlus(pot, pot, strained, -1);
  out.solids = mass(strained);
}

function skim(plan: LiquidPlan, draw: Readonly<LiquidDraw>, out: LiquidMass): void {
  const { pot, skim: taken } = out;
  const weighed = plan.weighed.skim;
  const fat = isWeighed(weighed)
    ? Math.min(pot.fat, weighed * (1 - CLINGING))
    : pot.fat * Math.min(1, plan.skimShare * draw.skim);
  const base = mass(pot) - pot.fat;
  const broth = isWeighed(weighed) ? weighed - fat : (fat * CLINGING) / (1 - CLINGING);
  const share = base > 0 ? Math.min(1, broth / base) : 0;
  setPlus(taken, nothing, pot, share);
  taken.fat = fat;
  setPlus(out.finished, pot, taken, -1);
}

function finish(plan: LiquidPlan, out: LiquidMass): void {
  const { finished } = out;
  const base = () => mass(finished) - finished.fat;
  out.reduction = 0;
  if (plan.reduceToMl !== undefined) {
    const now = volumeOf(base(), finished.fat, plan.strain);
    const over = (now - plan.reduceToMl) * (plan.strain ? BROTH : SAUCE);
    out.reduction = Math.min(finished.water, Math.max(0, over));
    finished.water -= out.reduction;
  }
  const grams = mass(finished);
  out.grams = isWeighed(plan.weighed.liquid) ? plan.weighed.liquid : grams;
  const scale = grams > 0 ? out.grams / grams : 0;
  out.ml =
    grams > 0 ? volumeOf(base(), finished.fat, plan.strain) * scale : volumeOf(out.grams, 0, plan.strain);
  out.saltShare = base() > 0 ? finished.salt / base() : 0;
}
