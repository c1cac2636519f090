import { reckonAtOnce, withWater } from '../../reckoning/index.ts';
import { withBoilDown } from '../../meal/index.ts';
import type { Lid } from '../../meal/index.ts';
import { withCook, withLastMinutes } from '../../clock/index.ts';
import { largestMl } from '../../pot/index.ts';
import { bisect } from '../../quantity/index.ts';
import { type Input, openMeal, type OpenedMeal } from '../../model/index.ts';

/** How long the lid must stand ajar or off at the end for so much liquid; or how much there is if it never does. */
export type LidFor =
  | { readonly what: 'minutes'; readonly minutes: number; readonly ml: number }
  /** Less is there already, with the lid as it is until then; so much more water from the start makes up for it, ml; null: no vessel holds it. */
  | { readonly what: 'less already'; readonly ml: number; readonly moreMl: number | null }
  /** Even open from the start more is left. */
  | { readonly what: 'not enough'; readonly ml: number }
  /** With less the pot boils dry, or nearly: no lid is moved so far. */
  | { readonly what: 'boils dry'; readonly ml: number }
  | { readonly what: 'unknown' };

export interface LidAsk {
  readonly batch: string;
  readonly lid: Exclude<Lid, 'on'>;
  /** Finished broth or sauce, ml. */
  readonly wantMl: number;
}

/** Water is poured to the 50 ml; after so many tries it is near enough. */
const POUR = 50;
const TRIES = 6;

/** Water that brings the finished liquid up to so much, ml: more in a pot may want a larger one, which steams more. */
function moreWater(input: Input, batchId: string, wantMl: number, haveMl: number): number | null {
  const most = largestMl(input.kitchen);
  let ml = Math.ceil((wantMl - haveMl) / POUR) * POUR;
  for (let i = 0; i < TRIES && ml <= most; i += 1) {
    const found = reckonAtOnce(withWater(input, batchId, ml)).batches.find(({ id }) => id === batchId);
    const missing = wantMl - ((found?.liquid.brothMl ?? found?.liquid.sauceMl)?.mid ?? wantMl);
    if (missing <= 0) break;
    ml += Math.max(POUR, Math.ceil(missing / POUR) * POUR);
  }
  return ml > most ? null : ml;
}

/** A lid is moved to the five minutes. */
const ROUND = 5;

/**
 * The last so many minutes with the lid ajar, or off, that leave so much finished liquid in a batch. The whole
 * reckoning is asked each time, since an open lid cools the pot and makes it later; found by halving.
 */
export function lidFor({ input }: OpenedMeal, { batch: batchId, lid, wantMl }: LidAsk): LidFor {
  const batch = input.batches.find(({ id }) => id === batchId);
  if (!batch) return { what: 'unknown' };
  const after = (minutes: number) => {
    const changed = withCook(withBoilDown(batch, { text: '' }), withLastMinutes(batch.cook, lid, minutes));
    const trial = input.batches.map((one) => (one.id === batchId ? changed : one));
    const opened = openMeal({ ...input, batches: trial });
    const { batches } = reckonAtOnce(opened);
    const found = batches.find(({ id }) => id === batchId);
    const liquid = found?.liquid.brothMl ?? found?.liquid.sauceMl;
    if (!found || !(liquid || found.dry)) return undefined;
    const wet = opened.nominal.batches.every(
      ({ plan, mass }) => plan.id !== batchId || !(mass.liquid.dry || mass.liquid.nearDry),
    );
    return { ml: liquid?.mid ?? 0, all: found.ready.min?.mid ?? 0, wet };
  };
  const none = after(0);
  if (!none || none.all <= 0) return { what: 'unknown' };
  if (none.ml <= wantMl) {
    const lidOn = withCook(withBoilDown(batch, { text: '' }), withLastMinutes(batch.cook, lid, 0));
    const batches = input.batches.map((one) => (one.id === batchId ? lidOn : one));
    return {
      what: 'less already',
      ml: none.ml,
      moreMl: moreWater({ ...input, batches }, batchId, wantMl, none.ml),
    };
  }
  const longest = Math.floor(none.all / ROUND);
  const left = after(longest * ROUND);
  if (!left) return { what: 'unknown' };
  if (left.ml > wantMl && left.wet) return { what: 'not enough', ml: left.ml };
  const more = (half: number) => {
    const trial = after(half * ROUND);
    return trial !== undefined && trial.wet && trial.ml > wantMl;
  };
  const [low, high] = bisect(more, 0, longest, 1);
  if (after(high * ROUND)?.wet === false) return { what: 'boils dry', ml: after(low * ROUND)?.ml ?? 0 };
  const [under, over] = [after(high * ROUND)?.ml ?? 0, after(low * ROUND)?.ml ?? 0];
  // Of the two beside the mark the nearer.
  const nearer = over - wantMl < wantMl - under ? { minutes: low, ml: over } : { minutes: high, ml: under };
  return { what: 'minutes', minutes: nearer.minutes * ROUND, ml: nearer.ml };
}
