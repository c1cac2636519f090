import { area, curveBumpY } from 'd3-shape';
import type { StrandPart, Strands } from '@/core/reckoning/pictures/strands.ts';
import type { MaterialName } from '../materials.ts';

/** Where the ribbons may run, px: the words of the stations stand left of it. */
const LEFT = 112;
const RIGHT = 388;
const GAP = 34;
/** A ribbon thinner than this would not be seen. */
const THIN = 1.6;
/** No ribbon is drawn wider than this for each gram, so that a handful stays a handful. */
const WIDEST = 0.11;

export interface Band {
  readonly id: string;
  readonly material: MaterialName;
  readonly path: string;
  readonly part: StrandPart;
  readonly words: string;
}

export interface Label {
  readonly id: string;
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'middle' | 'end';
  readonly words: string;
  readonly grams: number;
}

export interface StrandsLayout {
  /** px for each gram: one scale for all that is drawn. */
  readonly scale: number;
  readonly bands: readonly Band[];
  readonly labels: readonly Label[];
  /** Dashed outlines of what the plates need, at the top. */
  readonly need: { readonly meat: Box; readonly liquid: Box };
  readonly board: Box;
  readonly jug: Box;
  readonly plates: readonly Box[];
  readonly shelf: readonly Box[];
  /** The shred's range, as a ribbon to each side. */
  readonly soft: string | undefined;
}

