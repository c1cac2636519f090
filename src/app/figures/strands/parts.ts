import type { StrandPartName } from '@/core/ledger/index.ts';
import { LEFT, RIGHT, type Measured } from './measure.ts';
import { bandOf, labelOf, type Band, type Box, type Knot, type Label } from './ribbon.ts';

interface Drawn {
  readonly bands: readonly Band[];
  readonly labels: readonly Label[];
}

/** Meat runs down at the left and sheds trimmings, bone and pickings. */
export function meatParts({ strands, grams, wide, drawn, at, y, meat }: Measured): Drawn {
  const out = Math.max(LEFT - 8, meat.bone - 10);
  const [bone, trim, shred, pickings] = [
    drawn(grams('bone')),
    drawn(grams('trim')),
    drawn(grams('shred')),
    drawn(grams('pickings')),
  ];
  const fallsAt = at(1, 0.95);
  const picked = meat.pickings - 8 - wide(grams('pickings')) * 0.2;
  return {
    bands: [
      ...bandOf('bone', strands.bone, [
        { y: y.board, x: meat.bone, w: bone },
        { y: y.clock, x: meat.bone, w: bone },
        { y: y.bench, x: out, w: bone },
      ]),
      ...bandOf('trim', strands.trim, [
        { y: y.board, x: meat.trim, w: trim },
        { y: fallsAt, x: out, w: trim },
      ]),
      // Meat that will not pull yet lies with the shred.
      ...bandOf('shred', { ...strands.shred, grams: grams('shred') }, [
        { y: y.board, x: meat.shred, w: shred },
        { y: y.plates - 44, x: meat.shred, w: shred },
      ]),
      ...bandOf('pickings', strands.pickings, [
        { y: y.board, x: meat.pickings, w: pickings },
        { y: y.clock, x: meat.pickings, w: pickings },
        { y: y.bench + 18, x: picked, w: pickings },
      ]),
    ],
    labels: [
      ...labelOf('bone', 'bones', grams('bone'), out + 2, y.bench + 14, 'start'),
      ...labelOf('trim', 'trim', grams('trim'), out, fallsAt + 13, 'start'),
      ...labelOf(
        'pickings',
        'picked',
        grams('pickings'),
        Math.max(out + 8, meat.pickings - 34),
        y.bench + 32,
        'start',
      ),
    ],
  };
}

/** From the board to the pot: a ribbon that crosses over. */
function crossing({ drawn, grams, at, y }: Measured, of: StrandPartName, from: number, to: number): Knot[] {
  const w = drawn(grams(of));
  return [
    { y: y.board, x: from, w },
    { y: at(2, 0.35), x: from, w },
    { y: at(3, 0.75), x: to, w },
  ];
}

/** Juice crosses to the liquid; what the pan drives off goes to the air. */
export function crossingParts(m: Measured): Drawn {
  const { strands, grams, wide, drawn, at, y, meat, liquid } = m;
  const [juice, air] = [drawn(grams('juice')), drawn(grams('air'))];
  const middle = (meat.juice + liquid.juice + wide(grams('juice'))) / 2;
  return {
    bands: [
      ...bandOf('juice', strands.juice, [
        ...crossing(m, 'juice', meat.juice, liquid.juice),
        { y: y.broth, x: liquid.juice, w: juice },
      ]),
      ...bandOf(
        'air',
        strands.air,
        [
          { y: y.board, x: meat.air, w: air },
          { y: at(1, 0.8), x: meat.air + 8, w: air },
        ],
        { words: 'water to the air in the pan' },
      ),
    ],
    labels: labelOf('juice', 'juice', grams('juice'), middle - 14, at(3, 0.35), 'end'),
  };
}

/** The liquid sheds steam, solids and the skim. */
export function liquidParts(m: Measured): Drawn {
  const { strands, grams, drawn, at, y, meat, liquid, pour } = m;
  const [kept, boiled, steam] = [drawn(pour.keptG), drawn(pour.boiledG), drawn(grams('steam'))];
  const [items, strained, skim] = [drawn(grams('items')), drawn(grams('strained')), drawn(grams('skim'))];
  const poured = y.jug + 24;
  const sieved = { y: y.broth + 16, x: RIGHT - strained, w: strained };
  const stays = { y: y.broth, x: liquid.items, w: items };
  return {
    bands: [
      ...bandOf(
        'pour',
        strands.pour,
        [
          { y: poured, x: liquid.pour, w: kept },
          { y: y.broth, x: liquid.pour, w: kept },
        ],
        { part: { ...strands.pour, grams: pour.keptG } },
      ),
      ...bandOf('steam', strands.steam, [
        { y: poured, x: liquid.steam, w: boiled },
        { y: at(3, 0.3), x: liquid.steam, w: boiled },
        { y: at(3, 0.9), x: RIGHT + 2 - steam * 0.6, w: steam * 0.8 },
      ]),
      ...bandOf('items', strands.items, [
        { y: poured, x: liquid.items, w: items },
        { y: y.broth - 20, x: liquid.items, w: items },
        grams('strained') > 0 ? sieved : stays,
      ]),
      ...bandOf(
        'fat',
        strands.fat,
        [
          ...crossing(m, 'fat', meat.fat, liquid.fat),
          { y: y.broth - 12, x: liquid.fat, w: drawn(grams('fat')) },
          ...(grams('skim') > 0 ? [{ y: y.broth + 34, x: RIGHT - 14, w: skim }] : []),
        ],
        { words: 'rendered fat' },
      ),
    ],
    labels: [
      ...labelOf('steam', 'steam', grams('steam'), RIGHT + 8, at(3, 0.9) + 14, 'end'),
      ...labelOf('strained', 'solids', grams('strained'), RIGHT + 8, y.broth + 30, 'end'),
      ...labelOf('skim', 'skim', grams('skim'), RIGHT + 8, y.broth + 48, 'end'),
    ],
  };
}

