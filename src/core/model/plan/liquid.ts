import type { Readiness } from '../../tender/index.ts';
import type { Batch } from '../../batch/index.ts';
import { type LiquidPlan, noLiquidWeighed, usualSteps, sumsOf } from '../../broth/index.ts';
import { isSmoke, openPhase, steamPerHour } from '../../clock/index.ts';
import { type ItemPlan, saltOfVolume, salts, surfaceCm2 } from '../../pot/index.ts';
import { midpoint, relativeSpread, valueAt } from '../../quantity/index.ts';
import type { Input } from '../input.ts';
import type { FilledVessel } from './vessels.ts';

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
    const minutes = midpoint(phase.minutes);
    if (minutes !== undefined) {
      // In the open smoke the meat loses water to the air, not the pot.
      if (!isSmoke(phase)) steamFixed += rate * minutes;
      minutesFixed += minutes;
    } else if (phase === open) {
      if (!ready) return undefined;
      perMinute = rate;
      minutesOpen = valueAt(lengths, i);
    }
  }
  return {
    items,
    ...sumsOf(items),
    panFatG,
    saltG: saltTyped(batch, kitchen) ?? 0,
    saltSpread: relativeSpread(batch.salt),
    saltWantedG: 0,
    steamFixed,
    steamPerMinute: perMinute,
    minutesFixed,
    minutesOpen,
    steps: usualSteps(batch, rawG),
    weighed: noLiquidWeighed(),
  };
}

/** The salt that was written, g; by the spoon, of the salt by the stove. */
export function saltTyped(batch: Batch, { salt }: Pick<Input['kitchen'], 'salt'>): number | undefined {
  const typed = midpoint(batch.salt);
  if (typed === undefined) return undefined;
  return batch.saltIn === 'volume' ? saltOfVolume(typed, salt ?? salts[0]) : typed;
}
