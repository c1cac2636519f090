/**
 * Makes src/reference/*.json from the USDA SR24 extract.
 *   node --import tsx scripts/reference/make.ts PATH [--check]
 * With --check nothing is written: it fails if the committed tables differ.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { formatted } from '../formatted.ts';
import { fitCookedModel } from '../../src/core/meat/index.ts';
import { cutRows, separableFatRows } from './cuts.ts';
import { doesOf, ingredientRows } from './ingredients.ts';
import { cookedPairs } from './pairs.ts';
import { pantryFoods } from './pantry.ts';
import { pooledRows } from './pooled.ts';
import { weighedYields } from './weighed.ts';
import type { Food } from './food.ts';
import { namedRows } from './names/index.ts';
import { standsFor, type TradeRow, tradeRows } from './trade.ts';

/** NaCl per sodium by molar mass: 58.443 / 22.990 (published, CIAAW standard atomic weights). */
const SALT_PER_SODIUM = 2.542;
const ML_PER_CUP = 236.5882365;
/** What is sold in usual tins, where they hold so much, g. */
const USUAL_TIN = 400;

const arguments_ = process.argv.slice(2);
const check = arguments_.includes('--check');
const source = arguments_.find((a) => !a.startsWith('--'));
if (source === undefined) throw new Error('Say where the SR24 extract is: make.ts PATH [--check]');
const { foods } = JSON.parse(readFileSync(source, 'utf8')) as { foods: Food[] };
const byNdb = new Map(foods.map((food) => [food.ndb, food]));

function food(ndb: string): Food {
  const found = byNdb.get(ndb);
  if (!found) throw new Error(`SR24 row ${ndb} is not in ${source}`);
  return found;
}
const round = (x: number, digits = 4) => Number(x.toFixed(digits));
const cite = (...ndbs: string[]) => (ndbs.length > 0 ? `USDA SR24 ${ndbs.join(', ')}` : 'estimate');

function composition(ndb: string) {
  const { water, protein, fat, ash } = food(ndb).per100g;
  return {
    water: round(water / 100, 6),
    protein: round(protein / 100, 6),
    fat: round(fat / 100, 6),
    ash: round(ash / 100, 6),
  };
}

/** Cooked weight of one purchased unit: by the pound, or of one steak without its refuse. */
function cookedUnit(ndb: string): number {
  const { yield: byPound, measures } = food(ndb);
  const steak = measures.find((m) => m.unit.startsWith('steak without refuse'));
  const weight = byPound ? byPound.cookedG / byPound.rawG : steak?.grams;
  if (weight === undefined) throw new Error(`${ndb} has no cooked weight to take a lean share from`);
  return weight;
}

function leanShareOf({ id, cooked, lean, leanWhole, leanLike }: (typeof cutRows)[number]): number {
  if (lean !== undefined && cooked !== undefined)
    return round(cookedUnit(lean) / cookedUnit(leanWhole ?? cooked));
  const like = cutRows.find((row) => row.id === leanLike);
  if (!like) throw new Error(`${id} has neither a lean row nor a relative with one`);
  return leanShareOf(like);
}

/** Fat of the cooked lean against the cooked whole's, of the rows whose weights give the lean share. */
function leanFatOf({ id, cooked, lean, leanWhole, leanLike }: (typeof cutRows)[number]): number {
  if (lean !== undefined && cooked !== undefined)
    return round(composition(lean).fat / composition(leanWhole ?? cooked).fat);
  const like = cutRows.find((row) => row.id === leanLike);
  if (!like) throw new Error(`${id} has neither a lean row nor a relative with one`);
  return leanFatOf(like);
}

const pairs = cookedPairs(foods);
const yields = weighedYields(foods);
const model = fitCookedModel(
  pairs,
  yields.filter((row) => row.counted),
);
/** What the pairs call a species that the program names by its animal. */
const speciesOfPairs = { goat: 'lamb', bison: 'game meat', venison: 'game meat' } as const;

