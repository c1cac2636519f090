import { boilsDownTo } from '../meal/index.ts';
import { mlOf } from '../broth/index.ts';
import { boilDownMinutes, openPhase } from '../clock/index.ts';
import type { BatchPlan, Problem, NominalBatch } from '../model/index.ts';
import { brimMl, SLOW_COOKER_LEAST } from '../pot/index.ts';

/** So much over what the plates take is worth a word: half as much again, and two cupfuls (estimates). */
const OVER = 1.5;
const CUPFULS = 500;
/** Less is not worth pouring less (estimate). */
const WORTH = 200;
/** What a slow cooker is poured at least, ml (common practice, no source). */
const LEAST = 250;

/** What it holds beyond the half that it must be full, and a little, ml. */
const spareMl = ({ vessels }: BatchPlan): number =>
  vessels.reduce(
    (sum, { vessel, meatMl, otherMl }) =>
      sum + meatMl + otherMl - SLOW_COOKER_LEAST * brimMl(vessel) - A_LITTLE,
    0,
  );
const A_LITTLE = 50;

/** A slow cooker lets hardly any steam off: that too much will be left can be said before it is poured. */
export function tooMuchLiquid({ plan, mass }: NominalBatch, needMl: number): Problem[] {
  if (openPhase(plan.batch.cook)?.heat !== 'slow cooker' || !plan.liquid || needMl <= 0) return [];
  if (boilsDownTo(plan.batch)?.lo !== undefined) return [];
  const ml = mlOf(mass.liquid);
  const over = ml - needMl;
  if (ml < OVER * needMl || over < CUPFULS) return [];
  const pour = plan.liquid.items.find((item) => item.role === 'liquid' && item.at <= 0 && !item.marinade);
  const poured = pour ? pour.grams / pour.density : 0;
  // Once its lid is on nothing can be poured less any more.
  const pouring = plan.batch.lidOn === undefined;
  const less = Math.floor(Math.min(over, poured - LEAST, spareMl(plan)) / 50) * 50;
  const minutes = Math.round(boilDownMinutes(over) / 5) * 5;
  const pourLess = pouring && pour !== undefined && less >= WORTH;
  const amount = { text: `${Math.round(poured - less)} ml`, lo: poured - less, hi: poured - less };
  return [
    {
      batch: plan.id,
      stage: 'clock',
      says: {
        what: 'slow cooker keeps it',
        leftMl: ml,
        needMl,
        boilMin: minutes,
        ...(pourLess && { lessMl: less }),
      },
      remedies: pourLess ? [{ what: 'pour less', item: pour.id, amount, lessMl: less }] : [],
    },
  ];
}
