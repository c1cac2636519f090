import { type Batch, type Fate, type Item, saidOf } from '../../meal/index.ts';
import { type Amount, amountOf, massOf, nothing, plus, times } from '../../ledger/index.ts';
import { THICKENS, fateKind, prepKind } from '../../work/index.ts';
import { midpoint, relativeSpread } from '../../quantity/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { offShare, prepare, type Prepared } from './prep.ts';

/** One thing in the pot, weighed out: its grams and what a gram of it is. */
export interface ItemPlan {
  readonly id: string;
  readonly ref: string;
  readonly name: string;
  readonly role: Ingredient['role'];
  /** It is poured: a liquid, or one with solids in it, as crushed tomatoes or a ketchup. */
  readonly poured: boolean;
  /** It is what this item was soaked in, and goes in beside it. */
  readonly soaked?: string;
  /** What goes into the pot of it, prepared. */
  readonly grams: number;
  /** g/ml at 20 °C. */
  readonly density: number;
  readonly perGram: Amount;
  /** The amount was filled in: poured to the line, or the usual share of the meat. */
  readonly solved: boolean;
  readonly fate: Exclude<Fate, 'in the bag'>;
  /** Minutes after the start at which it goes in and comes out; out undefined: with the meat. */
  readonly at: number;
  readonly out: number | undefined;
  readonly prepared: Prepared | undefined;
  /** Of what was mixed for the marinade, the share that the meat takes up; undefined if it is none. */
  readonly marinade:
    | { readonly mixedG: number; readonly takenUp: number; readonly rest: 'in the pot' | 'thrown away' }
    | undefined;
  /** Relative spread of an amount that was typed as a range. */
  readonly spread: number;
  /** Of a gram of it, what thickens the liquid as starch does. */
  readonly thickens: number;
  /** It was boiled from meat and bone: its protein is gelatin. */
  readonly ofBones: boolean;
}

/** g/ml of a liquid without a published cup (broth, estimate). */
const BROTH_DENSITY = 1.01;
/** The usual share of the raw meat for something put in without an amount (common practice, no source). */
const usualShare: Readonly<Record<string, number>> = {
  'chilli-dried': 0.01,
  onion: 0.08,
  carrot: 0.05,
  celery: 0.04,
  garlic: 0.01,
  'pepper-black': 0.003,
  'rub-salted': 0.02,
  'rub-paprika': 0.015,
};
const USUAL_SHARE = 0.05;
/** Of a spice, of what thickens, of fat and of what sweetens (common practice, no source). */
const SPICE = 0.002;
const STARCH = 0.015;
const RICH = 0.02;
/** A marinade without an amount, of the raw meat: enough to wet it in a snug bowl (estimate). */
const USUAL_MARINADE = 0.25;
/** Pieces of what comes out again, for a pot without a number (common practice, no source). */
const USUAL_PIECES = 2;

/** What is in the pot when nobody has said: stock to the line, onion and carrot. */
export const usualItems: readonly Item[] = [
  { id: 'usual-stock', ref: 'stock-low-salt', state: 'in' },
  { id: 'usual-onion', ref: 'onion', state: 'in' },
  { id: 'usual-carrot', ref: 'carrot', state: 'in' },
];

export const itemsOf = (batch: Batch): readonly Item[] => batch.items ?? usualItems;

/** What has no pieces: it is part of the liquid, and no sieve holds it back (common practice, no source). */
const SMOOTH =
  /purée|puree|passata|tomato(?:es)?, crushed|crushed tomato|\bpaste\b|\bsauce\b|honey|sugar|syrup|molasses|flour|starch|mustard, prepared|bouillon|gravy|powder|, ground|\brub\b|butter|lard\b|dripping|tahini|gochujang|harissa|\bmiso\b|ketchup|chocolate|tallow|ghee|\bcream\b|yogurt/;
const isSmooth = (one: Partial<Pick<Ingredient, 'role' | 'name' | 'row' | 'fate'>>): boolean =>
  one.role === 'solid' && one.fate === undefined && SMOOTH.test(saidOf(one).toLowerCase());

/** Of what is smooth or crushed, what is poured rather than put in: wet, and no paste, which is spooned (estimate). */
const POURS = /purée|puree|passata|crushed|ketchup|catsup|\bsauce\b|\bsalsa\b|gravy|\bcream\b|yogurt/;
const WET = 0.5;
export const isPoured = (one: Pick<Ingredient, 'role' | 'name' | 'row' | 'per'>): boolean =>
  one.role === 'liquid' || (one.per.water >= WET && POURS.test(saidOf(one).toLowerCase()));

