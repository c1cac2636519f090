import { valueBetween } from '../columns/index.ts';
import {
  emptyPool,
  massOf,
  nothing,
  plus,
  type Amount,
  type BatchReading,
  type FlowId,
  strandOf,
  type StrandPartName,
  type Pool,
} from '../ledger/index.ts';
import type { ItemPlan } from '../pot/index.ts';
import {
  emptyLiquid,
  flowOfStep,
  type Liquid,
  liquidNamed,
  type LiquidStep,
  MAIN,
  runnerOf,
  weighedOfStep,
  fateKind,
} from '../work/index.ts';

/** What was weighed of the liquid's flows, and of the pot with its contents after the braise, less the vessel. */
export type LiquidWeighed = Record<BatchReading | 'pot' | 'liquidMl', number>;

export const noLiquidWeighed = (): LiquidWeighed => ({
  pour: NaN,
  steam: NaN,
  strained: NaN,
  skim: NaN,
  liquid: NaN,
  drunk: NaN,
  pouredAway: NaN,
  liquidMl: NaN,
  pot: NaN,
});

/** What a batch's liquid is before it is cooked. Masses g. */
export interface LiquidPlan {
  readonly items: readonly ItemPlan[];
  /** Sums of the items: what is poured, the solids, what is blended in, and what comes out again whole. */
  readonly poured: Amount;
  readonly pouredMl: number;
  readonly pouredSpread: number;
  /** What things were soaked in, poured with them as it is. */
  readonly soaking: Amount;
  readonly soakingMl: number;
  readonly solids: Amount;
  readonly blended: Amount;
  readonly lifted: Amount;
  /** What no sieve lets through of the solids, and of what comes out. */
  readonly dry: Amount;
  readonly liftedDry: Amount;
  /** Of the items, what thickens as starch does, g. */
  readonly thickG: number;
  /** Of what is poured, gelatin of meat and bone: that of stocks, g. */
  readonly gelatinG: number;
  /** Alcohol of each item, g, and when it goes in, min. */
  readonly alcohol: readonly { readonly grams: number; readonly at: number }[];
  /** Fat of the pan that goes into the pot, g. */
  readonly panFatG: number;
  readonly saltG: number;
  readonly saltSpread: number;
  /** What would have to be added for the strength that is wanted; below nought if there is too much already. */
  readonly saltWantedG: number;
  /** Steam over phases of a given length, g, and what has gone at each step of the phase until tender. */
  readonly steamFixed: number;
  readonly steamOpen: SteamCourse;
  readonly minutesFixed: number;
  /** Minutes until tender; 0 if every phase has its length. */
  readonly minutesOpen: number;
  /** What is done to it after the lid is on, in order. */
  readonly steps: readonly LiquidStep[];
  readonly weighed: LiquidWeighed;
  /** What was read of the liquids that were set apart: g, or ml where it was read so. */
  readonly jugs?: ReadonlyMap<string, JugRead>;
}

export interface JugRead {
  readonly grams: number;
  readonly ml: number;
}

/** Steam since the start of a phase, g, at each step of so many minutes. */
export interface SteamCourse {
  readonly stepMin: number;
  readonly grams: Float64Array;
}

export const noSteam: SteamCourse = { stepMin: 1, grams: new Float64Array(1) };

/** Steam of so many minutes; beyond what was followed it goes on as at its end. */
export const steamOf = ({ stepMin, grams }: SteamCourse, minutes: number): number =>
  valueBetween(grams, minutes / stepMin);

