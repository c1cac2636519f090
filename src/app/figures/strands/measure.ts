import type { Stage } from '@/core/meal/index.ts';
import type { StrandPartName, Strands } from '@/core/ledger/index.ts';
import { atRow } from './rows.ts';

/** The words of the stations stand left of this, px. */
export const LEFT = 116;
/** What leaves the liquid bends out into this much, with its words, at the right edge, px. */
export const EXIT = 58;
/** Between the two strands there is room for a word, px. */
const GAP = 62;
/** A word with its figure is so wide, px. */
export const WORD = 46;
/** A ribbon thinner than this would not be seen. */
const THIN = 1.6;
/** No ribbon is drawn wider than this for each gram, so that a handful stays a handful. */
const WIDEST = 0.11;

export interface Size {
  readonly width: number;
  readonly height: number;
}

/** One scale for all that is drawn of a pot, and where each part of its strands lies on it, px. */
export interface Measured {
  readonly strands: Strands;
  readonly width: number;
  readonly scale: number;
  readonly grams: (part: StrandPartName) => number;
  /** How wide so much is, and how wide it is drawn. */
  readonly wide: (grams: number) => number;
  readonly drawn: (grams: number) => number;
  /** How far down a part of a station is. */
  readonly at: (station: Stage, part?: number) => number;
  readonly y: Readonly<Record<'board' | 'jug' | 'clock' | 'bench' | 'broth' | 'plates' | 'end', number>>;
  /** Meat, from left to right on the board: what is thrown out, what stays, what crosses over. */
  readonly meat: Readonly<Record<'bone' | 'trim' | 'pickings' | 'shred' | 'juice' | 'fat' | 'air', number>>;
  readonly meatG: number;
  /** Liquid: what crossed over lands left of what was poured. */
  readonly liquid: Readonly<Record<'juice' | 'fat' | 'pour' | 'items' | 'steam', number>>;
  readonly liquidG: number;
  /** Of the pour, what boils off and what stays. */
  readonly pour: { readonly boiledG: number; readonly keptG: number };
}

/** Finds the one scale at which all of a pot fits, and the left edge of every part. Only geometry: every gram comes from the ledger. */
export function measure(strands: Strands, { width, height }: Size): Measured {
  const at = (station: Stage, part = 0.5) => atRow(station, part, height);
  // What will not pull yet is drawn with the meat; the table tells it apart.
  const grams = (part: StrandPartName) =>
    strands[part].grams + (part === 'shred' ? strands.unpulled.grams : 0);
  const sum = (...parts: readonly StrandPartName[]) => parts.reduce((total, part) => total + grams(part), 0);
  const meatG = sum('bone', 'trim', 'pickings', 'shred', 'juice', 'fat', 'air');
  const liquidG = sum('pour', 'items');
  const crossedG = sum('juice', 'fat') + liquidG;
  const inPot = sum('bone', 'shred', 'pickings', 'trim') + crossedG;
  const widest = Math.max(meatG + liquidG, inPot, 1);
  const room = width - EXIT - LEFT - GAP;
  const shed = sum('bone', 'trim', 'pickings');
  // The room that its words take beside little that was shed is not there for the ribbons.
  const scale = Math.min(
    WIDEST,
    room / widest,
    shed > 0 ? (room - WORD) / Math.max(1, widest - shed) : WIDEST,
  );
  const wide = (g: number) => g * scale;
  const boiledG = Math.min(grams('steam'), grams('pour'));
  const keptG = grams('pour') - boiledG;
  return {
    strands,
    width,
    scale,
    grams,
    wide,
    drawn: (g) => (g > 0 ? Math.max(THIN, wide(g)) : 0),
    at,
    y: {
      board: at('meat', 0.5),
      jug: at('pot', 0.2),
      clock: at('clock'),
      bench: at('bench', 0.55),
      broth: at('broth', 0.5),
      plates: at('plates', 0),
      end: at('keep', 0.42),
    },
    meat: meatEdges((part) => wide(grams(part))),
    meatG,
    liquid: liquidEdges(width - EXIT, (part) => wide(grams(part)), wide(boiledG), wide(keptG)),
    liquidG,
    pour: { boiledG, keptG },
  };
}

function meatEdges(wide: (part: StrandPartName) => number): Measured['meat'] {
  // What was shed has room for its words left of what stays.
  const shed = wide('bone') + wide('trim') + wide('pickings');
  const bone = LEFT + (shed > 0 ? Math.max(10, WORD + 4 - shed) : 10);
  const trim = bone + wide('bone');
  const pickings = trim + wide('trim');
  const shred = pickings + wide('pickings');
  const juice = shred + wide('shred');
  const fat = juice + wide('juice');
  return { bone, trim, pickings, shred, juice, fat, air: fat + wide('fat') };
}

function liquidEdges(
  right: number,
  wide: (part: StrandPartName) => number,
  boiled: number,
  kept: number,
): Measured['liquid'] {
  const steam = right - boiled;
  const items = steam - wide('items');
  const pour = items - kept;
  const fat = pour - wide('fat');
  return { steam, items, pour, fat, juice: fat - wide('juice') };
}
