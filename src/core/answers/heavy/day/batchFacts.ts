import { milestonesIn, tickedIn } from '../../../reckoning/index.ts';
import { overOf, type DayBatch } from '../../../day/index.ts';
import {
  type Batch,
  type Phase,
  standingEntries,
  isStrained,
  isUsualAfter,
  isChilled,
  skimWay,
  staysInPot,
} from '../../../meal/index.ts';
import { pullingOf } from '../../../bench/index.ts';
import { mlOf, takenBy } from '../../../broth/index.ts';
import { boilDownMinutes, cookOf, isTimed, openPhase } from '../../../clock/index.ts';
import { boughtOf, itemsOf, type ItemWork, workOn } from '../../../pot/index.ts';
import { MINUTE_MS, midpoint } from '../../../quantity/index.ts';
import { minutesOnBurner } from '../../../tender/index.ts';
import { bowlG, ingredientsById, type Input, type NominalBatch, priorFor } from '../../../model/index.ts';

import { lookAtOf, looksOf, readyAt } from './looks.ts';
import { momentsOf } from './moments.ts';
import { roundsOf } from './rounds.ts';

/** A day reaches no further back: a meal that was left with its lid on is not planned through the years since. */
export const LONG_AGO = 7 * 24 * 60 * MINUTE_MS;

interface Asked {
  readonly ticked: ReadonlySet<string>;
  readonly chance: number;
  readonly now: number;
}

