import type { Quantity } from '../quantity/index.ts';
import { isStep, liquidOf } from '../work/index.ts';
import type { AfterStep, Batch, DishKind, Skim } from './schema.ts';

/** How a school works once the meat is tender: a list to begin from. */
export const schools = ['broth', 'sauce', 'dip', 'in the pot', 'overnight'] as const;
export type School = (typeof schools)[number];

const one = <W extends AfterStep['what']>(
  what: W,
  more?: Omit<Extract<AfterStep, { readonly what: W }>, 'id' | 'what'>,
): AfterStep => ({ id: what, what, ...more });
const minutes = (n: number): Quantity => ({ text: `${String(n)} min`, lo: n, hi: n });

/** Lifted, cooled enough to touch, boned, pulled and picked. */
const atTheBench = [one('lift'), one('cool'), one('bone'), one('pull'), one('pick')];
/** Sauced meat is warmed so much longer, min (common practice, no source). */
const WARM_IN_SAUCE = 15;

/**
 * The steps of a school, in its order (common practice, no source): a broth is strained and skimmed; a pasta sauce or a
 * gravy keeps everything and is skimmed lightly; a dip keeps its fat; meat shredded in the pot never leaves it.
 */
export function afterBy(school: School): readonly AfterStep[] {
  const out = one('take out');
  switch (school) {
    case 'broth':
      return [...atTheBench, out, one('strain'), one('skim', { way: 'hot' }), one('dress')];
    case 'sauce':
      return [
        ...atTheBench,
        out,
        one('skim', { way: 'hot' }),
        one('meat back', { minutes: minutes(WARM_IN_SAUCE) }),
      ];
    case 'dip':
      return [...atTheBench, out, one('strain'), one('dress'), one('hold')];
    case 'in the pot':
      return [out, one('skim', { way: 'hot' }), one('bone'), one('pull', { tool: 'masher' }), one('pick')];
    case 'overnight':
      return [
        ...atTheBench,
        out,
        one('strain'),
        one('skim', { way: 'chill' }),
        one('meat back', { minutes: minutes(WARM_IN_SAUCE) }),
      ];
  }
}

/** Dishes that want the whole sauce, and dishes that are dipped (common practice, no source). */
const SAUCED: readonly DishKind[] = ['pasta', 'hand pie', 'burrito', 'long roll', 'mash', 'gratin'];
const DIPPED: readonly DishKind[] = ['dip', 'roll', 'taco', 'folded taco', 'pressed sandwich'];

/** The school that a meal's dishes ask for, where all of them ask for one and it is not the usual broth. */
export function schoolFor(kinds: readonly DishKind[]): School | undefined {
  const all = (some: readonly DishKind[]) => kinds.length > 0 && kinds.every((kind) => some.includes(kind));
  if (all(SAUCED)) return 'sauce';
  return all(DIPPED) && kinds.includes('dip') ? 'dip' : undefined;
}

/** What becomes of the pot's liquid. */
export interface Finish {
  readonly strain: boolean;
  readonly skim: Skim;
  /** Absent: it is not boiled down. */
  readonly reduceTo?: Quantity | undefined;
}

/** The usual order: strained or not, skimmed, boiled down if that was asked, dressed. */
export const usualAfter = ({ strain, skim, reduceTo }: Finish): readonly AfterStep[] => [
  ...atTheBench,
  one('take out'),
  ...(strain ? [one('strain')] : []),
  ...(skim === 'leave' ? [] : [one('skim', { way: skim })]),
  ...(reduceTo?.lo === undefined ? [] : [one('boil down', { to: reduceTo })]),
  one('dress'),
];

type Listed = Pick<Batch, 'after'>;

const firstOnMain = <W extends AfterStep['what']>({ after }: Listed, what: W) =>
  after.filter(isStep(what)).find((step) => liquidOf(step) === undefined);

/** Whether the pot's liquid goes through a sieve, and nothing of it back: it is broth, else a sauce. */
export const isStrained = ({ after }: Listed): boolean =>
  after.findLast(
    (step) => (step.what === 'strain' || step.what === 'vegetables back') && liquidOf(step) === undefined,
  )?.what === 'strain';

/** How the pot's liquid is skimmed first. */
export const skimWay = (batch: Listed): Skim => {
  const skim = firstOnMain(batch, 'skim');
  return skim ? (skim.way ?? 'hot') : 'leave';
};

/** It goes into the cold before it is used: that was asked, or its fat comes off as a cap. */
export const isChilled = (batch: Listed & Pick<Batch, 'chilled'>): boolean =>
  batch.chilled === true || skimWay(batch) === 'chill';

/** How far the pot's liquid is boiled down. */
export const boilsDownTo = (batch: Listed): Quantity | undefined => firstOnMain(batch, 'boil down')?.to;

/** The batch's list in the usual order, with what is chosen for its liquid. */
export const usualAgain = (batch: Listed): readonly AfterStep[] =>
  usualAfter({ strain: isStrained(batch), skim: skimWay(batch), reduceTo: boilsDownTo(batch) });

/** Nobody has written a list of their own: it is the usual one, whatever its steps are called. */
export function isUsualAfter(batch: Listed): boolean {
  const usual = usualAgain(batch);
  return (
    usual.length === batch.after.length &&
    usual.every((step, i) => {
      const own = batch.after[i];
      return own !== undefined && alike({ ...own, id: step.id }, step);
    })
  );
}

/** Of two steps, whether all that they hold is the same. */
const alike = (a: AfterStep, b: AfterStep): boolean =>
  JSON.stringify(Object.entries(a).sort()) === JSON.stringify(Object.entries(b).sort());

/** The meat never leaves its pot: it is pulled there. */
export const staysInPot = ({ after }: Listed): boolean => !after.some(({ what }) => what === 'lift');
