import { cookOf } from '../../clock/index.ts';
import { type Batch, batchTask, type Entry } from '../../meal/index.ts';
import { MINUTE_MS } from '../../quantity/index.ts';
import type { Readiness } from '../../tender/index.ts';

/** Meat is on the scale so soon after it has left its pot, min; what is weighed later had cooled first (estimate). */
const TO_THE_SCALE = 90;
/** Nobody lifts it before this share of its time; what is weighed so soon was written down at another hour (estimate). */
const TOO_SOON = 0.5;
/** What is on the scale has left its pot: some of it at once, some once it had cooled and was pulled. */
const atOnce: ReadonlySet<string> = new Set(['cooked', 'bone']);
const later: ReadonlySet<string> = new Set([...atOnce, 'pickings', 'shred', 'dressed']);
/** The heat is followed no longer, min. */
const LONGEST = 72 * 60;

/**
 * Minutes of the cook until it left the heat, as the entries have it: the tick that says so, or the first weighing of the pot
 * or of the cooked meat if that was sooner, where that lies about the time at which it was to be tender. Undefined where nothing says so:
 * then it ends when it is tender. Steam goes on until then, whatever the forks say of the meat.
 */
export function liftedAfter(
  batch: Batch,
  entries: readonly Entry[],
  ready: Readiness | undefined,
): number | undefined {
  const { lidOn } = batch;
  if (lidOn === undefined) return undefined;
  const { potFrom } = cookOf(batch.cook);
  const first = (isIt: (measures: Entry['measures']) => boolean): number | undefined => {
    const at = entries.filter(({ measures }) => isIt(measures)).map((entry) => entry.at);
    return at.length === 0 ? undefined : potFrom + (Math.min(...at) - lidOn) / MINUTE_MS;
  };
  const isTicked = (kind: string) => (one: Entry['measures']) =>
    one.what === 'done' && one.task === batchTask(batch.id, kind);
  const ticked = first(isTicked('pot'));
  const weighs = (some: ReadonlySet<string>) => (one: Entry['measures']) =>
    one.what === 'stock' || ('flow' in one && some.has(one.flow));
  const out = first((one) => weighs(later)(one) || isTicked('pull')(one));
  // Ticked once the meat was on the scale it was ticked late.
  if (ticked !== undefined && ticked <= (out ?? Infinity))
    return ticked > potFrom && ticked < LONGEST ? ticked : undefined;
  const seen = first(weighs(atOnce));
  if (seen === undefined || !ready) return undefined;
  const latest = Math.max(...ready.lots.map(({ tender: { mid, p90 = mid } }) => p90)) + TO_THE_SCALE;
  return seen > TOO_SOON * ready.median && seen < latest ? seen : undefined;
}
