import type { Doing } from '@/core/day/index.ts';

/** A cut or an ingredient by the first of its words: "shank", not "shank, cross cut". */
export const shortName = (name: string): string => name.split(',')[0] ?? name;

type What = Doing['what'];

/** How each thing that is done is called, as one cook would say it to another. */
const said: { readonly [W in What]: string | ((doing: Doing & { readonly what: W }) => string) } = {
  trim: 'Trim, cut and salt',
  rub: 'Rub with its salt',
  'into the marinade': 'Into the marinade',
  salted: 'Salted, in the fridge',
  marinates: 'Marinates in the fridge',
  'sit out': 'Sit out of the fridge',
  soak: ({ names }) => `Soak ${names.join(', ')}`,
  chop: 'Chop what goes in',
  'light the fire': 'Light the fire',
  'into the smoke': 'Meat into the smoke',
  'tend the fire': 'Tend the fire',
  sear: ({ panfuls }) => (panfuls === 1 ? 'Sear, one panful' : `Sear, ${panfuls} panfuls`),
  'heat the oven': ({ celsius }) =>
    celsius === undefined ? 'Heat the oven' : `Heat the oven to ${celsius} °C`,
  soften: 'Soften what goes in',
  'fill the pot': 'Fill the pot',
  'boil down first': 'Boil the wine down',
  'bring to heat': 'Bring to heat',
  look: ({ again, lot }) =>
    again
      ? 'Test again if tough'
      : lot === undefined
        ? 'Test with a fork'
        : `Test with a fork, ${shortName(lot).toLowerCase()} first`,
  in: ({ item }) => `In: ${shortName(item)}`,
  out: ({ item }) => `Out: ${shortName(item)}`,
  lid: ({ lid }) => `Lid ${lid}`,
  stir: 'Stir to the bottom',
  turn: 'Turn the pieces',
  tear: 'Tear the meat, put it back',
  lift: 'Lift out the meat',
  cool: 'Cool enough to touch',
  pull: ({ torn }) => (torn ? 'Pick through, shred' : 'Pull, pick, shred'),
  strain: 'Strain',
  settle: 'The jug settles',
  'cool fast': 'Cool fast: shallow pans, ice bath',
  chills: 'Chills overnight',
  skim: ({ cold }) => (cold ? 'Lift off the fat' : 'Skim'),
  reduce: 'Boil it down',
  'bring together': ({ cold }) => (cold ? 'Dress the meat, reheat to 74 °C' : 'Dress the meat'),
  fill: ({ name, count }) => `Fill ${count} × ${name}`,
  own: ({ words }) => words,
  hold: ({ where }) =>
    where === 'in its liquid'
      ? 'Keep it hot in its liquid, above 57 °C'
      : where === 'hot'
        ? 'Hold hot, above 57 °C'
        : 'In the fridge until then',
};

/** What is done in a part of the day, in words. */
export function doingWords(doing: Doing): string {
  const words = said[doing.what];
  // Each is filed under the kind that it takes; the compiler cannot follow a union through that.
  return typeof words === 'string' ? words : (words as (doing: Doing) => string)(doing);
}