/** What is spooned in and never poured to the line, whatever is left to pour (common practice, no source). */
const SPOONED =
  /\bsauce\b|vinegar|\boil\b|sriracha|mustard|\bsalsa\b|mirin|liquid smoke|\bcream\b|extract|spirit|brandy|whisk|\brum\b|vodka|\bgin\b|(?:lime|lemon) juice/i;
/** Whether a pot may be filled to its line with it. */
export const fillsPot = (one: Pick<Ingredient, 'role' | 'section' | 'name' | 'row'>): boolean =>
  one.role === 'liquid' && one.section !== 'dry goods' && !SPOONED.test(saidOf(one));

/** What becomes of it as the liquid sees it: what is in the spice bag comes out with it. */
export function fateOf(
  item: Pick<Item, 'fate'>,
  ingredient: Pick<Ingredient, 'fate'> & Partial<Pick<Ingredient, 'role' | 'name' | 'row'>>,
): Exclude<Fate, 'in the bag'> {
  const fate = item.fate ?? ingredient.fate ?? (isSmooth(ingredient) ? 'melts in' : 'stays');
  return fate === 'in the bag' ? 'comes out' : fate;
}

/** Grams of something as typed; undefined if it has no readable amount. */
function gramsOf(amount: Item['amount'], { measure }: Item, ingredient: Ingredient): number | undefined {
  const typed = midpoint(amount);
  if (typed === undefined) return undefined;
  if (measure === 'volume') return typed * densityOf(ingredient);
  if (measure === 'count') return ingredient.pieceG === undefined ? undefined : typed * ingredient.pieceG;
  return typed;
}

export const densityOf = ({ density, role }: Ingredient) =>
  density ?? (role === 'liquid' ? BROTH_DENSITY : 1);

/** What a thing weighs as bought: as it was typed, or what has to be bought for so much to go in. */
function boughtG(item: Item, ingredient: Ingredient): number | undefined {
  const bought = gramsOf(item.asBought, item, ingredient);
  if (bought !== undefined) return bought;
  const goesIn = gramsOf(item.amount, item, ingredient);
  // What is drained with its juice, or put through the sieve, was weighed before.
  const kind = item.prep && prepKind(item.prep);
  const takenOff = kind && !kind.sieved && !(kind.juice && item.juiceIn);
  return goesIn === undefined ? undefined : goesIn / (1 - (takenOff ? offShare(ingredient, item.prep) : 0));
}

/** What the plan of the pot needs to know of the batch around it. */
export interface Around {
  /** Raw weight of the meat, g. */
  readonly rawG: number;
  /** For each vessel what brings its line up, ml, and its share of the meat. */
  readonly vessels: readonly { readonly toLineMl: number; readonly share: number }[];
  /** Minutes after the start of a moment of the cook. */
  readonly minutesOf: (moment: NonNullable<Item['at']>) => number;
  /** What the marinade loses to the meat, g. */
  readonly marinadeTaken: number;
}

/**
 * Everything that is in the pot, with its grams. The first liquid without an amount is poured
 * until the line is reached in every vessel; solids without one take their usual share of the raw
 * meat. What goes in later does not stand at the line yet.
 */
export function planItems(
  batch: Batch,
  ingredients: ReadonlyMap<string, Ingredient>,
  around: Around,
): readonly ItemPlan[] {
  const known = itemsOf(batch).flatMap((item) => {
    const ingredient = ingredients.get(item.ref);
    return ingredient && item.state === 'in' ? [{ item, ingredient }] : [];
  });
  const planned = known.map(({ item, ingredient }) =>
    planOne(item, ingredient, around, soakedIn(item, ingredients)),
  );
  const rest = batch.marinade?.rest ?? 'in the pot';
  const mixed = planned.map((plan, i): ItemPlan => ({
    ...plan,
    marinade: known[i]?.item.marinade ? { mixedG: plan.grams, takenUp: 0, rest } : undefined,
  }));
  const settled = withTakenUp(mixed, around.marinadeTaken);
  const all = settled.flatMap(withSoaking);
  const others = all.reduce((ml, item) => (item.at > 0 ? ml : ml + item.grams / item.density), 0);
  const poured = all.findIndex(
    (item) => item.role === 'liquid' && item.solved && item.at === 0 && !item.marinade,
  );
  const solvedMl = around.vessels.reduce(
    (ml, { toLineMl, share }) => ml + Math.max(0, toLineMl - others * share),
    0,
  );
  return all.map((item, at) => (at === poured ? { ...item, grams: solvedMl * item.density } : item));
}

