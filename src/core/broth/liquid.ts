import { alcoholLeft } from '../clock/index.ts';
import { massOf as mass, nothing, plus, setLess, setPlus, type Amount, type Pool } from '../ledger/index.ts';
import type { ItemPlan } from '../pot/index.ts';
import { BROTH, SAUCE, volumeOf } from './density.ts';

/** Strained solids keep this much of the weight that went in, held liquid included (.5 to .75, estimate). */
const SOLIDS_KEEP = 0.6;
/** What of the scum is protein; the rest is the liquid in it (estimate). */
const SCUM_PROTEIN = 0.15;
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
  /** Sums of the items: what is poured, the solids, what is blended in, and what comes out again whole. */
  readonly poured: Amount;
  readonly pouredMl: number;
  readonly pouredSpread: number;
  readonly solids: Amount;
  readonly blended: Amount;
  readonly lifted: Amount;
  /** What no sieve lets through of the solids, and of what comes out. */
  readonly dry: Amount;
  readonly liftedDry: Amount;
  /** Alcohol of each item, g, and when it goes in, min. */
  readonly alcohol: readonly { readonly grams: number; readonly at: number }[];
  /** Fat of the pan that goes into the pot, g. */
  readonly panFatG: number;
  readonly saltG: number;
  readonly saltSpread: number;
  /** What would have to be added for the strength that is wanted; below nought if there is too much already. */
  readonly saltWantedG: number;
  /** Taken off while it cooks: fat by weight or as a share of what floats, and scum, g. */
  readonly onWay: { readonly fatG: number | undefined; readonly fatShare: number; readonly scumG: number };
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
  salt: number;
}
export const centreOfLiquid: Readonly<LiquidDraw> = {
  poured: 1,
  steam: 1,
  held: 1,
  minutes: 1,
  skim: 1,
  salt: 1,
};

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
  /** Taken off while it cooks, and what came out again whole. */
  readonly waySkim: Pool;
  readonly scum: Pool;
  readonly lifted: Pool;
  readonly strained: Pool;
  readonly skim: Pool;
  saltG: number;
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
  waySkim: emptyPool(),
  scum: emptyPool(),
  lifted: emptyPool(),
  strained: emptyPool(),
  skim: emptyPool(),
  saltG: 0,
  reduction: 0,
  finished: emptyPool(),
  ml: 0,
  grams: 0,
  solids: 0,
  saltShare: 0,
});

const isWeighed = (grams: number) => !Number.isNaN(grams);
const clear = (pool: Pool) => setPlus(pool, nothing, nothing, 0);

type Sums = Pick<
  LiquidPlan,
  'poured' | 'pouredMl' | 'pouredSpread' | 'solids' | 'blended' | 'lifted' | 'dry' | 'liftedDry' | 'alcohol'
>;

/** How far a pour is off: people pour more or less than they said (estimate). */
const POURED_SPREAD = 0.05;
const dryOf = (amount: Amount): Amount => ({ ...amount, water: 0, salt: 0, alcohol: 0 });

/** Sums that every draw needs, made once from the items. */
export function sumsOf(items: readonly ItemPlan[]): Sums {
  let [poured, solids, blended, lifted] = [nothing, nothing, nothing, nothing];
  let pouredMl = 0;
  let variance = 0;
  for (const { role, fate, grams, perGram, density, spread } of items) {
    if (role === 'liquid') {
      poured = plus(poured, perGram, grams);
      pouredMl += grams / density;
      variance += (grams * spread) ** 2;
    } else if (fate === 'comes out') lifted = plus(lifted, perGram, grams);
    else if (fate === 'puréed') blended = plus(blended, perGram, grams);
    else solids = plus(solids, perGram, grams);
  }
  const typed = mass(poured) > 0 ? Math.sqrt(variance) / mass(poured) : 0;
  return {
    poured,
    pouredMl,
    pouredSpread: Math.hypot(POURED_SPREAD, typed),
    solids,
    blended,
    lifted,
    dry: dryOf(solids),
    liftedDry: dryOf(lifted),
    alcohol: items.flatMap(({ grams, perGram, at }) =>
      perGram.alcohol > 0 ? [{ grams: grams * perGram.alcohol, at }] : [],
    ),
  };
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
  pot.fat += plan.panFatG;
  out.saltG = plan.saltG * draw.salt;
  pot.salt += out.saltG;

  const minutes = plan.minutesOpen * draw.minutes;
  boilOffAlcohol(plan, plan.minutesFixed + minutes, out);
  setPlus(out.lifted, plan.liftedDry, nothing, 0);
  setPlus(out.strained, plan.strain ? plan.dry : nothing, nothing, 0);
  boil(plan, meat, minutes, draw, out);
  takeOffOnWay(plan, out);
  evenSalt(meat, out);
  holdLiquid(heldWater(plan.lifted, draw.held, mass(out.lifted)), out.lifted, out);
  if (plan.strain) strain(plan, draw, out);
  else out.solids = Math.min(mass(plan.solids) + mass(plan.blended), mass(out.pot));
  skim(plan, draw, out);
  finish(plan, out);
}

