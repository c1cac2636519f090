import { type Batch } from '../meal/index.ts';
import type { Input } from '../model/index.ts';
import type { ComesOut } from '../pot/index.ts';
import { weighedIn } from '../meat/index.ts';
import type { BatchPlan } from '../model/index.ts';
import type { Unaccounted } from './unaccounted.ts';

/** What may be behind a figure that does not balance. */
export type Cause =
  | { readonly what: 'bowl'; readonly name: string; readonly grams: number }
  | { readonly what: 'bones still in'; readonly n: number }
  | {
      readonly what:
        | 'eaten or dropped'
        | 'left in the pot'
        | 'picked and not weighed'
        | 'bones weighed with it'
        | 'weighed with its sauce'
        | 'poured more'
        | 'poured away'
        | 'boiled off'
        | 'trimmed more';
    };

/** A bowl weighs as much as what does not balance, if it is nearer than this, relative (estimate). */
const ALIKE = 0.08;

/**
 * What is likeliest behind what does not balance, likeliest first: a bowl whose weight it is, then what the entries leave
 * open. Common practice, no source.
 */
export function causesOf(
  { flow, grams }: Unaccounted,
  plan: BatchPlan,
  comeOut: readonly ComesOut[],
  { kitchen }: Pick<Input, 'kitchen'>,
): readonly Cause[] {
  const bowl = kitchen.vessels.find(
    ({ tareG }) => tareG !== undefined && Math.abs(tareG - grams) <= ALIKE * grams,
  );
  const first: Cause[] =
    bowl?.tareG === undefined ? [] : [{ what: 'bowl', name: bowl.name, grams: bowl.tareG }];
  const missing = flow.id === 'missing';
  if (flow.stage === 'bench') return [...first, ...(missing ? lost(plan, comeOut) : surplus(plan))];
  if (flow.stage === 'meat') return [...first, ...(missing ? [{ what: 'trimmed more' } as const] : [])];
  if (missing) return [...first, { what: 'boiled off' }, { what: 'poured away' }];
  return [...first, { what: 'poured more' }];
}

const nobodyWeighed = ({ lots }: BatchPlan, what: 'pickings' | 'bone' | 'eaten' | 'thrown') =>
  lots.every(({ weighed }) => weighedIn(weighed, what) === undefined);

function lost(plan: BatchPlan, comeOut: readonly ComesOut[]): Cause[] {
  const bones = comeOut
    .filter(({ kind, count }) => kind === 'bones' && count !== undefined)
    .reduce((sum, { count = 0, back }) => sum + Math.max(0, count - back), 0);
  return [
    ...(bones > 0 && !nobodyWeighed(plan, 'bone') ? [{ what: 'bones still in', n: bones } as const] : []),
    ...(nobodyWeighed(plan, 'pickings') ? [{ what: 'picked and not weighed' } as const] : []),
    ...(nobodyWeighed(plan, 'eaten') && nobodyWeighed(plan, 'thrown')
      ? [{ what: 'eaten or dropped' } as const]
      : []),
    { what: 'left in the pot' },
  ];
}

function surplus(plan: BatchPlan): Cause[] {
  const sauced = dresses(plan.batch);
  return [
    ...(nobodyWeighed(plan, 'bone') && plan.lots.some(({ boneShare }) => boneShare > 0)
      ? [{ what: 'bones weighed with it' } as const]
      : []),
    ...(sauced ? [{ what: 'weighed with its sauce' } as const] : []),
  ];
}

const dresses = (batch: Batch) => batch.after.some(({ what }) => what === 'dress' || what === 'meat back');