function rawOf({ raw }: (typeof cutRows)[number]) {
  if (typeof raw === 'string') return composition(raw);
  const { protein, fat, ash } = raw;
  return { water: round(1 - protein - fat - ash, 6), protein, fat, ash };
}

/** Which figures of a cut are not its own: said on the screen, and its range is wider. */
function estimatesOf({ raw, rawIsOf, cooked, bone, leanLike }: (typeof cutRows)[number]) {
  return [
    ...(typeof raw !== 'string' ? [`raw flesh (${raw.why})`] : []),
    ...(rawIsOf === undefined ? [] : [`raw flesh (that of ${rawIsOf})`]),
    ...(cooked === undefined ? ['cooked share (that of its family)'] : []),
    ...(typeof bone === 'number' && bone > 0 ? ['bone'] : []),
    ...(leanLike === undefined ? [] : [`lean share (that of ${nameOf(leanLike)})`]),
  ];
}

function nameOf(id: string): string {
  const row = cutRows.find((other) => other.id === id);
  if (!row) throw new Error(`There is no cut “${id}”.`);
  return row.name.toLowerCase();
}

function cut(rows: (typeof cutRows)[number]) {
  const { id, name, species, family, raw, cooked, bone, boneIn, lean, leanWhole } = rows;
  const pair = pairs.find((known) => known.cooked === cooked);
  const kin = {
    species: species in speciesOfPairs ? speciesOfPairs[species as keyof typeof speciesOfPairs] : species,
    family,
    whole: rows.partOf,
    cut: pair?.cut,
    lean: pair?.lean ?? false,
    trim: pair?.trim,
  };
  const flesh = rawOf(rows);
  const y = model.predict(kin, flesh).y;
  const whole = cooked === undefined ? undefined : food(cooked).yield;
  const ofPurchased = whole && whole.cookedG / whole.rawG;
  if (bone === 'from the yield' && ofPurchased === undefined)
    throw new Error(`${id}: a bone share from the yield needs a published yield`);
  return {
    id,
    name,
    species,
    family,
    raw: flesh,
    ...(cooked !== undefined && { cooked: composition(cooked) }),
    fatFreeYield: round(model.fatFreeYield(kin)),
    retention: round(model.retention(kin, flesh.fat)),
    keptFat: round(model.keptFat(kin, flesh.fat)),
    boneShare: bone === 'from the yield' ? round(1 - (ofPurchased ?? 0) / y) : bone,
    ...(boneIn !== undefined && { boneIn }),
    ...(ofPurchased !== undefined && { cookedOfPurchased: round(ofPurchased) }),
    leanShare: leanShareOf(rows),
    leanFat: leanFatOf(rows),
    toughness: rows.toughness,
    goodFor: rows.goodFor,
    estimates: estimatesOf(rows),
    source: cite(...[raw, cooked, lean, leanWhole].filter((ndb) => typeof ndb === 'string')),
  };
}

const cuts = cutRows.map(cut);

