import type { PackedPlace } from '@/core/answers/index.ts';
import { holdsWords, SERVING, counted } from '@/words/index.ts';
import type { Said } from '../../open/useSaid.ts';
import type { LabelText } from '../../paper/label.ts';
import type { PackingPlace } from '../../paper/packing.ts';

/** Less liquid than this gets no line of its own, ml. */
const A_LINE = 1;

const doorWords = (out: string | undefined, said: Said) =>
  out === undefined ? '' : `out of the door by ${said.timeOfDay(out)}`;

/** The lines of a packing list: what stays here by the plate, what goes away by the box. */
export function packingLines(places: readonly PackedPlace[], said: Said): readonly PackingPlace[] {
  return places.map(({ parcel, dishes }): PackingPlace => {
    if (!parcel)
      return {
        place: 'Here',
        out: '',
        note: containsNote(dishes),
        lines: dishes.map(({ name, count, meatG, liquidMl, allG, scoop }) => ({
          what: name,
          count: `${String(count)} ×`,
          amount: [said.mass(meatG), ...(liquidMl > A_LINE ? [said.volume(liquidMl)] : [])].join(' + '),
          how: scoop ? `${String(scoop.times)} × ${scoop.name}` : `${said.mass(allG)} in all`,
        })),
      };
    const how = parcel.cold ? 'cold' : 'hot';
    return {
      place: parcel.place,
      out: doorWords(parcel.out, said),
      note: [parcel.note ?? '', containsNote(dishes)].filter((one) => one !== '').join(' '),
      lines: boxesOf(parcel.apart === true, dishes).map(({ what, count, grams, ml }) => ({
        what,
        count: count === undefined ? '' : `${String(count)} ×`,
        amount: [...(grams > 0 ? [said.mass(grams)] : []), ...(ml > A_LINE ? [said.volume(ml)] : [])].join(
          ' + ',
        ),
        how,
      })),
    };
  });
}

/** What goes with a list, dish by dish: whoever opens the boxes has to know. */
const containsNote = (dishes: PackedPlace['dishes']): string =>
  dishes
    .map(({ name, holds, notKnown }) => ({ name, words: holdsWords({ holds, notKnown }) }))
    .filter(({ words }) => words.length > 0)
    .map(({ name, words }) => `${name} contain ${words.join(', ')}.`)
    .join(' ');

/** A label for each box that leaves the house: what, for how many, where to, by when, what it holds. */
export function parcelLabels(places: readonly PackedPlace[], said: Said): readonly LabelText[] {
  return places.flatMap(({ parcel, dishes }) =>
    parcel
      ? boxesOf(parcel.apart === true, dishes).map(
          ({ what, count, grams, ml, holds, notKnown }): LabelText => ({
            title: count === undefined ? what : `${what}, ${counted(count, SERVING)}`,
            amount: [
              ...(grams > 0 ? [said.mass(grams)] : []),
              ...(ml > A_LINE ? [said.volume(ml)] : []),
            ].join(' + '),
            made: `to ${parcel.place}`,
            useBy: doorWords(parcel.out, said),
            more: [
              ...holdsWords({ holds, notKnown }),
              parcel.cold ? 'keep at 5 °C or below, heat to 74 °C' : 'keep at 57 °C or above',
            ].join(' · '),
          }),
        )
      : [],
  );
}

interface Boxed extends Pick<PackedPlace['dishes'][number], 'holds' | 'notKnown'> {
  readonly what: string;
  readonly count: number | undefined;
  readonly grams: number;
  readonly ml: number;
}

/** Meat and sauce of a dish in one box, or a box each. */
function boxesOf(apart: boolean, dishes: PackedPlace['dishes']): readonly Boxed[] {
  return dishes.flatMap(({ name, count, allG, allMl, ...facts }): readonly Boxed[] =>
    apart && allMl > A_LINE
      ? [
          { what: `${name}: meat`, count, grams: allG, ml: 0, ...facts },
          { what: `${name}: liquid`, count: undefined, grams: 0, ml: allMl, ...facts },
        ]
      : [{ what: name, count, grams: allG, ml: allMl, ...facts }],
  );
}
