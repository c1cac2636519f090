import { milestonesIn, tickedIn } from '../../../reckoning/index.ts';
import { overOf, type DayBatch, usualMinutes } from '../../../day/index.ts';
import {
  type Batch,
  cookedIn,
  standingEntries,
  isStrained,
  isUsualAfter,
  isChilled,
  skimWay,
  staysInPot,
  type Meal,
  sittingOf,
  sittingsOf,
} from '../../../meal/index.ts';
import { pullingOf } from '../../../bench/index.ts';
import { mlOf, takenBy } from '../../../broth/index.ts';
import { boilDownMinutes, cookOf, isTimed } from '../../../clock/index.ts';
import { itemsOf, workOn } from '../../../pot/index.ts';
import { strandsOf } from '../../../work/index.ts';
import { MINUTE_MS, midpoint } from '../../../quantity/index.ts';
import { minutesOnBurner } from '../../../tender/index.ts';
import { bowlG, ingredientsById, type Input, type NominalBatch, priorFor } from '../../../model/index.ts';

import { lookAtOf, looksOf, readyAt } from './forkTimes.ts';
import { momentsOf, paintedInSmoke } from './moments.ts';
import { heatsOf } from './heats.ts';
import { boilsOff, dayItems, isPouredIn, loosening, softeningsOf } from './items.ts';
import { roundsOf, smokeRoundsOf } from './rounds.ts';

/** A day reaches no further back: a meal that was left with its lid on is not planned through the years since. */
export const LONG_AGO = 7 * 24 * 60 * MINUTE_MS;

interface Asked {
  readonly ticked: ReadonlySet<string>;
  readonly chance: number;
  readonly now: number;
}

/** All that draws on it is sent out chilled, and reheated there. */
function isSentCold(batch: string, meal: Meal): boolean {
  const drawing = meal.dishes.filter(({ from }) => !from || from.length === 0 || from.includes(batch));
  const sittings = sittingsOf(meal).filter(
    ({ id }) => drawing.length === 0 || drawing.some((dish) => sittingOf(dish, meal) === id),
  );
  return sittings.every(({ place, sent }) => place === 'sent out' && (sent?.cold ?? false));
}

export function dayBatch(one: NominalBatch, input: Input, { ticked, chance, now }: Asked): DayBatch {
  const { plan, mass } = one;
  const { batch, ready, liquid, vessels } = plan;
  const ingredients = ingredientsById(input);
  const work = workOn(batch, ingredients);
  const sentCold = isSentCold(batch.id, input.meal);
  const { potFrom } = cookOf(batch.cook);
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
  const items = dayItems(batch, work, liquid?.items ?? []);
  const fromStart = (liquid?.items ?? []).filter(({ at }) => at <= 0);
  const poured = fromStart.find((item) => isPouredIn(item, ingredients));
  const looks = found ? [] : looksOf(plan, since, braiseMin - (tearMin ?? 0));
  return {
    id: plan.id,
    name: batch.name,
    at: cookedIn(batch, vessels[0]?.vessel, input.kitchen),
    lidOn,
    over: overOf(milestonesIn(plan, ticked), tickedIn(plan.id, ticked)),
    rawG: mass.lots.reduce((sum, lot) => sum + lot.raw, 0),
    filledG:
      mass.lots.reduce((sum, lot) => sum + lot.raw, 0) + items.reduce((sum, { grams }) => sum + grams, 0),
    steps: (batch.steps ?? []).map(({ what, minutes }) => ({
      what,
      least: minutes?.lo,
      most: minutes?.hi,
    })),
    boilMarinadeMin:
      (batch.marinade?.rest ?? 'in the pot') === 'in the pot' && hasMarinade(batch)
        ? Math.max(usualMinutes.boilMarinade, boilsOff(fromStart.filter(({ marinade }) => marinade)).minutes)
        : undefined,
    items,
    softens: softeningsOf(work, items),
    // What is left of a marinade is boiled once, with as much of it as boils away.
    boilsFirst: boilsOff(fromStart.filter(({ marinade }) => !marinade)),
    skimsScum: batch.skimOnWay?.scum !== undefined,
    sear: batch.sear
      ? {
          panfuls: plan.sear.panfuls,
          minutes: plan.sear.minutes,
          pan: plan.sear.pan?.id,
          loosenWith: poured && loosening(poured, plan.sear.pan?.widthCm),
        }
      : undefined,
    smokeMin: potFrom > 0 ? potFrom : undefined,
    smokeRounds: potFrom > 0 ? smokeRoundsOf(batch) : [],
    smokeMoments: paintedInSmoke(plan, potFrom),
    heats: heatsOf(plan, potFrom, braiseMin),
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
    moments: [
      ...momentsOf(
        plan,
        potFrom,
        new Set(work.flatMap(({ id, mixed }) => (mixed ? [id] : []))),
        Math.max(0, braiseMin - (plan.lengths.reduce((sum, n) => sum + n, 0) - potFrom)),
      ),
      // Fat that is taken off on the way, where nobody has said how often: once, half way.
      ...(batch.skimOnWay?.fat && !batch.rounds?.some(({ what }) => what === 'skim')
        ? [{ key: 'skim on the way', does: { what: 'skim on the way' } as const, at: braiseMin / 2 }]
        : []),
    ],
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
      : strandsOf(batch.after, staysInPot(batch)).map(({ step: { id, what, minutes }, takes, makes }) => ({
          id,
          what,
          minutes: midpoint(minutes),
          takes,
          makes,
        })),
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
