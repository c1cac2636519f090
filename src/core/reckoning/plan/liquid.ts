import type { Batch } from '../../batch/schema.ts';
import { noLiquidWeighed, skimShare, sumsOf, type LiquidPlan } from '../../broth/index.ts';
import { isSmoke, openPhase, steamPerHour, type Readiness } from '../../clock/index.ts';
import { saltOfVolume, salts, surfaceCm2, type ItemPlan } from '../../pot/index.ts';
import { middle, relativeSpread } from '../../quantity/index.ts';
import type { Input } from '../input.ts';
import type { FilledVessel } from './vessels.ts';

/** Of the floating fat, what a spoon takes off while it cooks (estimate). */
const WAY_FAT = 0.4;
/** Scum of a pot that was brought to the boil, of the raw meat (estimate). */
const SCUM = 0.004;

/** What happens to a batch's liquid, as numbers; undefined where no time is known. */
export function planLiquid(
  batch: Batch,
  items: readonly ItemPlan[],
  vessels: readonly FilledVessel[],
  ready: Readiness | undefined,
  lengths: readonly number[],
  rawG: number,
  panFatG: number,
  { kitchen }: Pick<Input, 'kitchen'>,
): LiquidPlan | undefined {
  const open = openPhase(batch.cook);
  const surface = vessels.reduce((sum, { vessel, lineCm }) => sum + surfaceCm2(vessel, lineCm), 0);
  let steamFixed = 0;
  let minutesFixed = 0;
  let perMinute = 0;
  let minutesOpen = 0;
  for (const [i, phase] of batch.cook.entries()) {
    const rate = steamPerHour(phase.heat, phase.lid, surface) / 60;
    const minutes = middle(phase.minutes);
    if (minutes !== undefined) {
      // In the open smoke the meat loses water to the air, not the pot.
      if (!isSmoke(phase)) steamFixed += rate * minutes;
      minutesFixed += minutes;
    } else if (phase === open) {
      if (!ready) return undefined;
      perMinute = rate;
      minutesOpen = lengths[i] ?? 0;
    }
  }
  const reduceToMl = middle(batch.reduceTo);
  const { skimOnWay } = batch;
  return {
    items,
    ...sumsOf(items),
    panFatG,
    saltG: saltTyped(batch, kitchen) ?? 0,
    saltSpread: relativeSpread(batch.salt),
    saltWantedG: 0,
    onWay: {
      fatG: middle(skimOnWay?.fat),
      fatShare: skimOnWay?.fat ? WAY_FAT : 0,
      scumG: skimOnWay?.scum ? (middle(skimOnWay.scum) ?? SCUM * rawG) : 0,
    },
    steamFixed,
    steamPerMinute: perMinute,
    minutesFixed,
    minutesOpen,
    strain: batch.strain,
    skimShare: skimShare[batch.skim],
    ...(reduceToMl !== undefined && { reduceToMl }),
    weighed: noLiquidWeighed(),
  };
}

/** The salt that was written, g; by the spoon, of the salt by the stove. */
export function saltTyped(batch: Batch, { salt }: Pick<Input['kitchen'], 'salt'>): number | undefined {
  const typed = middle(batch.salt);
  if (typed === undefined) return undefined;
  return batch.saltIn === 'volume' ? saltOfVolume(typed, salt ?? salts[0]) : typed;
}