/** A name that covers several cuts: the mean of each of their figures, and how far apart they serve. */
function pooled({ id, name, of }: (typeof pooledRows)[number]) {
  const all = of.map((one) => {
    const found = cuts.find((other) => other.id === one);
    if (!found) throw new Error(`${id}: there is no cut “${one}”.`);
    return found;
  });
  const [first] = all;
  if (!first) throw new Error(`${id} pools nothing`);
  const mean = (of_: (one: (typeof all)[number]) => number) =>
    round(all.reduce((sum, one) => sum + of_(one), 0) / all.length);
  const part = (what: 'water' | 'protein' | 'fat' | 'ash') =>
    round(all.reduce((sum, one) => sum + one.raw[what], 0) / all.length, 6);
  const withBone = all.flatMap(({ boneShare, boneIn = 0 }) =>
    boneShare + boneIn > 0 ? [boneShare + boneIn] : [],
  );
  const served = all.map(({ raw, fatFreeYield, keptFat, boneShare }) =>
    Math.log((1 - boneShare) * ((1 - raw.fat) * fatFreeYield + raw.fat * keptFat)),
  );
  const middle = served.reduce((sum, x) => sum + x, 0) / served.length;
  return {
    id,
    name,
    species: first.species,
    family: first.family,
    raw: { water: part('water'), protein: part('protein'), fat: part('fat'), ash: part('ash') },
    fatFreeYield: mean((one) => one.fatFreeYield),
    retention: mean((one) => one.retention),
    keptFat: mean((one) => one.keptFat),
    boneShare: mean((one) => one.boneShare),
    ...(withBone.length > 0 && { boneIn: round(withBone.reduce((sum, x) => sum + x, 0) / withBone.length) }),
    leanShare: mean((one) => one.leanShare),
    leanFat: mean((one) => one.leanFat),
    toughness: mean((one) => one.toughness),
    goodFor: first.goodFor,
    estimates: ['which cut it is (the mean of those it may be)'],
    pools: of,
    apart: round(Math.sqrt(served.reduce((sum, x) => sum + (x - middle) ** 2, 0) / (served.length - 1))),
    source: `mean of ${all.map((one) => one.name.toLowerCase()).join('; ')}`,
  };
}

/** What comes out again and is the same thing to look for; the others (ground cinnamon, chopped parsley) stay. */
const isTheSame = new Set(['bay-leaf', 'onion-half', 'cheese-rind']);

type Shelved = Omit<(typeof ingredientRows)[number], 'section'> & { readonly section: string };

/** What cooks say of a thing beside its row. */
const named = new Map(
  namedRows.flatMap(({ id, names: _, ...more }) => (id.includes(' ') ? [] : [[id, more] as const])),
);

function ingredient(row: Shelved) {
  const { per100g, measures } = food(row.ndb);
  const called = named.get(row.id);
  const salt = (SALT_PER_SODIUM * per100g.sodiumMg) / 1000;
  const parts = {
    water: per100g.water,
    protein: per100g.protein,
    fat: per100g.fat,
    salt,
    // Where SR24 gives no ash or alcohol there is none to speak of.
    ash: Math.max(0, (Number.isFinite(per100g.ash) ? per100g.ash : 0) - salt),
    alcohol: Number.isFinite(per100g.alcohol) ? per100g.alcohol : 0,
  };
  const piece = row.piece === undefined ? undefined : measures.find((m) => m.unit === row.piece);
  if (row.piece !== undefined && !piece) {
    throw new Error(`${row.ndb} has no measure "${row.piece}": ${measures.map((m) => m.unit).join(' | ')}`);
  }
  const published = food(row.ndb).name;
  const does = doesOf(row.name) ?? (tradeIds.has(row.id) ? doesOf(published) : undefined);
  const density = densityOf(measures);
  return {
    id: row.id,
    name: called?.name ?? row.name,
    ...rowName(row, called?.name),
    role: row.role,
    per: closed(parts),
    ...(piece && { pieceG: round(piece.grams / piece.amount) }),
    ...(called?.pieceG !== undefined && { pieceG: called.pieceG }),
    ...(row.pieceG !== undefined && { pieceG: row.pieceG }),
    ...(called?.pieces && { pieces: called.pieces }),
    ...(called?.tinned && { tinned: called.tinned }),
    ...(density !== undefined && { density: round(density) }),
    ...(row.holds && { holds: row.holds }),
    ...(row.unsure && { unsure: row.unsure }),
    section: row.section,
    ...(row.packG !== undefined ? { packG: row.packG } : called?.tinned && { packG: USUAL_TIN }),
    ...(row.off && { off: row.off }),
    ...(row.fate && { fate: row.fate }),
    ...(does !== undefined && { does }),
    source: cite(row.ndb),
  };
}