export interface LiquidDraw {
  poured: number;
  steam: number;
  held: number;
  minutes: number;
  skim: number;
  salt: number;
}
export const nominalLiquid: Readonly<LiquidDraw> = {
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

/** What became of a batch's liquids, g: filled anew by each draw. */
export interface LiquidMass {
  pour: number;
  /** What each poured item is multiplied by: its spread, or what was weighed. */
  pourFactor: number;
  pouredMl: number;
  saltG: number;
  alcoholOff: number;
  steam: number;
  /** More would have boiled off than there was; or hardly any is left. */
  dry: boolean;
  nearDry: boolean;
  /** Water that the phases would have taken and that was not there, g. */
  lacked: number;
  /** The pot with its contents after the braise, the meat's bones too, g. */
  potG: number;
  /** What a weighed pot held more than the balance allows, or less than can have boiled off. */
  potFound: number;
  readonly potMissing: Pool;
  /** Salt in a gram of the meat's water; the water that it displaces joins the liquid. */
  saltOfMeatWater: number;
  /** Strained out, or in the sauce. */
  solids: number;
  readonly strainer: { readonly pool: Pool; readonly dry: Pool };
  /** The main liquid, then those that were set apart. */
  readonly liquids: readonly Liquid[];
  /** What each step took, in the order of the plan. */
  readonly taken: readonly Pool[];
  /** The steps with all that they work on. */
  readonly steps: readonly StepAt[];
  /** A sieve is among them. */
  readonly strains: boolean;
}

/** A step and what it works on: looked up once, since the run is repeated for thousands of draws. */
export interface StepAt {
  readonly step: LiquidStep;
  readonly liquid: Liquid;
  readonly taken: Pool;
  /** Where what was weighed of it stands; undefined where nobody weighs that. */
  readonly reading: keyof LiquidWeighed | undefined;
  /** The part of the strands that what it took is drawn in. */
  readonly strand: StrandPartName | undefined;
  readonly run: ReturnType<typeof runnerOf>;
}

export function emptyLiquidMass(steps: readonly LiquidStep[]): LiquidMass {
  const apart = steps.map((step) => ('as' in step ? step.as : step.of));
  const liquids = [...new Set([MAIN, ...apart])].map(emptyLiquid);
  const at = steps.map((step): StepAt => {
    const flow = flowOfStep(step);
    return {
      step,
      liquid: liquidNamed({ liquids }, step.of),
      taken: emptyPool(),
      reading: readingOfStep(steps, step),
      strand: flow && strandOf(flow),
      run: runnerOf(step),
    };
  });
  return {
    pour: 0,
    pourFactor: 1,
    pouredMl: 0,
    saltG: 0,
    alcoholOff: 0,
    steam: 0,
    dry: false,
    nearDry: false,
    lacked: 0,
    potG: 0,
    potFound: 0,
    potMissing: emptyPool(),
    saltOfMeatWater: 0,
    solids: 0,
    strainer: { pool: emptyPool(), dry: emptyPool() },
    liquids,
    taken: at.map(({ taken }) => taken),
    steps: at,
    strains: steps.some(({ what }) => what === 'strain'),
  };
}

/** The reading of what a step took: one of several of a kind stands for the first. */
export function readingOfStep(
  steps: readonly LiquidStep[],
  step: LiquidStep,
): keyof LiquidWeighed | undefined {
  const reading = weighedOfStep(step);
  if (reading === undefined || !(reading in noneWeighed)) return undefined;
  return steps.find(({ what }) => what === step.what) === step ? (reading as keyof LiquidWeighed) : undefined;
}
const noneWeighed = noLiquidWeighed();

/** The main liquid: the one that was in the pot. */
export const mainOf = (mass: Pick<LiquidMass, 'liquids'>): Liquid =>
  mass.liquids[0] ?? liquidNamed(mass, MAIN);

/** All the finished liquid of a batch, ml. */
export const mlOf = ({ liquids }: LiquidMass): number => liquids.reduce((sum, { ml }) => sum + ml, 0);

/** What steps took out of the liquids by some flows, g of each component. */
export function takenBy(
  { steps }: Pick<LiquidPlan, 'steps'>,
  mass: LiquidMass,
  ...flows: readonly FlowId[]
): Amount {
  let sum = nothing;
  for (let i = 0; i < steps.length; i += 1) {
    const step = steps[i];
    const taken = mass.taken[i];
    const flow = step && flowOfStep(step);
    if (flow && taken && flows.includes(flow)) sum = plus(sum, taken);
  }
  return sum;
}

/** What the steps of one part of the strands took, g. */
export function stepsG({ steps }: LiquidMass, part: StrandPartName): number {
  let sum = 0;
  for (let i = 0; i < steps.length; i += 1) {
    const step = steps[i];
    if (step?.strand === part) sum += massOf(step.taken);
  }
  return sum;
}

/** Salt of a liquid, of its weight without fat. */
export function saltShareOf({ pool }: Liquid): number {
  const base = massOf(pool) - pool.fat;
  return base > 0 ? pool.salt / base : 0;
}

type Sums = Pick<
  LiquidPlan,
  | 'poured'
  | 'pouredMl'
  | 'pouredSpread'
  | 'solids'
  | 'blended'
  | 'lifted'
  | 'soaking'
  | 'soakingMl'
  | 'dry'
  | 'liftedDry'
  | 'alcohol'
  | 'thickG'
  | 'gelatinG'
>;

/** How far a pour is off: people pour more or less than they said (estimate). */
const POURED_SPREAD = 0.05;

/** What is fatter than this renders when it is braised: bacon, sausage, skin; g/g (estimate). */
const FATTY = 0.1;
/** And this much of its fat swims (estimate). */
const RENDERS = 0.6;

/** What no sieve lets through of a solid: neither its juice nor the fat that it rendered. */
const dryOf = ({ perGram }: ItemPlan): Amount => ({
  ...perGram,
  water: 0,
  salt: 0,
  alcohol: 0,
  fat: perGram.fat * (perGram.fat > FATTY ? 1 - RENDERS : 1),
});

/** Sums that every draw needs, made once from the items. */
export function sumsOf(items: readonly ItemPlan[]): Sums {
  let [poured, solids, blended, lifted] = [nothing, nothing, nothing, nothing];
  let [dry, liftedDry] = [nothing, nothing];
  let [pouredMl, soakingMl] = [0, 0];
  let soaking = nothing;
  let variance = 0;
  for (const item of items) {
    const { fate, grams, perGram, density, spread } = item;
    if (item.soaked !== undefined) {
      soaking = plus(soaking, perGram, grams);
      soakingMl += grams / density;
    } else if (item.poured) {
      poured = plus(poured, perGram, grams);
      pouredMl += grams / density;
      variance += (grams * spread) ** 2;
    } else if (fateKind(fate).with === 'lifted') {
      lifted = plus(lifted, perGram, grams);
      liftedDry = plus(liftedDry, dryOf(item), grams);
    } else if (fateKind(fate).with === 'liquid') blended = plus(blended, perGram, grams);
    else {
      solids = plus(solids, perGram, grams);
      dry = plus(dry, dryOf(item), grams);
    }
  }
  const typed = massOf(poured) > 0 ? Math.sqrt(variance) / massOf(poured) : 0;
  return {
    poured,
    pouredMl,
    pouredSpread: Math.hypot(POURED_SPREAD, typed),
    soaking,
    soakingMl,
    solids,
    blended,
    lifted,
    dry,
    liftedDry,
    thickG: items.reduce((sum, { grams, thickens }) => sum + grams * thickens, 0),
    gelatinG: items.reduce(
      (sum, { grams, ofBones, perGram }) => sum + (ofBones ? grams * perGram.protein : 0),
      0,
    ),
    alcohol: items.flatMap(({ grams, perGram, at }) =>
      perGram.alcohol > 0 ? [{ grams: grams * perGram.alcohol, at }] : [],
    ),
  };
}