export interface Box {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

interface Knot {
  readonly y: number;
  readonly x: number;
  readonly w: number;
}

const ribbon = area<Knot>()
  .x0((k) => k.x)
  .x1((k) => k.x + k.w)
  .y((k) => k.y)
  .curve(curveBumpY);
const ribbonPath = (knots: readonly Knot[]) => ribbon([...knots]) ?? '';

/**
 * Lays the two strands out to one scale. Meat runs down at the left and sheds trimmings, bone and
 * pickings; juice and fat cross to the liquid, which sheds steam, solids and skim; both end in the
 * plates, and what is left runs on to the shelf. Only geometry: every gram comes from the ledger.
 */
export function layStrands(
  strands: Strands,
  need: { readonly meatG: number; readonly liquidG: number },
  shred: { readonly p10?: number; readonly p90?: number },
  height: number,
): StrandsLayout {
  const at = (index: number, part = 0.5) => (index + part) * (height / 8);
  const y = {
    need: at(0, 0.42),
    board: at(1, 0.18),
    jug: at(2, 0.1),
    clock: at(3),
    bench: at(4, 0.72),
    broth: at(5, 0.72),
    plates: at(6, 0.62),
    end: at(7, 0.62),
  };
  const g = (part: StrandPart) => part.grams;
  const meatIn =
    g(strands.bone) +
    g(strands.trim) +
    g(strands.pickings) +
    g(strands.shred) +
    g(strands.juice) +
    g(strands.fat) +
    g(strands.air);
  const liquidIn = g(strands.pour) + g(strands.items);
  const widest = Math.max(
    meatIn + liquidIn,
    g(strands.bone) + g(strands.shred) + g(strands.pickings) + g(strands.juice) + g(strands.fat) + liquidIn,
    need.meatG + need.liquidG,
    1,
  );
  const scale = Math.min(WIDEST, (RIGHT - LEFT - GAP) / widest);
  const w = (grams: number) => grams * scale;
  const draw = (grams: number) => (grams > 0 ? Math.max(THIN, w(grams)) : 0);

  const bands: Band[] = [];
  const labels: Label[] = [];
  const band = (
    id: string,
    material: MaterialName,
    part: StrandPart,
    words: string,
    knots: readonly Knot[],
  ) => {
    if (part.grams > 0) bands.push({ id, material, part, words, path: ribbonPath(knots) });
  };
  const label = (
    id: string,
    words: string,
    grams: number,
    x: number,
    ly: number,
    anchor: Label['anchor'],
  ) => {
    if (grams > 0) labels.push({ id, words, grams, x, y: ly, anchor });
  };

  // Meat, from left to right on the board: what is thrown out, what stays, what crosses over.
  const boneX = LEFT + 4;
  const trimX = boneX + w(g(strands.bone));
  const pickX = trimX + w(g(strands.trim));
  const shredX = pickX + w(g(strands.pickings));
  const juiceX = shredX + w(g(strands.shred));
  const fatX = juiceX + w(g(strands.juice));
  const airX = fatX + w(g(strands.fat));
  const boardW = w(meatIn);

  // Liquid, against the right edge: what crossed over lands left of what was poured.
  const steamFromPour = Math.min(g(strands.steam), g(strands.pour));
  const pourKept = g(strands.pour) - steamFromPour;
  const steamX = RIGHT - 6 - w(steamFromPour);
  const itemsX = steamX - w(g(strands.items));
  const pourX = itemsX - w(pourKept);
  const fatLandsX = pourX - w(g(strands.fat));
  const juiceLandsX = fatLandsX - w(g(strands.juice));

  const out = Math.max(LEFT - 8, boneX - 10);
  band('bone', 'bone', strands.bone, 'bone out', [
    { y: y.board, x: boneX, w: draw(g(strands.bone)) },
    { y: y.clock, x: boneX, w: draw(g(strands.bone)) },
    { y: y.bench, x: out, w: draw(g(strands.bone)) },
  ]);
  label('bone', 'bones', g(strands.bone), out + 2, y.bench + 14, 'start');
  band('trim', 'fat', strands.trim, 'trimmed off', [
    { y: y.board, x: trimX, w: draw(g(strands.trim)) },
    { y: at(1, 0.95), x: out, w: draw(g(strands.trim)) },
  ]);
  label('trim', 'trim', g(strands.trim), out, at(1, 0.95) + 13, 'start');
  band('shred', 'meat', strands.shred, 'shred', [
    { y: y.board, x: shredX, w: draw(g(strands.shred)) },
    { y: y.plates - 44, x: shredX, w: draw(g(strands.shred)) },
  ]);
  band('pickings', 'pickings', strands.pickings, 'picked out', [
    { y: y.board, x: pickX, w: draw(g(strands.pickings)) },
    { y: y.clock, x: pickX, w: draw(g(strands.pickings)) },
    { y: y.bench + 18, x: pickX - 8 - w(g(strands.pickings)) * 0.2, w: draw(g(strands.pickings)) },
  ]);
  label('pickings', 'picked', g(strands.pickings), Math.max(out + 8, pickX - 34), y.bench + 32, 'start');
  const soft =
    shred.p10 !== undefined && shred.p90 !== undefined && !strands.shred.weighed
      ? ribbonPath([
          { y: y.bench - 30, x: juiceX, w: 0 },
          { y: y.bench + 20, x: shredX + w(shred.p10), w: Math.max(0, w(shred.p90 - shred.p10)) },
          { y: y.plates - 44, x: shredX + w(shred.p10), w: Math.max(0, w(shred.p90 - shred.p10)) },
        ])
      : undefined;

  // What crosses over.
  const cross = (from: number, to: number, part: StrandPart, until: number): Knot[] => [
    { y: y.board, x: from, w: draw(g(part)) },
    { y: at(2, 0.35), x: from, w: draw(g(part)) },
    { y: at(3, 0.75), x: to, w: draw(g(part)) },
    { y: until, x: to, w: draw(g(part)) },
  ];
  band(
    'juice',
    'broth',
    strands.juice,
    'juice to the liquid',
    cross(juiceX, juiceLandsX, strands.juice, y.broth),
  );
  label(
    'juice',
    'juice',
    g(strands.juice),
    (juiceX + juiceLandsX + w(g(strands.juice))) / 2 - 14,
    at(3, 0.35),
    'end',
  );
  band('air', 'steam', strands.air, 'water to the air in the pan', [
    { y: y.board, x: airX, w: draw(g(strands.air)) },
    { y: at(1, 0.8), x: airX + 8, w: draw(g(strands.air)) },
  ]);

  // The liquid.
  band('pour', 'broth', { ...strands.pour, grams: pourKept }, 'poured in', [
    { y: y.jug + 24, x: pourX, w: draw(pourKept) },
    { y: y.broth, x: pourX, w: draw(pourKept) },
  ]);
  band('steam', 'steam', strands.steam, 'steam', [
    { y: y.jug + 24, x: steamX, w: draw(steamFromPour) },
    { y: at(3, 0.3), x: steamX, w: draw(steamFromPour) },
    { y: at(3, 0.9), x: RIGHT + 2 - draw(g(strands.steam)) * 0.6, w: draw(g(strands.steam)) * 0.8 },
  ]);
  label('steam', 'steam', g(strands.steam), RIGHT + 8, at(3, 0.9) + 14, 'end');
  const solidsOut = g(strands.strained) > 0;
  band('items', 'solids', strands.items, 'vegetables and what else went in', [
    { y: y.jug + 24, x: itemsX, w: draw(g(strands.items)) },
    { y: y.broth - 20, x: itemsX, w: draw(g(strands.items)) },
    solidsOut
      ? { y: y.broth + 16, x: RIGHT - draw(g(strands.strained)), w: draw(g(strands.strained)) }
      : { y: y.broth, x: itemsX, w: draw(g(strands.items)) },
  ]);
  label('strained', 'solids', g(strands.strained), RIGHT + 8, y.broth + 30, 'end');
  band('fat', 'fat', strands.fat, 'rendered fat', [
    ...cross(fatX, fatLandsX, strands.fat, y.broth - 12),
    ...(g(strands.skim) > 0 ? [{ y: y.broth + 34, x: RIGHT - 14, w: draw(g(strands.skim)) }] : []),
  ]);
  label('skim', 'skim', g(strands.skim), RIGHT + 8, y.broth + 48, 'end');

  // What is finished, to the plates and the shelf.
  const liquidX = juiceLandsX;
  const ladled = strands.dishes.reduce((sum, { liquid }) => sum + liquid.grams, 0);
  const keptX = liquidX + w(ladled + g(strands.held));
  band('liquid', 'broth', strands.liquid, 'finished liquid', [
    { y: y.broth, x: liquidX, w: draw(g(strands.liquid)) },
    { y: y.plates - 44, x: liquidX, w: draw(g(strands.liquid)) },
  ]);
  band('held', 'broth', strands.held, 'liquid that the shred holds', [
    { y: y.broth + 8, x: liquidX, w: draw(g(strands.held)) },
    { y: y.plates - 44, x: juiceX, w: draw(g(strands.held)) },
  ]);

  const plates: Box[] = [];
  let from = shredX;
  let to = shredX - 12;
  for (const { dish, meat } of strands.dishes) {
    const width = Math.max(14, draw(g(meat)));
    band(`plate-${dish}`, 'served', meat, dish, [
      { y: y.plates - 44, x: from, w: draw(g(meat)) },
      { y: y.plates, x: to, w: draw(g(meat)) },
    ]);
    if (g(meat) > 0) plates.push({ x: to - 4, y: y.plates + 4, w: width + 8, h: 0 });
    from += w(g(meat));
    to += Math.max(w(g(meat)), 20) + 8;
  }
  label(
    'served',
    'to the plates',
    strands.dishes.reduce((sum, { meat }) => sum + meat.grams, 0),
    shredX - 16,
    y.plates + 20,
    'start',
  );
  let ladleX = liquidX - 14;
  for (const { dish, liquid } of strands.dishes) {
    band(`ladle-${dish}`, 'broth', liquid, dish, [
      { y: y.plates - 44, x: liquidX + w(g(strands.held)), w: draw(g(liquid)) },
      { y: y.plates, x: ladleX, w: draw(g(liquid)) },
    ]);
    if (g(liquid) > 0)
      plates.push({ x: ladleX - 4, y: y.plates + 4, w: Math.max(14, draw(g(liquid))) + 8, h: 0 });
    ladleX -= w(g(liquid)) + 10;
  }
  const shelf: Box[] = [];
  band('keptShred', 'meat', strands.keptShred, 'shred kept', [
    { y: y.plates - 44, x: juiceX - draw(g(strands.keptShred)), w: draw(g(strands.keptShred)) },
    { y: y.end, x: Math.max(juiceX, shredX + 40), w: draw(g(strands.keptShred)) },
  ]);
  if (g(strands.keptShred) > 0) {
    shelf.push({ x: Math.max(juiceX, shredX + 40) - 6, y: y.end, w: draw(g(strands.keptShred)) + 12, h: 14 });
  }
  band('keptLiquid', 'broth', strands.keptLiquid, 'liquid kept', [
    { y: y.plates - 44, x: keptX, w: draw(g(strands.keptLiquid)) },
    { y: y.end, x: keptX, w: draw(g(strands.keptLiquid)) },
  ]);
  if (g(strands.keptLiquid) > 0)
    shelf.push({ x: keptX - 6, y: y.end, w: draw(g(strands.keptLiquid)) + 12, h: 14 });

  return {
    scale,
    bands,
    labels,
    soft,
    need: {
      meat: { x: shredX, y: y.need - 16, w: w(need.meatG), h: 32 },
      liquid: { x: liquidX, y: y.need - 16, w: w(need.liquidG), h: 32 },
    },
    board: { x: LEFT - 4, y: y.board - 20, w: boardW + 16, h: 20 },
    jug: { x: pourX - 6, y: y.jug - 2, w: w(liquidIn) + 12, h: 26 },
    plates,
    shelf,
  };
}
