import type {
  Both,
  EventDish,
  EventSitting,
  EventWay,
  LossWay,
  Split,
  SplitWay,
  TriedWay,
} from '@/core/event/index.ts';
import { capital } from './capital.ts';
import { listed } from './listed.ts';

/** How amounts are written in the cook's units. */
export interface Writes {
  readonly mass: (g: number) => string;
  readonly volume: (ml: number) => string;
}

/** Less of either than this goes unsaid: g and ml. */
const UNSAID = 1;

/** "1.2 kg of shred and 1.4 l of broth"; "" of nothing. */
export const bothWords = ({ g, ml }: Both, { mass, volume }: Writes): string =>
  listed([
    ...(g >= UNSAID ? [`${mass(g)} of shred`] : []),
    ...(ml >= UNSAID ? [`${volume(ml)} of broth`] : []),
  ]);

/** The first thing to put right of an event: "Sunday noon is 1.4 l of broth short". */
export function eventHeadline(short: readonly EventSitting[], sittings: number, writes: Writes): string {
  const [first] = short;
  if (!first) return `${sittings === 2 ? 'Both' : `All ${String(sittings)}`} sittings have what they want`;
  return `${capital(first.name)} is ${bothWords(first.lacks, writes)} short`;
}

/** Of which dishes: "of 60 plates of pasta, 41 can be filled". */
export const shortDishes = (dishes: readonly EventDish[]): string =>
  listed(
    dishes
      .filter(({ lacks }) => lacks.g + lacks.ml > 0)
      .map(({ name, count, filled }) =>
        filled >= count
          ? `${String(count)} ${name} are filled with less than usual`
          : `of ${String(count)} ${name}, ${String(Math.floor(filled))} can be filled`,
      ),
  );

/** What a way out does. */
export function eventWayWords(
  way: EventWay,
  nameOf: {
    readonly dish: (id: string) => string;
    readonly pot: (id: string) => string;
    readonly cut: (id: string) => string;
  },
  { mass }: Pick<Writes, 'mass'>,
): string {
  if (way.what === 'buy') return `Buy ${mass(way.g)} more ${nameOf.cut(way.cut)} for ${nameOf.pot(way.pot)}`;
  return way.what === 'draw on'
    ? `Let ${nameOf.dish(way.dish)} draw on ${nameOf.pot(way.pot)} too`
    : `Promise ${String(way.count)} ${nameOf.dish(way.dish)}`;
}

/** And what is left then: "nothing is short then", "every plate is filled then, with 0.3 kg of shred less than usual". */
export function leftShort(
  { lacks, elsewhere, empty }: Pick<TriedWay, 'lacks' | 'elsewhere' | 'empty'>,
  writes: Writes,
): string {
  const left = bothWords(lacks, writes);
  const taken = bothWords(elsewhere, writes);
  if (left === '') return 'nothing is short then';
  const said =
    empty === 0
      ? `every plate is filled then, with ${left} less than usual`
      : `${String(empty)} ${empty === 1 ? 'plate stays' : 'plates stay'} empty, ${left} short`;
  return taken === '' ? said : `${said}, ${taken} of it at another sitting`;
}

/** "120 people, 14 of them children"; "" where nobody has said. */
export function peopleWords({
  adults,
  children,
}: {
  readonly adults: number;
  readonly children: number;
}): string {
  const all = adults + children;
  if (all === 0) return '';
  const who = `${String(all)} ${all === 1 ? 'person' : 'people'}`;
  return children > 0 && adults > 0 ? `${who}, ${String(children)} of them children` : who;
}

/** Whether it fits: "18 kg fits in 2 pots: it cannot be done in fewer", "101 kg fits in 7 pots, 5 kg does not". */
export function dealtWords(
  {
    pots,
    outsideG,
    proved,
    leastPots,
    wish,
  }: Pick<Split, 'pots' | 'outsideG' | 'proved' | 'leastPots' | 'wish'>,
  { mass }: Pick<Writes, 'mass'>,
): string {
  const dealt = pots.reduce((sum, { g }) => sum + g, 0);
  const n = `${String(pots.length)} ${pots.length === 1 ? 'pot' : 'pots'}`;
  const best = {
    fewest: 'it cannot be done in fewer',
    equal: 'no pots are more alike',
    early: 'no more of it can be done before the day',
  };
  const bound =
    leastPots === undefined
      ? ''
      : leastPots < pots.length
        ? `; fewer than ${String(leastPots)} cannot be`
        : '; fewer pots cannot be';
  const how = proved ? best[wish] : `the best that was found in time${bound}`;
  return outsideG < UNSAID
    ? `${mass(dealt)} fits in ${n}: ${how}.`
    : `${mass(dealt)} fits in ${n}; ${mass(outsideG)} does not.`;
}

/** What the day's plan makes of a deal: when it begins, whether all has a place, whether everybody is home. */
export function dealtDayWords(
  { unplaced, inTime }: { readonly unplaced: number; readonly inTime: boolean },
  {
    begins,
    late,
    home,
  }: { readonly begins: string; readonly late: string | undefined; readonly home?: string },
): string {
  if (unplaced > 0)
    return `By the plan ${unplaced === 1 ? 'one of them has' : `${String(unplaced)} of them have`} no place in these days without being held hot for half a day: cook more of it the day before, or have more hands.`;
  if (late !== undefined)
    return home === undefined
      ? `By the plan the hours cannot be kept: somebody is at it ${late}.`
      : `Not everybody is home by ${home}: somebody is at it ${late}.`;
  if (!inTime)
    return home === undefined ? 'By the plan it is served late.' : `Home by ${home}, it is served late.`;
  return `By the plan the work begins ${begins}${home === undefined ? '' : `, and everybody is home by ${home} on the days before`}.`;
}

/** What becomes of the pots that are dealt: "Brisket becomes 3 pots and Lamb this one pot". */
export function dealtInto(batches: readonly { readonly name: string; readonly pots: number }[]): string {
  const told = batches
    .filter(({ pots }) => pots > 0)
    .map(({ name, pots }) => `${name} becomes ${pots === 1 ? 'this one pot' : `${String(pots)} pots`}`);
  return `${listed(told)}; every dish that draws on it draws on all of them. Undone in one.`;
}

/** "on the day", "the day before", "two days before". */
export const dayBefore = (day: number): string =>
  day === 0 ? 'on the day' : day === 1 ? 'the day before' : `${day === 2 ? 'two' : String(day)} days before`;

const splitWays: Readonly<Record<SplitWay, string>> = {
  'another day': 'With another day',
  'another oven': 'With another oven',
  'two more burners': 'With two more burners',
  'more cold': 'With four shelves more in the cold',
  'another such vessel': 'With another vessel as large as the largest',
};

/** What another of something would take in: "With another oven all of it has a place". */
export const splitWayWords = (way: SplitWay, outsideG: number, { mass }: Pick<Writes, 'mass'>): string =>
  `${splitWays[way]} ${outsideG < UNSAID ? 'all of it has a place' : `${mass(outsideG)} has no place`}.`;

/** Where the meat’s money went. */
const lost: Readonly<Record<LossWay, string>> = {
  trim: 'trimmed off',
  air: 'dried off in the pan',
  juice: 'juice, in the broth',
  fat: 'fat, in the broth',
  bone: 'bones',
  pickings: 'picked out',
  unpulled: 'not pulled',
  shred: 'shred, on the plates',
};
export const lossWords = (way: LossWay): string => lost[way];
