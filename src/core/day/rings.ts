import type { Batch, Cooling } from '../meal/index.ts';
import { limits } from '../keep/index.ts';
import { MINUTE_MS } from '../quantity/index.ts';
import { HELD_LONG } from './minutes.ts';
import type { Line } from './line.ts';
import type { Doing } from './task.ts';

/** Something that a cook is called to: a line of the day, or a limit that comes near. */
export type Call =
  | { readonly what: 'line'; readonly does: Doing }
  | { readonly what: 'held long' }
  /** It must be at so many °C soon. */
  | {
      readonly what: 'cools';
      readonly of: Cooling['what'];
      readonly celsius: number;
      readonly leftMin: number;
    };

export interface Ring {
  /** The same while it is the same thing, wherever it moves. */
  readonly key: string;
  readonly batch: string;
  /** Epoch ms. */
  readonly at: number;
  readonly call: Call;
}

/** A cook is told so long before a limit is over, min (estimate). */
const BEFORE = 20;

/** What a pot calls for while it is on the heat: looks, what goes in and comes out, rounds, its lid, its heat, the lifting. */
const called = new Set<Doing['what']>([
  'look',
  'in',
  'out',
  'mix',
  'painted on',
  'poured over',
  'round',
  'lid',
  'move',
  'heat the oven',
  'tend the fire',
  'skim the scum',
  'skim on the way',
  'tear',
  'lift',
  'lift out',
]);

/**
 * What will ring by itself: of every pot that is on the heat what it calls for, what is held hot for too long, and the limits of what
 * cools; in the order of the day. Of a pot whose lid is not on nothing rings, and what is to be done now is told by the stove.
 */
export function ringsOf(
  lines: readonly Line[],
  batches: readonly Pick<Batch, 'id' | 'lidOn' | 'cools' | 'closed'>[],
  now: number,
): readonly Ring[] {
  const hot = new Set(
    batches.flatMap(({ id, lidOn, closed }) => (lidOn === undefined || closed ? [] : [id])),
  );
  const ofLines = lines.flatMap(({ key, does, from, to, batch }): Ring[] => {
    if (batch === undefined || !hot.has(batch)) return [];
    if (does.what === 'hold' && does.where !== 'in the fridge') {
      const at = from + HELD_LONG * MINUTE_MS;
      return at < to ? [{ key: `${batch} held`, batch, at, call: { what: 'held long' } }] : [];
    }
    return called.has(does.what) ? [{ key, batch, at: from, call: { what: 'line', does } }] : [];
  });
  const ofCooling = batches.flatMap(({ id: batch, cools = [] }) =>
    cools
      .filter(({ done }) => done === undefined)
      .flatMap(({ id, what: of, start }) =>
        [
          { celsius: limits.first, hours: limits.firstH },
          { celsius: limits.last, hours: limits.lastH },
        ].map(({ celsius, hours }): Ring => ({
          key: `${id} ${String(celsius)}`,
          batch,
          at: start + (60 * hours - BEFORE) * MINUTE_MS,
          call: { what: 'cools', of, celsius, leftMin: BEFORE },
        })),
      ),
  );
  return [...ofLines, ...ofCooling].filter(({ at }) => at > now).sort((a, b) => a.at - b.at);
}
