import type { StrandPartName, Strands } from '@/core/ledger/index.ts';

/** Where the ribbons may run, px: the words of the stations stand left of it. */
export const LEFT = 112;
export const RIGHT = 388;
const GAP = 34;
/** A ribbon thinner than this would not be seen. */
const THIN = 1.6;
/** No ribbon is drawn wider than this for each gram, so that a handful stays a handful. */
const WIDEST = 0.11;

export interface Need {
  readonly meatG: number;
  readonly liquidG: number;
}

/** One scale for all that is drawn, and where each part of the strands lies on it, px. */
export interface Measured {
  readonly strands: Strands;
  readonly scale: number;
  readonly grams: (part: StrandPartName) => number;
  /** How wide so much is, and how wide it is drawn. */
  readonly wide: (grams: number) => number;
  readonly drawn: (grams: number) => number;
  /** How far down a part of a station is. */
  readonly at: (station: number, part?: number) => number;
  readonly y: Readonly<
    Record<'need' | 'board' | 'jug' | 'clock' | 'bench' | 'broth' | 'plates' | 'end', number>
  >;
  /** Meat, from left to right on the board: what is thrown out, what stays, what crosses over. */
  readonly meat: Readonly<Record<'bone' | 'trim' | 'pickings' | 'shred' | 'juice' | 'fat' | 'air', number>>;
  readonly meatG: number;
  /** Liquid, against the right edge: what crossed over lands left of what was poured. */
  readonly liquid: Readonly<Record<'juice' | 'fat' | 'pour' | 'items' | 'steam', number>>;
  readonly liquidG: number;
  /** Of the pour, what boils off and what stays. */
  readonly pour: { readonly boiledG: number; readonly keptG: number };
}

/** Finds the one scale at which all fits, and the left edge of every part. Only geometry: every gram comes from the ledger. */
export function measure(strands: Strands, need: Need, height: number): Measured {
  const at = (station: number, part = 0.5) => (station + part) * (height / 8);
  // What will not pull yet is drawn with the meat; the table tells it apart.
  const grams = (part: StrandPartName) =>
    strands[part].grams + (part === 'shred' ? strands.unpulled.grams : 0);
  const sum = (...parts: readonly StrandPartName[]) => parts.reduce((total, part) => total + grams(part), 0);
  const meatG = sum('bone', 'trim', 'pickings', 'shred', 'juice', 'fat', 'air');
  const liquidG = sum('pour', 'items');
  const inPot = sum('bone', 'shred', 'pickings', 'juice', 'fat') + liquidG;
  const widest = Math.max(meatG + liquidG, inPot, need.meatG + need.liquidG, 1);
  const scale = Math.min(WIDEST, (RIGHT - LEFT - GAP) / widest);
  const wide = (g: number) => g * scale;
  const boiledG = Math.min(grams('steam'), grams('pour'));
  const keptG = grams('pour') - boiledG;
  return {
    strands,
    scale,
    grams,
    wide,
    drawn: (g) => (g > 0 ? Math.max(THIN, wide(g)) : 0),
    at,
    y: {
      need: at(0, 0.42),
      board: at(1, 0.18),
      jug: at(2, 0.1),
      clock: at(3),
      bench: at(4, 0.72),
      broth: at(5, 0.72),
      plates: at(6, 0.62),
      end: at(7, 0.62),
    },
    meat: meatEdges((part) => wide(grams(part))),
    meatG,
    liquid: liquidEdges((part) => wide(grams(part)), wide(boiledG), wide(keptG)),
    liquidG,
    pour: { boiledG, keptG },
  };
}

function meatEdges(wide: (part: StrandPartName) => number): Measured['meat'] {
  const bone = LEFT + 4;
  const trim = bone + wide('bone');
  const pickings = trim + wide('trim');
  const shred = pickings + wide('pickings');
  const juice = shred + wide('shred');
  const fat = juice + wide('juice');
  return { bone, trim, pickings, shred, juice, fat, air: fat + wide('fat') };
}

function liquidEdges(
  wide: (part: StrandPartName) => number,
  boiled: number,
  kept: number,
): Measured['liquid'] {
  const steam = RIGHT - 6 - boiled;
  const items = steam - wide('items');
  const pour = items - kept;
  const fat = pour - wide('fat');
  return { steam, items, pour, fat, juice: fat - wide('juice') };
}
