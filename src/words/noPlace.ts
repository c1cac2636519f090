import { counted, noun } from './nouns.ts';
import type { PlaceWay } from '@/core/answers/index.ts';

/** More names than these nobody reads. */
const TOLD = 4;

/** Which pots a day has left out. */
export function noPlaceWords(names: readonly string[], of: number, held = false): string {
  const told = names.slice(0, TOLD).join(', ');
  const more = names.length > TOLD ? ` and ${String(names.length - TOLD)} more` : '';
  const have = names.length === 1 ? 'has' : 'have';
  return `Not all of it fits: ${of === 1 ? 'the one pot' : `${String(names.length)} of ${counted(of, noun('pot'))}`} ${have} no place in this day (${told}${more})${held ? ' unless held hot for half a day' : ''}. Cook fewer or larger pots, begin the day before, or change what there is; until then nothing of it goes on paper or into a calendar.`;
}

const with_: Readonly<Record<PlaceWay['way'], string>> = {
  'raw in': 'Raw in, nothing browned before it,',
  'the day before': 'Cooked the day before and chilled overnight',
  'half as many pots': 'In half as many pots, each twice as large,',
  'another oven': 'With another oven',
  'two more burners': 'With two more burners',
  'another pair of hands': 'With another pair of hands',
  'another oven and pair of hands': 'With another oven and another pair of hands',
};

/** What one way out was found to do. */
export const placeWayWords = (way: PlaceWay['way'], left: number, at: string): string =>
  left === 0
    ? `${with_[way]} all of them fit, served at ${at}.`
    : `${with_[way]} ${left === 1 ? 'one pot is' : `${String(left)} pots are`} still left out, the rest served at ${at}.`;
