import type { Composition } from '@/reference/types.ts';
import { fitLevels } from '../pooled/index.ts';
import { kinOf, wholeOf, type Kin } from './kin.ts';

interface FatPair extends Kin {
  readonly cut: string;
  readonly rawPer: Composition;
  readonly cookedPer: Composition;
}

/** No braise keeps more of its fat than this: some always swims on the pot (common practice, no source). */
export const MOST_KEPT = 0.92;
/** Leaner than this, the noise of the analyses is all that the rows show, g per 100 g (estimate). */
const LEANEST = 3;
/** Fat of two analyses, raw and cooked: a share of it, and g per 100 g (estimates). */
const ANALYSES = { share: 0.08, points: 1.4 };
/**
 * Spread of the logarithm between the groups of each level (estimates): small, since the slope on raw fat tells most;
 * `analyses` is what the two samples of a study have of their own, and says nothing of the cut.
 */
const SPREAD = { species: 0.04, family: 0.05, whole: 0.05, cut: 0.05, analyses: 0.12 };

const levelsOf = ({ species, family, whole, cut: named }: Kin) => {
  const cut = named === undefined ? '' : kinOf(named).cut;
  return { species, family: `${species} ${family}`, whole: whole ?? wholeOf(cut), cut };
};

/**
 * Share of its raw fat that a braised piece keeps: pooled like the yield, from the rows that were cooked and weighed with
 * their fat. (Lean that was parted from it afterwards had taken some up.) A whole stands between its parts, since
 * both lean on it. The ratio of two analyses is above one in half of the rows, which no meat can be: the noise of
 * both is weighed in, and the share is held below one.
 */
export function fitKeptFat(pairs: readonly FatPair[]): (kin: Kin, fat: number) => number {
  const fit = fitLevels(
    pairs
      .filter(({ lean, rawPer }) => !lean && rawPer.fat > LEANEST)
      .map((pair) => {
        const { rawPer, cookedPer } = pair;
        const fatty = rawPer.fat > 15 ? 'fat' : 'leaner';
        return {
          value: Math.log((cookedPer.fat * rawPer.protein) / cookedPer.protein / rawPer.fat),
          noise: Math.hypot(ANALYSES.share, ANALYSES.points / rawPer.fat),
          fixed: [1, Math.log(rawPer.fat / 100)],
          levels: { ...levelsOf(pair), analyses: `${pair.cut} ${fatty}` },
        };
      }),
    SPREAD,
  );
  return (kin, fat) =>
    Math.min(
      MOST_KEPT,
      Math.exp(fit.predict({ fixed: [1, Math.log(Math.max(fat, 0.005))], levels: levelsOf(kin) }).value),
    );
}
