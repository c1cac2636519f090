import { type DishKind, type Picking, shredInScoop } from '../meal/index.ts';
import { BURNER } from '../tender/index.ts';
import { griddleMinutes } from '../plates/index.ts';

/** How long hands take (all common practice, no source; the cook's own figure goes before them). */
const kg = (grams: number) => grams / 1000;

export const trimMinutes = (rawG: number): number => 5 + 6 * kg(rawG);
export const chopMinutes = (grams: number): number => 3 + 12 * kg(grams);
/** Through a processor, with its washing up. */
export const processorMinutes = (grams: number): number => 5 + 3 * kg(grams);
export const packMinutes = (servings: number, hands: number): number =>
  10 + (0.2 * servings) / Math.min(3, hands);

/** Minutes for each kilo that is pulled and picked (common practice, no source). */
const pickPerKg: Readonly<Record<Picking, number>> = { 'all tender': 7, membrane: 10, 'lean only': 14 };
/** Pulling and picking by weight; more hands than two get in each other's way. */
export const pullMinutes = (cookedG: number, picking: Picking, hands: number): number =>
  (5 + pickPerKg[picking] * kg(cookedG)) / Math.min(2, hands);

/** Of the pulling, what is done when meat is torn hot half way; the rest is left for the end (estimate). */
export const TORN = 0.6;

/** Held hot for longer than this it dries and dulls, min (common practice, no source). */
export const HELD_LONG = 4 * 60;

/** How deep a shelf of a fridge is, how deep meat lies in its bowl and what cools in its pan, cm (estimates). */
const [SHELF_DEPTH, BOWL_DEPTH, PAN_DEPTH] = [35, 8, 5];
/** No bowl and no pan takes less of a shelf, cm. */
const LEAST = 20;
/** cm of shelf that raw meat takes in its bowl, and what was cooked in shallow pans: shred lies there as in a scoop. */
export const shelfOfRaw = (grams: number): number =>
  Math.max(LEAST, Math.ceil(grams / (SHELF_DEPTH * BOWL_DEPTH)));
export const shelfOfCooked = (liquidMl: number, shredG: number): number =>
  Math.max(LEAST, Math.ceil((liquidMl + shredG / shredInScoop({ ml: 1 })) / (SHELF_DEPTH * PAN_DEPTH)));

/** Spooning the fat off (common practice, no source). */
export const SKIM_MINUTES = 5;

/** To 95 °C, with a fifth of its water driven off, J/g (estimate). */
const SOFTENING = 700;
/** Until they begin to brown, min; then seven tenths of their weight goes off as steam, J/g, at so many W for each cm² of the pan (estimates). */
const [ONIONS_FIRST, ONIONS_STEAM, ONIONS_POWER] = [20, 0.7 * 2260, 1.2];
/** Minutes in which so many onions brown slowly in a pan (estimate: a kilogram in 28 cm takes about an hour). */
export const onionMinutes = (grams: number, panCm: number): number =>
  ONIONS_FIRST + (ONIONS_STEAM * grams) / (ONIONS_POWER * Math.PI * (panCm / 2) ** 2) / 60;

/** What is stirred until it smells and no longer, min: more of it takes no more (common practice, no source). */
const BRIEFLY = 2;
/** What lies in the fat takes its usual minutes, or what the burner needs for so much of it. */
export const softenMinutes = (usually: number, grams: number): number =>
  usually <= BRIEFLY ? usually : Math.max(usually, Math.round((SOFTENING * grams) / BURNER / 60));

/** One of the cook's own that has no time (estimate). */
export const OWN_TASK = 15;

export const strainMinutes = (ml: number): number => 5 + 1.5 * (ml / 1000);

/** Seconds on a plate (common practice, no source). */
const plateSeconds: Readonly<Record<string, number>> = {
  taco: 25,
  roll: 30,
  'long roll': 40,
  pasta: 25,
  'hand pie': 50,
  burrito: 45,
  soup: 20,
  dip: 8,
  'on the bone': 25,
  'folded taco': 60,
  'cheese shell': 50,
  'pressed sandwich': 60,
  mash: 30,
  gratin: 35,
  own: 30,
};
/** What is fried or pressed goes out no faster than its griddle or press: hands fill while it lies there. */
export const plateMinutes = (kind: DishKind, count: number, hands: number): number => {
  const filling = ((plateSeconds[kind] ?? 30) * count) / 60 / Math.min(3, hands);
  return 3 + Math.max(filling, griddleMinutes(kind, count));
};

/** Minutes of a task, and between two of a kind (common practice, no source). */
export const usual = {
  dry: 5,
  soak: 20,
  blend: 8,
  sieve: 8,
  mix: 5,
  boilMarinade: 10,
  water: 15,
  heatPan: 5,
  loosen: 3,
  fill: 5,
  fire: 40,
  fireEvery: 60,
  preheat: 15,
  look: 5,
  lift: 5,
  settle: 20,
  chill: 10 * 60,
  together: 15,
  reheat: 35,
  coolThrough: 4 * 60,
  hotBoxes: 15,
  setOut: 10,
  load: 10,
  road: 30,
} as const;
