import { type Batch, isStrained, type Stage } from '../meal/index.ts';
import { isOutThen, looksFrom, phaseMinutes } from '../clock/index.ts';
import { type Doing, isAtPot, type Line, type Milestones } from '../day/index.ts';
import { MINUTE_MS } from '../quantity/index.ts';
import type { Readiness } from '../tender/index.ts';

/** What a batch wants next, in the order of the work. */
export type NextAct =
  | {
      readonly what:
        | 'buy'
        | 'write the time'
        | 'pick and shred'
        | 'strain and skim'
        | 'skim'
        | 'fill the plates'
        | 'closed';
    }
  /** The look, or lifting it when a written time is over; min from a hot pot, and its moment, epoch ms, once the lid is on. */
  | { readonly what: 'look' | 'lift'; readonly afterMin: number; readonly at?: number }
  /** What else is done to a pot on the heat before that. */
  | { readonly what: 'at the pot'; readonly does: Doing; readonly at: number };

interface Known {
  readonly batch: Batch;
  /** Something has been bought. */
  readonly bought: boolean;
  readonly milestones: Milestones;
  readonly ready: Readiness | undefined;
}

/**
 * The one answer to what comes next, by how far the batch has come and not by what stands on a screen. The stove, the
 * headline and the bench read it.
 */
export function nextActOf({ batch, bought, milestones, ready }: Known): NextAct {
  if (!bought) return { what: 'buy' };
  if (batch.closed) return { what: 'closed' };
  if (milestones.skimmed) return { what: 'fill the plates' };
  if (milestones.pulled) return { what: isStrained(batch) ? 'strain and skim' : 'skim' };
  if (milestones.lifted) return { what: 'pick and shred' };
  const written = looksFrom(batch.cook);
  if (!ready && !written) return { what: 'write the time' };
  const potFrom = ready?.potFrom ?? 0;
  // Where nobody knows how hot it is, and where it comes out by the clock, the time that is written is all there is.
  const lifts = !ready || isOutThen(batch);
  const afterMin =
    (lifts
      ? total(phaseMinutes(batch.cook, undefined))
      : (ready.nextCheck ?? written?.first ?? ready.firstCheck)) - potFrom;
  const at = batch.lidOn === undefined ? undefined : batch.lidOn + afterMin * MINUTE_MS;
  return { what: lifts ? 'lift' : 'look', afterMin, ...(at !== undefined && { at }) };
}

const total = (lengths: readonly number[]) => lengths.reduce((sum, length) => sum + length, 0);

/**
 * The same once the day is planned: a look then stands where the plan has it, to the minute. Where it has none any
 * more, the time that was written is over, and the meat is lifted out.
 */
export function nextInDay(next: NextAct, batch: string, lines: readonly Line[], now: number): NextAct {
  if ((next.what !== 'look' && next.what !== 'lift') || next.at === undefined) return next;
  const mine = lines.filter((line) => line.batch === batch);
  const look = mine.find((line) => line.kind === 'look' && line.to > now);
  const lift = mine.find(({ does }) => does.what === 'lift');
  // The day is one list: what is done to the pot before its look or its lifting comes before it here too.
  const last = (next.what === 'look' ? look : undefined) ?? lift;
  const first = mine.find((line) => isAtPot(line) && line.to > now);
  if (first && first.from < (last?.from ?? next.at))
    return { what: 'at the pot', does: first.does, at: first.from };
  if (next.what === 'lift') return next;
  if (look) return { ...next, at: look.from };
  return lift ? { ...next, what: 'lift', at: lift.from } : next;
}

/** The stage at which it is done. */
export function stageOfAct({ what }: NextAct): Stage {
  switch (what) {
    case 'buy':
      return 'meat';
    case 'write the time':
    case 'look':
    case 'lift':
    case 'at the pot':
      return 'clock';
    case 'pick and shred':
    case 'strain and skim':
    case 'skim':
      return 'bench';
    case 'fill the plates':
      return 'plates';
    case 'closed':
      return 'keep';
  }
}

/**
 * When it is wanted, epoch ms: what is off the heat waits for nothing but hands, and is wanted now.
 * @returns undefined where no hour says so
 */
export function wantedAt(next: NextAct, now: number): number | undefined {
  if (stageOfAct(next) === 'bench') return now;
  const at = 'at' in next ? next.at : undefined;
  return at === undefined ? undefined : Math.max(now, at);
}

/** Of several that which is wanted first; one without an hour comes after all that have one. */
export function wantedFirst<T extends { readonly next: NextAct }>(
  all: readonly T[],
  now: number,
): T | undefined {
  const at = ({ next }: T) => wantedAt(next, now) ?? Infinity;
  return all.toSorted((a, b) => at(a) - at(b))[0];
}
