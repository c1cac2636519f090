import type { Shares } from '@/core/questions/index.ts';

type Way = Shares['ways'][number];
type Says = { readonly mass: (grams: number) => string; readonly volume: (ml: number) => string };

const plates = (n: number) => (n === 1 ? '1 plate' : `${String(n)} plates`);

/** A way out, and what it does, in as few words as a cook would use. */
export function wayWords(
  way: Way,
  total: number,
  { mass, volume }: Says,
): { readonly act: string; readonly does: string } {
  const served =
    way.served >= total ? `all ${String(total)} served` : `${String(way.served)} of ${String(total)} served`;
  const left = way.leftG > 1 ? `${mass(way.leftG)} left` : 'nothing left';
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
        act: `${String(way.by)} ${way.name} fewer`,
        does: `${String(way.count)} of them, ${plates(way.served)} in all, ${left}`,
      };
    case 'stretch':
      return { act: `Stretch it with ${mass(way.grams)} of potato or beans`, does: `${served}, ${left}` };
    case 'pour':
      return { act: `Thin it with ${volume(way.ml)} of stock`, does: served };
    case 'more each':
      return { act: 'More on each plate', does: `${plates(way.served)}, ${left}` };
    case 'more plates':
      return { act: `${String(way.by)} more ${way.name}`, does: `${plates(way.served)}, ${left}` };
    case 'even out':
      return { act: 'Share out all of it', does: `beyond the largest portions, ${left}` };
  }
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

/** What a sheet of the share-out is headed with. */
export function shareTitle(
  { short, dishes, left }: Shares,
  { volume, rough }: Says & { readonly rough: (grams: number) => string },
): string {
  const total = dishes.reduce((sum, dish) => sum + dish.of, 0);
  if (total === 0) return 'Everything has gone out';
  if (short.servings > 0) {
    if (short.meatG > 0) return `${capital(rough(short.meatG))} of meat short`;
    if (short.liquidMl > 0) return `${volume(short.liquidMl)} of liquid short`;
    return `${plates(short.servings)} short`;
  }
  return left.shredG > 20 ? `It goes round, ${rough(left.shredG)} is over` : 'It goes round, nothing left';
}

/** Under it: who goes without, and how sure that is. */
export function shareUnder({ short, dishes, proved }: Shares, byScoops: boolean): string {
  const without = dishes.filter(({ servings, of }) => servings < of);
  const sure = proved ? ' No sharing feeds more: proved.' : ' The best found in the time there was.';
  if (short.servings === 0) return `Every plate gets its portion${byScoops ? ', by level scoops' : ''}.`;
  return `${without.map(({ name, servings, of }) => `${String(of - servings)} ${name}`).join(' and ')} ${short.servings === 1 ? 'goes' : 'go'} without.${sure}`;
}
