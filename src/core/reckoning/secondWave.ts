import { type Size, standingEntries } from '../meal/index.ts';
import { weighedIn } from '../meat/index.ts';
import { cookOf } from '../clock/index.ts';
import { bowlG, type Input, type NominalBatch, type OpenedMeal } from '../model/index.ts';
import { sidesOf } from '../pot/index.ts';
import { emptyServed, forPlates, goneOf, nominalServing, restOf, serve } from '../plates/index.ts';
import { mlOf } from '../broth/index.ts';
import { MINUTE_MS, type Range } from '../quantity/index.ts';
import { secondWaveMinutes, boilingAt, farOfSlow, leftSpread } from '../tender/index.ts';

/** Meat that was not tender and went back, to be pulled later. */
export interface SecondWave {
  readonly backG: number;
  /** The size that it was cut to. */
  readonly size: Size;
  /** Epoch, ms: when it went back; and when it is likely to be tender. */
  readonly at: number;
  readonly tender: Range;
  /** What it will give. */
  readonly shredG: number;
  /** It has been pulled and weighed. */
  readonly pulled: boolean;
}

/** So little of it is not worth going back for, of what was cooked (estimate). */
const WORTH_IT = 0.02;

/** Whether so much will not pull that something should be done with it. */
export const isWorthChopping = ({
  unpulledG,
  cookedG,
}: Readonly<Record<'unpulledG' | 'cookedG', Range>>): boolean => unpulledG.mid > WORTH_IT * cookedG.mid;

/** A pot that simmers is so far below the boil, K (estimate). */
const BELOW_BOIL = 4;

/**
 * The second wave of a batch: what was weighed as going back, cut to its size, with a curve of its own from the moment it
 * went back. Null where nothing did.
 */
export function secondWaveOf({ plan, mass }: NominalBatch, { kitchen, entries }: Input): SecondWave | null {
  const back = mass.lots.flatMap((lot, i) =>
    weighedIn(plan.lots[i]?.weighed, 'unpulled') !== undefined && lot.unpulled > 0 ? [{ lot, i }] : [],
  );
  const at = standingEntries(entries).find(
    ({ batch, measures }) => batch === plan.id && 'flow' in measures && measures.flow === 'unpulled',
  )?.at;
  if (back.length === 0 || at === undefined) return null;
  const size = plan.batch.again?.size ?? 'cubes';
  const times = back.map(({ i, lot }) => {
    const own = plan.lots[i];
    const r = plan.ready?.lots.findIndex(({ id }) => id === own?.id) ?? -1;
    const { lidOn, cook } = plan.batch;
    const minutes = lidOn === undefined ? undefined : cookOf(cook).potFrom + (at - lidOn) / MINUTE_MS;
    const lotFar = plan.ready && r >= 0 && minutes !== undefined ? plan.ready.odds.farAt(r, minutes) : 1;
    const far = farOfSlow(lotFar);
    const flesh = own?.flesh ?? { protein: 0.2, fat: 0.1, ash: 0.01 };
    return secondWaveMinutes({
      sides: sidesOf({ lot: '', size, grams: lot.unpulled, count: undefined }),
      flesh: { ...flesh, water: 1 - flesh.protein - flesh.fat - flesh.ash },
      celsius: boilingAt(kitchen.altitudeM) - BELOW_BOIL,
      far,
      total: plan.ready && r >= 0 ? plan.ready.odds.needOf(r) : 1,
      spread: leftSpread(far),
    });
  });
  const last = (of: (range: Range) => number) => at + MINUTE_MS * Math.max(...times.map(of));
  return {
    backG: back.reduce((sum, { lot }) => sum + lot.unpulled, 0),
    size,
    at,
    tender: {
      mid: last(({ mid }) => mid),
      p10: last(({ mid, p10 = mid }) => p10),
      p50: last(({ mid }) => mid),
      p90: last(({ mid, p90 = mid }) => p90),
    },
    shredG: back.reduce((sum, { lot }) => sum + lot.again, 0),
    pulled: back.every(({ i }) => weighedIn(plan.lots[i]?.weighed, 'again') !== undefined),
  };
}

/** Plates that can be filled now, while what went back cooks on; undefined where nothing did. */
export function firstWavePlates({ plan, nominal, input }: OpenedMeal): number | undefined {
  const later = nominal.batches.reduce((sum, one) => {
    const wave = secondWaveOf(one, input);
    return sum + (wave && !wave.pulled ? wave.shredG : 0);
  }, 0);
  if (later <= 0) return undefined;
  const there = nominal.batches.map(({ plan: of, mass }) => {
    const [share, gone] = [forPlates(of.batch), goneOf(of.id, nominal.booked)];
    return {
      g: Math.max(0, share * bowlG({ plan: of, mass }) - gone.g),
      ml: of.liquid ? Math.max(0, share * mlOf(mass.liquid) - gone.ml) : 0,
    };
  });
  const shredG = there.reduce((sum, { g }) => sum + g, 0);
  const ml = there.reduce((sum, one) => sum + one.ml, 0);
  const tickets = restOf(plan.tickets, nominal.booked);
  const out = emptyServed(tickets.length);
  serve(tickets, Math.max(0, shredG - later), ml, nominalServing(tickets.length), out);
  return out.plates;
}
