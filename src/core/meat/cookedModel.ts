import type { Composition } from '@/reference/types.ts';
import { fitLevels, type LevelRow } from '../pooled/index.ts';
import { KEPT_ASH } from './flesh.ts';
import { fitKeptFat } from './keptFat.ts';
import { kinOf, wholeOf, type Kin } from './kin.ts';
import { studySpread } from './studies.ts';

/** Two rows of one meat, raw and cooked, in grams per 100 g. */
export interface CookedPair extends Kin {
  readonly cut: string;
  readonly trim: string;
  readonly cooked: string;
  readonly rawPer: Composition;
  readonly cookedPer: Composition;
}

/** A cooked weight that was published beside the composition: cooked of raw. */
export interface WeighedYield {
  readonly cooked: string;
  readonly weighed: number;
  readonly how: string;
}

export interface PredictedCooked {
  /** Cooked of raw boneless weight, and the standard deviation of its logarithm. */
  readonly y: number;
  readonly sd: number;
  /** Fractions of the cooked weight. */
  readonly water: number;
  readonly protein: number;
  readonly fat: number;
}

/** Whether the next row comes from the study that the cut is known by, or from another. */
export type Study = 'the same' | 'another';

export interface CookedModel {
  /** How far two studies of one cut stand from the cut's own yield: standard deviation of log y. */
  readonly studySpread: number;
  /** Fat-free cooked per gram of fat-free raw. */
  fatFreeYield(kin: Kin): number;
  /** Fat retained of the raw fat, at that raw fat (a fraction); above 1 where the rows say so. */
  retention(kin: Kin, fat: number): number;
  /** Fat that the meat can really have kept, of its raw fat: always below 1. */
  keptFat(kin: Kin, fat: number): number;
  /** The next row of that meat, and how far it may lie from there. */
  predict(kin: Kin, raw: Pick<Composition, 'protein' | 'fat' | 'ash'>, study?: Study): PredictedCooked;
}

/**
 * Standard deviations of the logarithm between the groups of each level, from trials on the rows
 * themselves by restricted likelihood and by leaving cuts out (docs/decisions/0009). A cut's holds its study.
 */
const FAT_FREE = {
  species: 0.07,
  family: 0.02,
  whole: 0.04,
  cut: 0.045,
  side: 0.01,
  trim: 0.008,
  weighing: 0.014,
  piece: 0.042,
};
const RETENTION = { species: 0.03, family: 0.08, whole: 0.1, cut: 0.11, side: 0.145, trim: 0.04 };
const ROW_NOISE = { fatFree: 0.011, retention: 0.06 };
/** A weighed yield errs with its study (a level above) and by itself (from trials); cuts have heavy tails. */
const WEIGHED_NOISE = { weighing: 0.011, piece: 0.025 };
const HEAVY = { level: 'cut', freedom: 3 };

function levelsOf({ species, family, whole, cut: named, lean, trim }: Kin): Record<string, string> {
  const cut = named === undefined ? '' : kinOf(named).cut;
  return {
    species,
    family: `${species} ${family}`,
    whole: whole ?? wholeOf(cut),
    cut,
    side: `${cut} ${lean ? 'lean' : 'whole'}`,
    ...(trim !== undefined && { trim: `${cut} ${trim}` }),
  };
}
const fatFreeFixed = ({ lean }: Kin) => [1, lean ? 1 : 0];
const fatFixed = (fat: number) => [1, Math.log(Math.max(fat, 0.005))];

/**
 * What becomes of meat in a braise, learned from published raw and cooked rows: the fat-free yield
 * g, and the fat retained R, each pooled over species, family in it, whole, part and lean or not, R falling
 * with raw fat; then y = (1 − f)·g + R·f, cooked water = y − p − R·f − .75 a. Protein stays in the meat,
 * so a pair gives y = p raw / p cooked; weighed yields are a second reading of the same y. The range is that of the
 * next row: what is not known of the cut, the row's own noise, and, of another study, how far studies lie apart.
 * Source: USDA SR24; what else was tried stands in docs/decisions/0009.
 */
export function fitCookedModel(pairs: readonly CookedPair[], weighed: readonly WeighedYield[]): CookedModel {
  const balance = pairs.map((pair): LevelRow => ({
    value: Math.log(fatFree(pair, pair.rawPer.protein / pair.cookedPer.protein)),
    noise: ROW_NOISE.fatFree,
    fixed: fatFreeFixed(pair),
    levels: levelsOf(pair),
  }));
  const onScales = weighed.flatMap((reading): LevelRow[] => {
    const pair = pairs.find(({ cooked }) => cooked === reading.cooked);
    if (!pair) return [];
    const how = reading.how === 'by piece' ? 'piece' : 'weighing';
    return [
      {
        value: Math.log(fatFree(pair, reading.weighed)),
        noise: WEIGHED_NOISE[how],
        fixed: fatFreeFixed(pair),
        levels: { ...levelsOf(pair), [how]: `${pair.cut} ${pair.trim}` },
      },
    ];
  });
  const lean = fitLevels([...balance, ...onScales], FAT_FREE, HEAVY);
  const fat = fitLevels(
    pairs.map((pair) => ({
      value: Math.log((pair.cookedPer.fat * pair.rawPer.protein) / pair.cookedPer.protein / pair.rawPer.fat),
      noise: ROW_NOISE.retention,
      fixed: fatFixed(pair.rawPer.fat / 100),
      levels: levelsOf(pair),
    })),
    RETENTION,
  );
  // Fitted when it is first asked for: whoever looks at yields alone does without.
  let keptFat: ReturnType<typeof fitKeptFat> | undefined;
  const studies = studySpread(pairs);
  const cuts = new Set(pairs.map(({ cut }) => cut));
  const fatFreeOf = (kin: Kin) => lean.predict({ fixed: fatFreeFixed(kin), levels: levelsOf(kin) });
  const retained = (kin: Kin, f: number) => fat.predict({ fixed: fatFixed(f), levels: levelsOf(kin) });
  return {
    studySpread: studies,
    fatFreeYield: (kin) => Math.exp(fatFreeOf(kin).value),
    retention: (kin, f) => Math.exp(retained(kin, f).value),
    keptFat: (kin, f) => (keptFat ??= fitKeptFat(pairs))(kin, f),
    predict: (kin, raw, study = 'another') => {
      const g = fatFreeOf(kin);
      const r = retained(kin, raw.fat);
      const leanPart = (1 - raw.fat) * Math.exp(g.value);
      const fatPart = raw.fat * Math.exp(r.value);
      const y = leanPart + fatPart;
      // Of a cut that nobody has studied, the spread of cuts holds that of studies already.
      const known = kin.cut !== undefined && cuts.has(kinOf(kin.cut).cut);
      const ofStudy = known && study === 'another' ? studies : 0;
      return {
        y,
        sd: Math.hypot(
          (leanPart * Math.hypot(g.sd, ROW_NOISE.fatFree)) / y,
          (fatPart * Math.hypot(r.sd, ROW_NOISE.retention)) / y,
          ofStudy,
        ),
        water: (y - raw.protein - fatPart - KEPT_ASH * raw.ash) / y,
        protein: raw.protein / y,
        fat: fatPart / y,
      };
    },
  };
}

/** Fat-free cooked per fat-free raw, of a pair with that yield. */
const fatFree = ({ rawPer, cookedPer }: CookedPair, y: number) =>
  (y * (100 - cookedPer.fat)) / (100 - rawPer.fat);