export function dayBatch(one: NominalBatch, input: Input, { ticked, chance, now }: Asked): DayBatch {
  const { plan, mass } = one;
  const { batch, ready, liquid, vessels } = plan;
  const work = workOn(batch, ingredientsById(input));
  const names = (some: (one: ItemWork) => boolean) => work.filter(some).map(({ name }) => name);
  const gramsOf = (some: (one: ItemWork) => boolean) => {
    const ids = new Set(work.filter(some).map(({ id }) => id));
    return (liquid?.items ?? []).reduce((sum, item) => sum + (ids.has(item.id) ? boughtOf(item) : 0), 0);
  };
  const sentCold = input.meal.place === 'sent out' && (input.meal.sent?.cold ?? false);
  const { potFrom } = cookOf(batch.cook);
  const open = openPhase(batch.cook);
  const lidOn = batch.lidOn === undefined ? undefined : Math.max(batch.lidOn, now - LONG_AGO);
  const since = lidOn === undefined ? undefined : (now - lidOn) / MINUTE_MS;
  const found = ready?.lots.every((lot) => lot.found) ?? false;
  const forks = standingEntries(input.entries).flatMap(({ batch: of, measures }) =>
    of === plan.id && measures.what === 'check' ? [measures.feel] : [],
  );
  const tearMin = midpoint(batch.tear);
  const braiseMin = found
    ? Math.max(0, since ?? 0)
    : Math.max(
        // What nobody has lifted is on the heat.
        since ?? 0,
        readyAt(plan, chance, forks) + (isTimed(batch) ? 0 : (tearMin ?? 0)) - potFrom,
      );
  const items = liquid?.items.filter(({ at }) => at <= 0) ?? [];
  const looks = found ? [] : looksOf(plan, since, braiseMin - (tearMin ?? 0));
  return {
    id: plan.id,
    name: batch.name,
    lidOn,
    over: overOf(milestonesIn(plan, ticked), tickedIn(plan.id, ticked)),
    rawG: mass.lots.reduce((sum, lot) => sum + lot.raw, 0),
    steps: (batch.steps ?? []).map(({ what, minutes }) => ({
      what,
      least: minutes?.lo,
      most: minutes?.hi,
    })),
    boilsMarinade: (batch.marinade?.rest ?? 'in the pot') === 'in the pot' && hasMarinade(batch),
    chopsMarinade: work.some(
      ({ id, knife, ways }) =>
        (knife || ways.includes('processor')) &&
        itemsOf(batch).some((item) => item.id === id && item.marinade === true),
    ),
    toasts: names(({ ways }) => ways.includes('toasted')),
    grinds: names(({ ways }) => ways.includes('ground')),
    soaks: names(({ soaked }) => soaked),
    // What was soaked is blended before it goes in, whenever that is; what cooks in the pot as it comes out of it.
    blends: names(({ soaked, puréed }) => soaked && puréed),
    sieves: names(({ soaked, sieved }) => soaked && sieved),
    blisters: names(({ ways }) => ways.includes('blistered')),
    chopG: gramsOf(({ knife, ways }) => knife && !ways.includes('processor')),
    processorG: gramsOf(({ ways }) => ways.includes('processor')),
    softens: work.flatMap(({ name, softenMin }) => (softenMin > 0 ? [{ name, minutes: softenMin }] : [])),
    purées: names(({ soaked, puréed }) => puréed && !soaked),
    liftsOut: isStrained(batch) ? [] : names(({ liftedOut }) => liftedOut),
    boilFirstMin: boilDownMinutes(
      items.reduce((sum, { prepared }) => sum + (prepared ? prepared.air.water : 0), 0),
    ),
    sear: batch.sear
      ? { panfuls: plan.sear.panfuls, minutes: plan.sear.minutes, pan: plan.sear.pan?.id }
      : undefined,
    smokeMin: potFrom > 0 ? potFrom : undefined,
    heat: open?.heat ?? 'oven',
    setting: settingOf(open),
    vessels: vessels.map(({ vessel }) => ({
      id: vessel.id,
      name: vessel.name,
      widthCm: vessel.lengthCm ?? vessel.widthCm,
      ...((vessel.kind === 'roasting pan' || vessel.kind === 'tray') && { sideCm: vessel.widthCm }),
    })),
    toHeatMin: Math.round(minutesOnBurner(plan.pot)),
    braiseMin,
    looks,
    lookAt: lookAtOf(plan),
    moments: momentsOf(
      plan,
      potFrom,
      new Set(work.flatMap(({ id, mixed }) => (mixed ? [id] : []))),
      Math.max(0, braiseMin - (plan.lengths.reduce((sum, n) => sum + n, 0) - potFrom)),
    ),
    tearMin,
    rounds: roundsOf(plan, potFrom, braiseMin),
    firm: mass.lots.reduce((sum, lot) => sum + lot.unpulled - lot.shred, 0) > 0,
    cookedG: mass.lots.reduce((sum, lot) => sum + lot.bench + lot.boneOut, 0),
    picking: batch.picking,
    strain: isStrained(batch),
    skim: skimWay(batch),
    chilled: isChilled(batch) || sentCold,
    overnight: isChilled(batch),
    sentCold,
    after: isUsualAfter(batch)
      ? undefined
      : batch.after.map(({ id, what, minutes }) => ({ id, what, minutes: midpoint(minutes) })),
    staysInPot: staysInPot(batch),
    coolMin: pullingOf(batch).coolMin,
    pace: pullingOf(batch).pace * Math.exp(priorFor(input.learned, 'pull', '').mean),
    skimPace: Math.exp(priorFor(input.learned, 'skimming', '').mean),
    liquidMl: mlOf(mass.liquid),
    reduceMin: Math.round(
      boilDownMinutes(liquid ? takenBy(liquid, mass.liquid, 'reduction').water : 0) /
        Math.exp(priorFor(input.learned, 'reduce', '').mean),
    ),
    shredG: bowlG({ plan, mass }),
  };
}

const hasMarinade = (batch: Batch): boolean =>
  itemsOf(batch).some(({ marinade, state }) => marinade && state === 'in');

/** What an oven, a smoker or a slow cooker is set to: they are shared by it. */
function settingOf(open: Phase | undefined): DayBatch['setting'] {
  const setting = open?.setting;
  if (typeof setting === 'object') return midpoint(setting);
  return setting === 'low' || setting === 'high' ? setting : undefined;
}