function pourIn(plan: LiquidPlan, draw: Readonly<LiquidDraw>, out: LiquidMass): void {
  const planned = mass(plan.poured);
  const weighed = plan.weighed.pour;
  out.pourFactor = isWeighed(weighed) ? (planned > 1e-6 ? weighed / planned : 0) : draw.poured;
  out.pour = planned * out.pourFactor;
  out.pouredMl = plan.pouredMl * out.pourFactor;
  setPlus(out.pot, plan.solids, plan.poured, out.pourFactor);
  setPlus(out.pot, out.pot, plan.blended, 1);
  setPlus(out.pot, out.pot, plan.lifted, 1);
}

/** Each item's alcohol by how long it has been in. */
function boilOffAlcohol({ alcohol }: LiquidPlan, minutes: number, out: LiquidMass): void {
  let there = 0;
  let left = 0;
  for (const { grams, at } of alcohol) {
    there += grams;
    left += grams * alcoholLeft(Math.max(0, minutes - at));
  }
  out.alcoholOff = there > 0 ? out.pot.alcohol * (1 - left / there) : 0;
  out.pot.alcohol -= out.alcoholOff;
}

/** Water that solids hold when they are lifted out, g, beside what is dry in them. */
function heldWater(solids: Amount, held: number, dry: number): number {
  return Math.max(0, Math.min(0.95, SOLIDS_KEEP * held) * mass(solids) - dry);
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
  const strained = plan.strain ? heldWater(plan.solids, draw.held, mass(out.strained)) : 0;
  const lifted = heldWater(plan.lifted, draw.held, mass(out.lifted));
  const free = Math.max(0, pot.water - strained - lifted);
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
  setLess(pot, pot, potMissing);
  // Of what is missing, the solids are missing too.
  setPlus(out.strained, out.strained, out.strained, -share);
  setPlus(out.lifted, out.lifted, out.lifted, -share);
}

/** Fat and scum taken off while it cooks, with the liquid that clings to them. */
function takeOffOnWay({ onWay }: LiquidPlan, out: LiquidMass): void {
  const { pot, strained, lifted, waySkim, scum } = out;
  clear(waySkim);
  clear(scum);
  const floating = Math.max(0, pot.fat - strained.fat - lifted.fat);
  waySkim.fat = Math.min(floating, onWay.fatG ?? onWay.fatShare * floating);
  holdLiquid((waySkim.fat * CLINGING) / (1 - CLINGING), waySkim, out);
  const loose = Math.max(0, pot.protein - strained.protein - lifted.protein);
  scum.protein = Math.min(loose, SCUM_PROTEIN * onWay.scumG);
  holdLiquid(onWay.scumG - scum.protein, scum, out);
}

/**
 * Takes something out of the pot with the liquid that it holds: water with the salt and the alcohol
 * that are in it.
 */
function holdLiquid(wanted: number, taken: Pool, { pot }: LiquidMass): void {
  const liquid = pot.water + pot.salt + pot.alcohol;
  const share = liquid > 0 ? Math.min(1, Math.max(0, wanted) / liquid) : 0;
  taken.water = pot.water * share;
  taken.salt = pot.salt * share;
  taken.alcohol = pot.alcohol * share;
  setLess(pot, pot, taken);
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
  const dry = mass(out.strained);
  const weighed = plan.weighed.strained;
  holdLiquid(isWeighed(weighed) ? weighed - dry : heldWater(plan.solids, draw.held, dry), out.strained, out);
  out.solids = mass(out.strained);
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
  setLess(out.finished, pot, taken);
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
