import type { Compared } from '@/core/meal/index.ts';
import { listed } from './listed.ts';
import { counted, noun } from './nouns.ts';

/** What two copies of a meal have that the other has not, and where they say something else of one thing. */
export function copyWords(
  { readings, things, taken, changed, apart }: Compared,
  nameOf: (one: Compared['apart'][number]) => string,
): readonly string[] {
  const only = (of: 'here' | 'there') =>
    listed([
      ...(readings[of] > 0 ? [counted(readings[of], noun('reading'))] : []),
      ...(things[of] > 0 ? [counted(things[of], noun('dish or pot', 'dishes and pots'))] : []),
    ]);
  const [here, there] = [only('here'), only('there')];
  return [
    ...(there === '' ? [] : [`Only in the file: ${there}.`]),
    ...(here === '' ? [] : [`Only here: ${here}.`]),
    ...(taken === 0 ? [] : [`Taken away there: ${counted(taken, noun('thing'))} of what is here.`]),
    ...(changed.there.length === 0
      ? []
      : [`Changed in the file alone: ${listed(changed.there.map(nameOf))}.`]),
    ...(changed.here.length === 0 ? [] : [`Changed here alone: ${listed(changed.here.map(nameOf))}.`]),
    ...(apart.length === 0 ? [] : [`Written otherwise in the file: ${listed(apart.map(nameOf))}.`]),
    ...(here === '' &&
    there === '' &&
    taken === 0 &&
    apart.length + changed.here.length + changed.there.length === 0
      ? ['They are the same.']
      : []),
  ];
}
