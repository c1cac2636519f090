import { dateOf } from '../../clock/index.ts';
import type { Kitchen, ShelfItem } from '../../meal/index.ts';

const DAY = 86_400_000;

/**
 * How long things keep, days. A home: leftovers 4 days in the fridge, 90 frozen, best within that (USDA FSIS consumer
 * advice, from memory); a business: 7 days at 5 °C with the day it was made as the first (FDA Food Code 2022, 3-501.17,
 * from memory). Fat keeps longer than what is wet (common practice, no source). Frozen time does not count against the
 * fridge's; thawed, a day is left at least.
 */
const days = {
  home: { fridge: 4, freezer: 90, cupboard: 1 },
  business: { fridge: 6, freezer: 90, cupboard: 1 },
} as const;
const FAT_DAYS = { fridge: 60, freezer: 180, cupboard: 14 } as const;
const THAWED_LEAST = 1;

/** When something is to be used by, epoch ms: as it was written, else by the rule of the kitchen. */
export function bestBefore(item: ShelfItem, { keeps = 'home' }: Pick<Kitchen, 'keeps'>): number {
  if (item.useBy !== undefined) return item.useBy;
  const rule = item.what === 'fat' ? FAT_DAYS : days[keeps];
  if (item.place === 'freezer') return (item.frozen ?? item.made) + rule.freezer * DAY;
  const fresh = item.made + rule[item.place] * DAY;
  if (item.frozen === undefined || item.thawed === undefined) return fresh;
  // What was left of its days when it was frozen is left when it is thawed.
  const before = Math.max(0, item.frozen - item.made);
  const left = Math.max(THAWED_LEAST * DAY, rule.fridge * DAY - before);
  return item.thawed + left;
}

/** For how many days a thing keeps where it stands, from when it was made or frozen. */
export const keepDays = (
  { what, place }: Pick<ShelfItem, 'what' | 'place'>,
  { keeps = 'home' }: Pick<Kitchen, 'keeps'>,
): number => (what === 'fat' ? FAT_DAYS : days[keeps])[place];

/** Since when its days in the fridge count, epoch ms: those that it lay frozen do not. */
export function agedSince({ made, place, frozen, thawed }: ShelfItem, now: number): number {
  if (frozen === undefined) return made;
  const until = place === 'freezer' ? now : thawed;
  return until === undefined ? made : until - Math.max(0, frozen - made);
}

/** It is past its day and is thrown away: what lay frozen loses in quality, what did not is not safe. */
export const isPastUse = (item: ShelfItem, kitchen: Pick<Kitchen, 'keeps'>, now: number): boolean =>
  item.place !== 'freezer' && daysUntil(bestBefore(item, kitchen), now, item.zone) < 0;

/** What of it is still there, g. */
export const gramsLeft = ({ grams, gone = [] }: ShelfItem): number =>
  Math.max(0, grams - gone.reduce((sum, one) => sum + one.grams, 0));

/** The shelf as it stands: what is there, what must go first in front. */
export const onShelf = (shelf: readonly ShelfItem[], kitchen: Pick<Kitchen, 'keeps'>): readonly ShelfItem[] =>
  shelf
    .filter((item) => gramsLeft(item) > 0.5)
    .sort((a, b) => bestBefore(a, kitchen) - bestBefore(b, kitchen) || a.made - b.made);

/** More than so much ahead is no clock that goes a little fast. */
const AHEAD = DAY / 2;

/** It says that it was made in time to come: the clock here is wrong, or was. */
export const isFromAhead = ({ made }: Pick<ShelfItem, 'made'>, now: number): boolean => made > now + AHEAD;

/**
 * Whole days from one moment to another, by the calendar of a place: a box keeps that of the kitchen which labelled it.
 * @param zone absent: of where it is read
 */
export function daysUntil(until: number, now: number, zone = zoneHere()): number {
  const day = (moment: number) => Date.parse(`${dateOf(moment, zone)}T00:00Z`);
  return Math.round((day(until) - day(now)) / DAY);
}

const zoneHere = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;
