import { capital } from './capital.ts';
import type { Heat, Round } from '@/core/meal/index.ts';
import type { Doing } from '@/core/day/index.ts';
import { actWords } from './steps/index.ts';

/** A cut or an ingredient by the first of its words: "shank", not "shank, cross cut". */
export const shortName = (name: string): string => name.split(',')[0] ?? name;

/** Where a pot goes next. */
const moves: Readonly<Record<Heat, (setting: 'low' | 'high' | undefined) => string>> = {
  oven: () => 'Into the oven',
  stove: () => 'Onto the stove',
  smoker: () => 'Into the smoker',
  'slow cooker': (setting) => `Switch the slow cooker ${setting === undefined ? 'on' : `to ${setting}`}`,
};

/** "onion, carrot and celery". */
const together = (names: readonly string[]) => {
  const short = names.map((name, i) => (i === 0 ? shortName(name) : shortName(name).toLowerCase()));
  return short.length < 2 ? (short[0] ?? '') : `${short.slice(0, -1).join(', ')} and ${short.at(-1) ?? ''}`;
};

const inRounds = (rounds: number) => (rounds > 1 ? `, ${rounds} rounds` : '');

const listed = (names: readonly string[]) => names.map(shortName).join(', ');

/** What is softened, and what is only stirred into the fat with it: flour and paste do not soften. */
function softenWords(names: readonly string[]): string {
  const isStirred = (name: string) => /flour|starch|paste|powder|\bmiso\b|harina/i.test(name);
  const soft = names.filter((name) => !isStirred(name));
  const stirred = names.filter(isStirred);
  const parts = [
    ...(soft.length > 0 ? [`soften ${together(soft)}`] : []),
    ...(stirred.length > 0 ? [`fry ${together(stirred)}`] : []),
  ];
  return capital(parts.join(', then '));
}

/** What is done at intervals while it braises. */
const rounds: Readonly<Record<Round, string>> = {
  turn: 'Turn the pieces',
  stir: 'Stir to the bottom',
  baste: 'Baste',
  pierce: 'Pierce the meat',
  skim: 'Spoon off the fat',
};

type What = Doing['what'];

/** How each thing that is done is called, as one cook would say it to another. */
const said: { readonly [W in What]: string | ((doing: Doing & { readonly what: W }) => string) } = {
  trim: 'Trim, cut and salt',
  rub: 'Rub with its salt',
  'into the marinade': 'Into the marinade',
  salted: 'Salted, in the fridge',
  marinates: 'Marinates in the fridge',
  'sit out': 'Sit out of the fridge',
  dry: 'Lift out, pat dry',
  'boil the marinade': 'Boil the marinade',
  toast: ({ names }) => `Toast ${listed(names)}`,
  grind: ({ names }) => `Grind ${listed(names)}`,
  soak: ({ names }) => `Soak ${listed(names)}`,
  blend: ({ names }) => `Purée ${listed(names)}`,
  sieve: ({ names }) => `Sieve ${listed(names)}`,
  blister: ({ names }) => `Blister ${listed(names)}`,
  peel: ({ names }) => `Peel ${listed(names)}`,
  'lift out': ({ names }) => `Lift out ${listed(names)}`,
  chop: 'Chop what goes in',
  processor: 'Run through the processor',
  'light the fire': 'Light the fire',
  'into the smoke': 'Meat into the smoke',
  'tend the fire': 'Tend the fire',
  'heat the pan': 'Heat the pan',
  loosen: ({ item }) =>
    `Loosen the pan with ${item === undefined ? 'water' : shortName(item)}, black bits out first`,
  sear: ({ panfuls }) => (panfuls === 1 ? 'Sear, one panful' : `Sear, ${panfuls} panfuls`),
  'heat the oven': ({ celsius }) =>
    celsius === undefined ? 'Heat the oven' : `Heat the oven to ${celsius} °C`,
  soften: ({ names }) => softenWords(names),
  'fill the pot': ({ juices }) => (juices ? 'Fill the pot, the meat’s juices too' : 'Fill the pot'),
  'boil down first': ({ names }) => `Boil ${together(names)} down`,
  'skim the scum': 'Take off the scum',
  'skim on the way': 'Spoon off fat as it cooks',
  move: ({ to, setting, heavy }) => `${moves[to](setting)}${heavy ? ', two to lift it' : ''}`,
  'bring to heat': 'Bring to heat',
  look: ({ again, lot }) =>
    again
      ? 'Test again if tough'
      : lot === undefined
        ? 'Test with a fork'
        : `Test with a fork, ${shortName(lot).toLowerCase()} first`,
  in: ({ item }) => `In: ${shortName(item)}`,
  'painted on': ({ item }) => `Paint on: ${shortName(item)}`,
  'poured over': ({ item }) => `Pour over: ${shortName(item)}`,
  out: ({ item }) => `Out: ${shortName(item)}`,
  mix: ({ item }) => `Mix ${shortName(item)} with cold liquid`,
  lid: ({ lid }) => `Lid ${lid}`,
  round: ({ does }) => rounds[does],
  tear: 'Tear the meat, put it back',
  lift: 'Lift out the meat',
  cool: 'Cool enough to touch',
  pull: ({ torn, firm }) =>
    firm ? 'Slice, pick: it will not pull' : torn ? 'Pick through' : 'Pull the meat',
  strain: 'Strain',
  settle: 'The jug settles',
  'cool fast': 'Cool fast: shallow pans, ice bath',
  chills: 'Chills overnight',
  skim: ({ cold }) => (cold ? 'Lift off the fat' : 'Spoon off the fat'),
  reduce: 'Boil it down',
  after: ({ step }) => actWords(step),
  'heats through': 'Heats through',
  'bring together': ({ how }) =>
    how === 'reheated'
      ? 'Dress the meat, reheat to 74 °C'
      : how === 'cold'
        ? 'Dress the meat, cold'
        : 'Dress the meat',
  fill: ({ name, count }) => `Fill ${count} × ${name}`,
  'fill there': ({ name, count }) => `Fill there: ${count} × ${name}`,
  'set out': ({ name, count }) => `Set out for ${count} × ${name}`,
  'water on': ({ name }) => `Water on for ${name}`,
  drain: ({ name }) => `Drain: ${name}`,
  'out of the oven': ({ name }) => `Out of the oven: ${name}`,
  boil: ({ name, count, rounds }) => `Boil ${count} × ${name}${inRounds(rounds)}`,
  'toast rolls': ({ name, count, rounds }) => `Toast for ${count} × ${name}${inRounds(rounds)}`,
  bake: ({ name, count, rounds }) => `Bake ${count} × ${name}${inRounds(rounds)}`,
  'hot boxes': 'Into hot boxes, at 57 °C or above',
  pack: 'Pack it all',
  load: 'Load, out of the door',
  'on the road': 'On the road',
  'reheat there': 'Reheat there to 74 °C',
  carry: ({ cold }) =>
    cold ? 'Carry it over, cold, at 5 °C or below' : 'Carry it over, hot, at 57 °C or above',
  own: ({ words }) => words,
  hold: ({ where }) =>
    where === 'in its liquid'
      ? 'Keep hot in its liquid, at 57 °C or above'
      : where === 'hot'
        ? 'Keep hot, at 57 °C or above'
        : 'In the fridge until then',
};

/** What is done in a part of the day, in words. */
export function doingWords(doing: Doing): string {
  const words = said[doing.what];
  // Each is filed under the kind that it takes; the compiler cannot follow a union through that.
  return typeof words === 'string' ? words : (words as (doing: Doing) => string)(doing);
}