/** Less than this of a gram is rounding. */
const NOTHING = 1e-9;
/** A thing that was soaked, and apart from it the liquid that it was soaked in: poured like any other. */
function withSoaking(item: ItemPlan): readonly ItemPlan[] {
  const liquid = item.marinade ? 0 : massOf(item.prepared?.soaking ?? nothing);
  if (!item.prepared || liquid <= NOTHING) return [item];
  const own = plus(item.prepared.goesIn, item.prepared.soaking, -1);
  const grams = Math.max(0, item.grams - liquid);
  return [
    { ...item, grams, perGram: massOf(own) > 0 ? times(own, 1 / massOf(own)) : item.perGram },
    {
      ...item,
      id: `${item.id} soaking`,
      name: `${item.name}, soaking liquid`,
      role: 'liquid',
      poured: true,
      soaked: item.id,
      grams: liquid,
      density: 1,
      perGram: times(item.prepared.soaking, 1 / liquid),
      fate: 'stays',
      solved: false,
      prepared: undefined,
      thickens: 0,
      ofBones: false,
    },
  ];
}

/**
 * The items with what the meat takes up of their marinade, g: that much of it goes into the pot in the
 * meat, and the rest goes in too or is thrown away.
 */
export function withTakenUp(items: readonly ItemPlan[], takenG: number): readonly ItemPlan[] {
  const mixed = items.reduce((sum, { marinade }) => sum + (marinade?.mixedG ?? 0), 0);
  const takenUp = mixed > 0 ? Math.min(1, Math.max(0, takenG) / mixed) : 0;
  return items.map((item) => {
    if (!item.marinade) return item;
    const { mixedG, rest } = item.marinade;
    const inPot = takenUp + (rest === 'in the pot' ? 1 - takenUp : 0);
    return { ...item, grams: mixedG * inPot, marinade: { mixedG, takenUp, rest } };
  });
}

/** What is poured over a thing that is soaked: water, where nothing else is named. */
export function soakedIn({ soak }: Pick<Item, 'soak'>, ingredients: ReadonlyMap<string, Ingredient>): Amount {
  const ml = midpoint(soak?.water) ?? 0;
  const liquid = soak?.in === undefined ? undefined : ingredients.get(soak.in);
  return liquid ? times(amountOf(liquid.per), ml * densityOf(liquid)) : amountOf({ water: ml });
}

function planOne(item: Item, ingredient: Ingredient, { rawG, minutesOf }: Around, soak: Amount): ItemPlan {
  const perGram = amountOf(ingredient.per);
  // What a cup of chopped leek weighs is air too: in the pot it takes the room of what it is.
  const density = ingredient.role === 'liquid' ? densityOf(ingredient) : Math.max(1, densityOf(ingredient));
  const typed = boughtG(item, ingredient);
  const fate = fateOf(item, ingredient);
  const base = {
    id: item.id,
    ref: item.ref,
    name: ingredient.name,
    role: ingredient.role,
    poured: isPoured(ingredient),
    density,
    fate,
    at: item.at ? minutesOf(item.at) : 0,
    out: item.out && minutesOf(item.out),
    marinade: undefined,
    spread: relativeSpread(item.amount ?? item.asBought),
    thickens: thickensOf(ingredient, fate),
    ofBones: ingredient.role === 'liquid' && OF_BONES.test(saidOf(ingredient)),
  };
  // What is written and cannot be read is nothing until it can, never the usual; nor is so much soy sauce as brings up the line.
  const spooned = ingredient.role === 'liquid' && !fillsPot(ingredient) && !item.marinade;
  const unread = typed === undefined && (isWritten(item) || spooned);
  const grams = typed ?? (unread ? 0 : usualG(item, ingredient, rawG, fate));
  const boiledTo = boiledToG(item, density);
  if (item.prep === undefined && boiledTo === undefined && massOf(soak) === 0)
    return { ...base, grams, perGram, solved: typed === undefined && !unread, prepared: undefined };
  const prepared = prepare(item, ingredient, perGram, grams, soak, boiledTo);
  const goesIn = massOf(prepared.goesIn);
  return {
    ...base,
    grams: goesIn,
    perGram: goesIn > 0 ? times(prepared.goesIn, 1 / goesIn) : perGram,
    // What is boiled down or soaked has an amount of its own: only the plain pour is solved.
    solved: typed === undefined && !unread,
    prepared: typed === undefined && ingredient.role === 'liquid' ? undefined : prepared,
  };
}

