import { isStrained } from '../meal/index.ts';
import { mainOf, saltShareOf, takenBy } from '../broth/index.ts';
import { amountOfFlows, type Flow, massOf } from '../ledger/index.ts';
import {
  BROTH_TARGET,
  largestMl,
  MEAT_TARGET,
  PROPOSED_MOST,
  SALT_MOST,
  saltAtDressing,
  TOO_SALTY,
} from '../pot/index.ts';
import { withWater } from './withWater.ts';
import { type Input, keptFor, type Problem, type NominalBatch, saltTyped } from '../model/index.ts';

/** The salt of a batch, g and shares: now on the meat, at dressing, and in the liquid after reducing. */
export interface SaltFigures {
  readonly nowG: number;
  /** What the strength wants now; below nought if what is in brings too much. */
  readonly wantedG: number;
  readonly itemsG: number;
  readonly atDressingG: number;
  /** What the finished liquid still wants, boiled down or not. */
  readonly toLiquidG: number;
  readonly finished: number;
  readonly liquidTarget: number;
  readonly meatTarget: number;
}

/** Nobody tastes what is nearer to the strength that is wanted (estimate). */
const NEAR_ENOUGH = 0.95;

/** The salt of a batch, and of its flows what the meat gets when it is dressed. */
export function saltFigures(one: NominalBatch, flows: readonly Flow[]): SaltFigures | null {
  const own = kept(one, [], () => ofItself(one));
  return own && { ...own, atDressingG: massOf(amountOfFlows(flows, one.plan.id, ['dressingSalt'])) };
}

/** All of it but what hangs on the plates: a key in another pot leaves it as it is. */
const kept = keptFor<SaltFigures | null>();

function ofItself({ plan, mass }: NominalBatch): SaltFigures | null {
  const { liquid, batch } = plan;
  if (!liquid) return null;
  const { pool } = mainOf(mass.liquid);
  const liquidTarget = plan.brothTarget;
  const dry = mass.liquid.dry || mass.liquid.nearDry;
  const finished = saltShareOf(mainOf(mass.liquid));
  const wanted = Math.min(liquidTarget, PROPOSED_MOST);
  const base = massOf(pool) - pool.fat;
  return {
    nowG: liquid.saltG,
    wantedG: liquid.saltWantedG,
    itemsG: liquid.items.reduce((sum, item) => sum + item.grams * item.perGram.salt, 0),
    atDressingG: 0,
    toLiquidG: dry || finished >= NEAR_ENOUGH * liquidTarget ? 0 : saltAtDressing(wanted, base, pool.salt),
    finished,
    liquidTarget,
    meatTarget: batch.strength?.meat ?? MEAT_TARGET,
  };
}

/** A plan that would end too salty, and by how much to salt less now. */
export function saltProblems(one: NominalBatch, input: Input): Problem[] {
  const { plan } = one;
  const salt = saltFigures(one, []);
  if (
    !salt ||
    one.mass.liquid.dry ||
    one.mass.liquid.nearDry ||
    salt.finished <= TOO_SALTY * Math.max(salt.liquidTarget, BROTH_TARGET)
  )
    return [];
  const { finished, itemsG } = salt;
  const where = { batch: plan.id, stage: 'pot' } as const;
  const liquid = isStrained(plan.batch) ? 'broth' : 'sauce';
  const bestG = Math.max(0, salt.wantedG);
  const typedG = saltTyped(plan.batch, input.kitchen);
  const refused = finished > SALT_MOST;
  if (typedG !== undefined && (refused || typedG - bestG > 0.5)) {
    const says = {
      what: refused ? 'salt: refused' : 'salt: too much',
      liquid,
      finished,
      typed: plan.batch.salt?.text ?? '',
      most: SALT_MOST,
      lessG: typedG - bestG,
      bestG,
    } as const;
    return [{ ...where, says, remedies: [{ what: 'salt', grams: bestG }] }];
  }
  if (salt.wantedG > -0.5) return [];
  const thinMl = waterToThin(one, input);
  return [
    {
      ...where,
      says: {
        what: 'salt: brought in',
        liquid,
        finished,
        itemsG,
        ...(thinMl !== undefined && { thinMl }),
      },
    },
  ];
}

/** So near to the strength that is wanted it is thin enough; by so much more is tried, ml. */
const THIN_ENOUGH = 1.01;
const TRIES = 5;

/** Thinned to so many times what it was, it is no broth any more (estimate). */
const THIN_MOST = 10;

/**
 * Water that brings the finished liquid to the strength that is wanted, ml, to the tenth of a litre: tried on the whole
 * reckoning, since more in the pot may want a larger one, and steams for longer. Undefined where it would be drowned, or no
 * vessel holds so much: of no salt at all no water is enough.
 */
function waterToThin(one: NominalBatch, input: Input): number | undefined {
  const { plan } = one;
  const target = plan.brothTarget;
  if (!(target > 0) || saltShareOf(mainOf(one.mass.liquid)) > THIN_MOST * target) return undefined;
  const most = largestMl(input.kitchen);
  const upwards = (ml: number) => Math.ceil(ml / 100 - 1e-6) * 100;
  let ml = upwards(firstGuess(one, target));
  for (let i = 0; i < TRIES; i += 1) {
    const ratio = (thinnedBy(ml, plan.id, input) ?? 0) / target;
    if (!(ratio > THIN_ENOUGH)) break;
    ml = Math.max(ml + 100, upwards(ml * (2 * ratio - 1)));
    if (ml > most) return undefined;
  }
  return ml > most ? undefined : ml;
}

/** How salty the finished liquid is with so much more water in the pot from the start; undefined where the batch is none. */
function thinnedBy(ml: number, id: string, input: Input): number | undefined {
  const found = withWater(input, id, ml).nominal.batches.find(({ plan }) => plan.id === id);
  return found && saltShareOf(mainOf(found.mass.liquid));
}

/** The same by the balance of what is finished alone. */
function firstGuess({ plan, mass }: NominalBatch, target: number): number {
  const { pool: finished } = mainOf(mass.liquid);
  const reduction = plan.liquid ? takenBy(plan.liquid, mass.liquid, 'reduction').water : 0;
  const base = massOf(finished) - finished.fat;
  return Math.max(0, finished.salt / target - base) * ((base + reduction) / Math.max(1, base));
}