/** Both strands end in the plates. */
export function plateParts(
  m: Measured,
  nameOf: (dish: string) => string,
): Drawn & { readonly plates: readonly Box[] } {
  const { strands, grams, wide, drawn, y, meat, liquid } = m;
  const [finished, held] = [drawn(grams('liquid')), drawn(grams('held'))];
  const from = y.plates - 44;
  const meats = meatPlates(m, nameOf);
  const ladles = ladledPlates(m, nameOf);
  const servedG = strands.dishes.reduce((sum, dish) => sum + dish.meat.grams, 0);
  return {
    bands: [
      ...bandOf('liquid', strands.liquid, [
        { y: y.broth, x: liquid.juice, w: finished },
        { y: from, x: liquid.juice, w: finished },
      ]),
      ...bandOf(
        'held',
        strands.held,
        [
          { y: y.broth + 8, x: liquid.juice, w: held },
          { y: from, x: meat.shred + wide(grams('shred')), w: held },
        ],
        { words: 'liquid that the shred holds' },
      ),
      ...meats.bands,
      ...ladles.bands,
    ],
    labels: labelOf('served', 'to the plates', servedG, meat.shred - 16, y.plates + 20, 'start'),
    plates: [...meats.plates, ...ladles.plates],
  };
}

interface Plates {
  readonly bands: Band[];
  readonly plates: Box[];
}

function meatPlates({ strands, wide, drawn, y, meat }: Measured, nameOf: (dish: string) => string): Plates {
  const found: Plates = { bands: [], plates: [] };
  let from = meat.shred;
  let to = meat.shred - 12;
  for (const { dish, meat: part } of strands.dishes) {
    const w = drawn(part.grams);
    const knots = [
      { y: y.plates - 44, x: from, w },
      { y: y.plates, x: to, w },
    ];
    found.bands.push(
      ...bandOf('served', part, knots, { id: `plate-${dish}`, words: `meat for ${nameOf(dish)}` }),
    );
    if (part.grams > 0) found.plates.push({ x: to - 4, y: y.plates + 4, w: Math.max(14, w) + 8, h: 0 });
    from += wide(part.grams);
    to += Math.max(wide(part.grams), 20) + 8;
  }
  return found;
}

function ladledPlates(
  { strands, grams, wide, drawn, y, liquid }: Measured,
  nameOf: (dish: string) => string,
): Plates {
  const found: Plates = { bands: [], plates: [] };
  let to = liquid.juice - 14;
  for (const { dish, liquid: part } of strands.dishes) {
    const w = drawn(part.grams);
    const knots = [
      { y: y.plates - 44, x: liquid.juice + wide(grams('held')), w },
      { y: y.plates, x: to, w },
    ];
    found.bands.push(
      ...bandOf('ladled', part, knots, { id: `ladle-${dish}`, words: `liquid for ${nameOf(dish)}` }),
    );
    if (part.grams > 0) found.plates.push({ x: to - 4, y: y.plates + 4, w: Math.max(14, w) + 8, h: 0 });
    to -= wide(part.grams) + 10;
  }
  return found;
}

/** What is left runs on to the shelf. */
export function shelfParts(m: Measured): { readonly bands: readonly Band[]; readonly shelf: readonly Box[] } {
  const { strands, grams, wide, drawn, y, meat, liquid } = m;
  const from = y.plates - 44;
  const ladledG = strands.dishes.reduce((sum, dish) => sum + dish.liquid.grams, 0);
  const [shred, broth] = [drawn(grams('keptShred')), drawn(grams('keptLiquid'))];
  const shredX = Math.max(meat.juice, meat.shred + 40);
  const brothX = liquid.juice + wide(ladledG + grams('held'));
  const box = (x: number, w: number): Box[] => (w > 0 ? [{ x: x - 6, y: y.end, w: w + 12, h: 14 }] : []);
  return {
    bands: [
      ...bandOf('keptShred', strands.keptShred, [
        { y: from, x: meat.juice - shred, w: shred },
        { y: y.end, x: shredX, w: shred },
      ]),
      ...bandOf('keptLiquid', strands.keptLiquid, [
        { y: from, x: brothX, w: broth },
        { y: y.end, x: brothX, w: broth },
      ]),
    ],
    shelf: [...box(shredX, shred), ...box(brothX, broth)],
  };
}