const isWritten = ({ amount, asBought }: Item) => (amount?.text ?? asBought?.text ?? '').trim() !== '';

/** What is boiled from bones, by its name. */
const OF_BONES = /\b(stock|broth|bouillon|consommé|demi-glace)\b/i;
/** Dried beans, peas and lentils; what of them is starch that leaves them whole (estimate). */
const PULSE = /\b(beans?|lentils?|peas?|chickpeas?), dried/;
const LEAVES = 0.06;

/** Of what is smooth a fifth of what is dry in it thickens, of flour half, and of whole beans the starch that leaves them (estimates). */
function thickensOf(ingredient: Ingredient, fate: ItemPlan['fate']): number {
  const { does, per, role } = ingredient;
  const said = saidOf(ingredient);
  if (does === 'thickens') return said.includes('flour') ? THICKENS.flour : THICKENS.starch;
  if (role === 'liquid') return 0;
  if (fateKind(fate).with === 'liquid') return THICKENS.dry * (per.protein + per.other + per.ash);
  return fateKind(fate).with === 'solids' && PULSE.test(said) ? LEAVES * per.other : 0;
}

function boiledToG(item: Item, density: number): number | undefined {
  const to = midpoint(item.boiledTo);
  return to === undefined ? undefined : item.measure === 'mass' ? to : to * density;
}

function usualG(item: Item, ingredient: Ingredient, rawG: number, fate: ItemPlan['fate']): number {
  if (item.marinade && ingredient.role === 'liquid') return rawG * USUAL_MARINADE;
  if (ingredient.role === 'liquid') return 0;
  if (fate === 'comes out' && ingredient.pieceG !== undefined) return USUAL_PIECES * ingredient.pieceG;
  return rawG * (usualShare[item.ref] ?? shareOf(ingredient));
}

/** What nobody has said how much of goes in by what it is: a spice is not a vegetable. */
function shareOf(ingredient: Ingredient): number {
  const { does, section, per } = ingredient;
  if (/^spices?,|saffron|pepper, black/.test(saidOf(ingredient))) return SPICE;
  if (does === 'thickens') return STARCH;
  if (section === 'dry goods' && (per.fat > 0.6 || per.other > 0.6 || per.salt > 0.02)) return RICH;
  return USUAL_SHARE;
}

/** How many there are of something that is counted: as typed, or by its weight. */
export function piecesOfItem(item: Item, ingredient: Ingredient): number {
  const typed = midpoint(item.amount ?? item.asBought);
  if (typed === undefined) return fateOf(item, ingredient) === 'comes out' ? USUAL_PIECES : 1;
  if (item.measure === 'count') return Math.max(1, Math.round(typed));
  return Math.max(1, Math.round(typed / (ingredient.pieceG ?? typed)));
}

/** What has to be bought of an item, g: with its peel, and all of a marinade. */
export const boughtOf = ({ prepared, marinade, grams, soaked }: ItemPlan): number =>
  soaked !== undefined ? 0 : prepared ? massOf(prepared.bought) : (marinade?.mixedG ?? grams);

/** What is poured over things to soak them, beside water: bought with the rest. */
export function soaking(
  batch: Batch,
  ingredients: ReadonlyMap<string, Ingredient>,
): readonly { readonly ref: string; readonly grams: number }[] {
  return itemsOf(batch).flatMap((item) =>
    item.soak?.in !== undefined && item.state !== 'out' && item.put === undefined
      ? [{ ref: item.soak.in, grams: massOf(soakedIn(item, ingredients)) }]
      : [],
  );
}

/** What is held back, with its grams: bought with the rest, and in no pot yet. */
export function heldBack(
  batch: Batch,
  ingredients: ReadonlyMap<string, Ingredient>,
): readonly { readonly ref: string; readonly grams: number }[] {
  return itemsOf(batch).flatMap((item) => {
    const ingredient = ingredients.get(item.ref);
    const grams = ingredient && item.state === 'held back' ? boughtG(item, ingredient) : undefined;
    return grams === undefined ? [] : [{ ref: item.ref, grams }];
  });
}
