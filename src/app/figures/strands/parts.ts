import type { StrandPartName } from '@/core/ledger/index.ts';
import { LEFT, WORD, type Measured } from './measure.ts';
import { bandOf, labelsDown, type Band, type Box, type Knot, type Label } from './ribbon.ts';

interface Drawn {
  readonly bands: readonly Band[];
  readonly labels: readonly Label[];
}

/** Meat runs down at the left and sheds trimmings, bone and pickings. */
export function meatParts(m: Measured): Drawn {
  const { strands, grams, drawn, at, y, meat } = m;
  const [bone, trim, shred, pickings] = [
    drawn(grams('bone')),
    drawn(grams('trim')),
    drawn(grams('shred')),
    drawn(grams('pickings')),
  ];
  const out = LEFT + 2;
  return {
    bands: [
      ...bandOf('bone', strands.bone, [
        { y: y.board, x: meat.bone, w: bone },
        { y: y.clock, x: meat.bone, w: bone },
        { y: y.bench, x: out, w: bone },
      ]),
      ...bandOf('trim', strands.trim, [
        { y: y.board, x: meat.trim, w: trim },
        { y: at('pot', 0.3), x: out - 4, w: trim },
      ]),
      // Meat that will not pull yet lies with the shred.
      ...bandOf('shred', { ...strands.shred, grams: grams('shred') }, [
        { y: y.board, x: meat.shred, w: shred },
        { y: y.plates, x: meat.shred, w: shred },
      ]),
      ...bandOf('pickings', strands.pickings, [
        { y: y.board, x: meat.pickings, w: pickings },
        { y: y.clock, x: meat.pickings, w: pickings },
        { y: y.bench, x: out + bone + 1, w: pickings },
      ]),
    ],
    labels: shedLabels(m),
  };
}

/** What was shed is named where it has left: left of the shred, or right of it where there is no room. */
function shedLabels({ grams, drawn, at, y, meat }: Measured): Label[] {
  const left = meat.shred - LEFT >= WORD;
  const x = left ? LEFT : meat.shred + drawn(grams('shred')) + 8;
  return [
    ...labelsDown(left ? at('pot', 0.55) : y.bench - 34, x, 'start', [['trim', 'trim', grams('trim')]]),
    ...labelsDown(left ? y.bench + 14 : y.bench, x, 'start', [
      ['bone', 'bones', grams('bone')],
      ['pickings', 'picked', grams('pickings')],
    ]),
  ];
}

/** From the board to the pot: a ribbon that crosses over. */
function crossing({ drawn, grams, at, y }: Measured, of: StrandPartName, from: number, to: number): Knot[] {
  const w = drawn(grams(of));
  return [
    { y: y.board, x: from, w },
    { y: at('pot', 0.25), x: from, w },
    { y: at('clock', 0.55), x: to, w },
  ];
}

/** Juice crosses to the liquid; what the pan drives off goes to the air. */
export function crossingParts(m: Measured): Drawn {
  const { strands, grams, drawn, at, y, meat, liquid } = m;
  const [juice, air] = [drawn(grams('juice')), drawn(grams('air'))];
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
          { y: at('pot', 0.05), x: meat.air + 10, w: air },
        ],
        { words: 'water to the air in the pan' },
      ),
    ],
    labels: labelsDown(at('clock', 0.95), meat.juice + 7, 'start', [['juice', 'juice', grams('juice')]]),
  };
}

/** The liquid sheds steam, solids and the skim; what is finished goes to the shred, the plates and the shelf. */
export function liquidParts(m: Measured): Drawn {
  const { strands, width, grams, drawn, at, y, meat, liquid, pour } = m;
  const [kept, boiled, steam] = [drawn(pour.keptG), drawn(pour.boiledG), drawn(grams('steam'))];
  const [items, strained, skim] = [drawn(grams('items')), drawn(grams('strained')), drawn(grams('skim'))];
  const [finished, held, left] = [drawn(grams('liquid')), drawn(grams('held')), drawn(grams('keptLiquid'))];
  const poured = y.jug + 22;
  const edge = width - 8;
  const sieved = { y: at('bench', 0.92), x: edge - strained, w: strained };
  const stays = { y: y.broth, x: liquid.items, w: items };
  const bottom = at('broth', 0.9);
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
        { y: at('clock', 0.1), x: liquid.steam, w: boiled },
        { y: at('clock', 0.6), x: edge - steam * 0.8, w: steam * 0.8 },
      ]),
      ...bandOf('items', strands.items, [
        { y: poured, x: liquid.items, w: items },
        { y: at('bench', 0.45), x: liquid.items, w: items },
        grams('strained') > 0 ? sieved : stays,
      ]),
      ...bandOf(
        'fat',
        strands.fat,
        [
          ...crossing(m, 'fat', meat.fat, liquid.fat),
          { y: at('bench', 0.95), x: liquid.fat, w: drawn(grams('fat')) },
          ...(grams('skim') > 0 ? [{ y: at('broth', 0.3), x: edge - skim, w: skim }] : []),
        ],
        { words: 'rendered fat' },
      ),
      ...bandOf('liquid', strands.liquid, [
        { y: y.broth, x: liquid.juice, w: finished },
        { y: bottom, x: liquid.juice, w: finished },
      ]),
      ...bandOf(
        'held',
        strands.held,
        [
          { y: y.broth + 6, x: liquid.juice, w: held },
          { y: bottom, x: meat.shred + drawn(grams('shred')), w: held },
        ],
        { words: 'liquid that the shred holds' },
      ),
      ...bandOf('keptLiquid', strands.keptLiquid, [
        { y: y.broth + 12, x: liquid.juice + finished - left, w: left },
        { y: at('plates', 0.12), x: edge - left, w: left },
        { y: y.end, x: edge - left, w: left },
      ]),
    ],
    labels: [
      ...labelsDown(at('clock', 0.6) + 15, edge, 'end', [['steam', 'steam', grams('steam')]]),
      ...labelsDown(at('bench', 0.15), edge, 'end', [['strained', 'solids', grams('strained')]]),
      ...labelsDown(at('broth', 0.42), edge, 'end', [['skim', 'skim', grams('skim')]]),
    ],
  };
}

/** What is left stands on the shelf: the liquid at the right edge, where its ribbon ends, the shred left of it. */
export function shelfParts({ width, grams, drawn, y }: Measured): { readonly shelf: readonly Tub[] } {
  const [shred, broth] = [drawn(grams('keptShred')), drawn(grams('keptLiquid'))];
  const edge = width - 8;
  const tub = (material: Tub['material'], right: number, w: number, filled: boolean): Tub[] =>
    w > 0 ? [{ material, filled, x: right - w - 5, y: y.end, w: w + 10, h: 14 }] : [];
  return {
    shelf: [
      ...tub('meat', edge - (broth > 0 ? broth + 18 : 0), shred, true),
      ...tub('broth', edge, broth, false),
    ],
  };
}

/** A tub on the shelf; one to which no ribbon runs is drawn filled. */
export interface Tub extends Box {
  readonly material: 'meat' | 'broth';
  readonly filled: boolean;
}