const tradeIds = new Set(tradeRows.map(({ id }) => id));
/** The published name of what is shown by another. */
function rowName({ id, ndb, name }: Shelved, called: string | undefined) {
  if (called === undefined && !tradeIds.has(id)) return {};
  const published = food(ndb).name;
  const row = published.charAt(0).toLowerCase() + published.slice(1);
  return row === name && called === undefined ? {} : { row };
}

/** What is in 100 g, as shares of it. Carbohydrate is published by difference, so it carries the rounding here too. */
function closed(parts: Readonly<Record<string, number>>) {
  const known = Object.values(parts).reduce((sum, part) => sum + part, 0);
  const other = Math.max(0, 100 - known);
  const scale = 1 / (known + other);
  return Object.fromEntries(
    Object.entries({ ...parts, other }).map(([name, part]) => [name, round(part * scale, 6)]),
  );
}

/** What shops call by a name of its own, from the row that it is made like or from an estimate. */
function trade({ like, ...row }: TradeRow) {
  const more = {
    ...(row.density !== undefined && { density: row.density }),
    ...(row.unsure && { unsure: row.unsure }),
  };
  if (typeof like === 'string') return { ...ingredient({ ...row, ndb: like }), ...more };
  const { id, name, role, section, pieceG, packG, holds, fate } = row;
  const called = named.get(id);
  const { water, protein = 0, fat = 0, salt = 0, alcohol = 0 } = like;
  return {
    ...{ id, name, role },
    per: closed({ water, protein, fat, salt, ash: 0, alcohol }),
    ...(pieceG !== undefined && { pieceG }),
    ...(called?.pieces && { pieces: called.pieces }),
    ...(called?.tinned && { tinned: called.tinned }),
    ...(holds && { holds }),
    section,
    ...(packG !== undefined && { packG }),
    ...(fate && { fate }),
    ...more,
    source: 'estimate, from labels as remembered',
  };
}

/** g/ml of the first household volume that the row has: a cup, else a spoon. */
function densityOf(measures: Food['measures']): number | undefined {
  const volumes = [
    [/^cup(,? \(|, chopped| chopped|$)/, ML_PER_CUP],
    [/^tbsp\b/, ML_PER_CUP / 16],
    [/^tsp\b/, ML_PER_CUP / 48],
  ] as const;
  for (const [pattern, ml] of volumes) {
    const found = measures.find(({ unit }) => pattern.test(unit));
    if (found) return found.grams / found.amount / ml;
  }
  return undefined;
}

const separableFat = Object.fromEntries(
  Object.entries(separableFatRows).map(([species, ndb]) => [
    species,
    { ...composition(ndb), source: cite(ndb) },
  ]),
);
const tables = {
  cuts: { version: 'sr24-6', separableFat, cuts: [...cuts, ...pooledRows.map(pooled)] },
  ingredients: { version: 'sr24-6', ingredients: ingredientRows.map(ingredient) },
  pantry: {
    ingredients: [
      ...tradeRows.map(trade),
      ...pantryFoods(
        foods,
        new Set([
          ...standsFor,
          ...ingredientRows.flatMap(({ ndb, fate, id }) => (fate && !isTheSame.has(id) ? [] : [ndb])),
        ]),
      ).map(({ piece, pieceG, ...row }) =>
        ingredient({
          ...row,
          ...(piece !== undefined && { piece }),
          ...(pieceG !== undefined && { pieceG }),
        }),
      ),
    ],
  },
  names: { names: namedRows.map(({ id, names }) => [id, names]) },
  'weighed-yields': { yields },
  'cooked-pairs': { pairs },
};

for (const [name, table] of Object.entries(tables)) {
  const path = fileURLToPath(new URL(`../../src/reference/${name}.json`, import.meta.url));
  const text = await formatted(path, JSON.stringify(table));
  if (!check) writeFileSync(path, text);
  else if (readFileSync(path, 'utf8') !== text) throw new Error(`${name}.json is not what ${source} gives`);
}
