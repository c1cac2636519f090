import { entryAt } from '../columns/index.ts';
import type { Level, Vessel } from '../meal/index.ts';
import {
  type ItemPlan,
  FULL,
  heightOf,
  levelAt,
  pieceHeight,
  type PieceInSection,
  reachCm,
  sectionOf,
} from '../pot/index.ts';
import { type BatchPlan, type FilledVessel, isTooFull } from '../model/index.ts';

/** One vessel cut down its middle: heights in cm, volumes in ml, all to one scale. */
export interface VesselPicture {
  readonly vessel: Vessel;
  readonly meatCm: number;
  readonly lineCm: number;
  /** How high the liquid really stands about the meat. */
  readonly level: Level;
  readonly standsCm: number;
  readonly fullCm: number;
  /** It stands no higher than that. */
  readonly fits: boolean;
  readonly meatMl: number;
  readonly otherMl: number;
  /** Share of the batch's meat, and of each lot by its id, 0 to 1. */
  readonly share: number;
  readonly lots: Readonly<Record<string, number>>;
  readonly pieces: readonly PieceInSection[];
  /** How high the longest bone reaches where it cannot lie; 0 where it can. */
  readonly reachCm: number;
}

/** What a drawing of the pot in section needs. */
export interface PotPicture extends VesselPicture {
  /** The other vessels that share the batch. */
  readonly also: readonly VesselPicture[];
  readonly items: readonly {
    readonly id: string;
    readonly ref: string;
    readonly name: string;
    readonly role: 'liquid' | 'solid';
    readonly grams: number;
    readonly ml: number;
    /** How high it alone would stand in the main vessel, cm; 0 if it goes in later. */
    readonly cm: number;
    readonly solved: boolean;
    /** Minutes after the start at which it goes in. */
    readonly at: number;
    readonly out: number | undefined;
    readonly fate: ItemPlan['fate'];
  }[];
  readonly saltG: number;
}

const drawn = (plan: BatchPlan, one: FilledVessel): VesselPicture => ({
  fits: !isTooFull(one),
  vessel: one.vessel,
  meatCm: one.fill.meatCm,
  lineCm: one.lineCm,
  level: levelAt(one.lineCm, one.fill.meatCm),
  standsCm: one.standsCm,
  fullCm: FULL * one.vessel.heightCm,
  meatMl: one.meatMl,
  otherMl: one.otherMl,
  share: one.share,
  lots: Object.fromEntries(plan.lots.map(({ id }, i) => [id, entryAt(one.shares, i)])),
  pieces: sectionOf(one.vessel, one.meatMl, one.fill.meatCm, pieceHeight[one.size], {
    pieces: one.bonedShare,
    ofPiece: one.bonedShare > 0 ? one.boneMl / (one.meatMl * one.bonedShare) : 0,
    count: one.pieces,
  }),
  reachCm: reachCm(one.vessel, one.longestCm),
});

export function potOf(plan: BatchPlan): PotPicture | null {
  const { vessels, liquid } = plan;
  const [main, ...also] = vessels;
  if (!main || !liquid) return null;
  let stackedMl = 0;
  return {
    ...drawn(plan, main),
    also: also.map((one) => drawn(plan, one)),
    items: liquid.items.map(({ id, ref, name, role, grams, density, solved, at, out, fate }) => {
      const ml = grams / density;
      const before = heightOf(main.vessel, stackedMl);
      if (at <= 0) stackedMl += ml * main.share;
      const cm = heightOf(main.vessel, stackedMl) - before;
      return { id, ref, name, role, grams, ml, cm, solved, at, out, fate };
    }),
    saltG: liquid.saltG,
  };
}
