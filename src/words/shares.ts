import type { Shares } from '@/core/answers/index.ts';
import { capital } from './capital.ts';
import { counted, formOf, nounOf, PLATE } from './nouns.ts';

type Way = Shares['ways'][number];
interface Says {
  readonly mass: (grams: number) => string;
  readonly volume: (ml: number) => string;
  /** A mass no surer than the shred is. */
  readonly rough: (grams: number) => string;
}

/** Less than this is nothing, g. */
const CRUMBS = 20;

const plates = (n: number) => counted(n, PLATE);
const ofDish = (n: number, name: string) => counted(n, nounOf(name));

/** A way out, and what it does, in as few words as a cook would use. */
export function wayWords(
  way: Way,
  total: number,
  { mass, volume, rough }: Says,
): { readonly act: string; readonly does: string } {
  const served =
    way.served >= total ? `all ${String(total)} served` : `${String(way.served)} of ${String(total)} served`;
  const left = way.leftG > 1 ? `${rough(way.leftG)} left` : 'hardly any left';
  switch (way.what) {
    case 'all down':
      return {
        act: `All portions down by ${String(Math.max(1, Math.round(100 * way.share)))} %`,
        does: `${served}, ${left}`,
      };
    case 'one down':
      return { act: `${capital(way.name)} down to ${mass(way.meatG)}`, does: `${served}, ${left}` };
    case 'fewer':
      return {
        act: `${ofDish(way.by, way.name)} fewer`,
        does: `${String(way.count)} of them, ${plates(way.served)} in all, ${left}`,
      };
    case 'stretch':
      return { act: `Stretch it with ${mass(way.grams)} of potato`, does: `${served}, ${left}` };
    case 'pour':
      return { act: `Thin it with ${volume(way.ml)} of stock`, does: served };
    case 'more each':
      return { act: 'More on each plate', does: `${plates(way.served)}, ${left}` };
    case 'more plates':
      return {
        act: `${String(way.by)} more ${formOf(way.by, nounOf(way.name))}`,
        does: `${plates(way.served)}, ${left}`,
      };
    case 'even out':
      return { act: 'Share out all of it', does: `beyond the largest portions, ${left}` };
  }
}

/** From so large a chance on it goes round, likely goes round, or only just. */
const SURE = 0.95;
const EVEN = 0.5;
const JUST = 0.2;

/**
 * What a sheet of the share-out is headed with: as sure as it is.
 * @param enough the chance that there is enough for all, where there is one
 */
export function shareTitle(
  { short, dishes, left }: Shares,
  { volume, rough }: Says,
  enough?: number,
): string {
  const total = dishes.reduce((sum, dish) => sum + dish.of, 0);
  const over = left.shredG > CRUMBS ? `${rough(left.shredG)} ` : '';
  if (total === 0)
    return over === '' ? 'Everything has gone out' : `Everything has gone out, ${over}was left`;
  if (short.servings > 0) {
    if (short.meatG > 0) return `${capital(rough(short.meatG))} of meat short`;
    if (short.liquidMl > 0) return `${volume(short.liquidMl)} of liquid short`;
    return `${plates(short.servings)} short`;
  }
  const end = over === '' ? 'just enough' : `${over}left over`;
  if (enough === undefined || enough >= SURE)
    return over === '' ? 'Just enough for all' : `Enough for all, ${end}`;
  if (enough >= EVEN) return over === '' ? 'Likely enough for all' : `Likely enough for all, ${end}`;
  return enough >= JUST ? 'Only just enough for all' : 'There may not be enough for all';
}

/**
 * Under it: who goes without, and how sure that is.
 * @param enough the chance that there is enough for all, and in words, where there is one
 */
export function shareUnder(
  { short, dishes, left, proved }: Shares,
  byScoops: boolean,
  { rough }: Pick<Says, 'rough'>,
  enough?: { readonly chance: number; readonly words: string },
): string {
  const total = dishes.reduce((sum, dish) => sum + dish.of, 0);
  if (total === 0) return '';
  if (short.servings === 0) {
    const all = `Every plate gets its portion${byScoops ? ', by level scoops' : ''}`;
    if (enough === undefined) return `${all}.`;
    const as =
      enough.chance >= SURE
        ? ''
        : enough.chance < EVEN && left.shredG > CRUMBS
          ? ` if it comes as expected, with ${rough(left.shredG)} left over`
          : ' if it comes as expected';
    return `${all}${as}: enough ${enough.words}.`;
  }
  const without = dishes
    .filter(({ servings, of }) => servings < of)
    .map(({ name, servings, of }) => ofDish(of - servings, name));
  const sure = proved ? 'No sharing feeds more: proved.' : 'The best found in the time there was.';
  return `${without.join(' and ')} ${short.servings === 1 ? 'goes' : 'go'} without. ${sure}`;
}

/** How many plates are sure, and how many likely. */
export const sureOf = (surely: number, likely: number, total: number): string =>
  surely < total
    ? `Sure of ${plates(surely)}, likely ${likely === total ? `all ${String(total)}` : String(likely)}`
    : total === 1
      ? 'Sure of the one plate'
      : `Sure of all ${plates(total)}`;
