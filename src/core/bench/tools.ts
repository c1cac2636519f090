import { isStep } from '../work/index.ts';
import { type AfterWhat, type Batch, type Tool } from '../meal/index.ts';
import { midpoint } from '../quantity/index.ts';

/** What a tool makes of pulling: how cool the meat has to be, how fast it goes, and how well it finds what is picked. */
export interface Pulling {
  /** Until it can be touched with it, min. */
  readonly coolMin: number;
  /** Of the usual minutes for a kilo. */
  readonly pace: number;
  /** Of what is usually picked out: lumps of fat come off better cooler, and a masher finds few. */
  readonly picks: number;
  /** What will not pull is chopped with the rest, or stays in pieces. */
  readonly chops: boolean;
  /** It is served on its bones. */
  readonly onBone: boolean;
}

/** By tool (estimates; the minutes that a task really took replace them). */
const byTool: Readonly<Record<Tool, Omit<Pulling, 'chops' | 'onBone'>>> = {
  forks: { coolMin: 20, pace: 1, picks: 1 },
  hands: { coolMin: 35, pace: 1.15, picks: 1.1 },
  gloves: { coolMin: 10, pace: 0.85, picks: 1 },
  masher: { coolMin: 0, pace: 0.35, picks: 0.5 },
  knife: { coolMin: 20, pace: 0.7, picks: 0.9 },
};

const find = <W extends AfterWhat>(batch: Batch, what: W) => batch.after.find(isStep(what));

/**
 * How a batch is pulled, with the minutes that the cook has written for its cooling. What its list does not name is not
 * done: meat that is not pulled is left in pieces, and is as good when it is not quite tender; what is not boned goes out
 * on its bone, and what is not picked keeps its membrane. Of meat of which only the big pieces are lifted the rest stays
 * as it is.
 */
export function pullingOf(batch: Batch): Pulling {
  const pull = find(batch, 'pull');
  const pulling = byTool[pull?.tool ?? 'forks'];
  const lifted = find(batch, 'lift')?.share ?? 1;
  return {
    pace: pulling.pace * (pull ? lifted : WHOLE),
    picks: find(batch, 'pick') ? pulling.picks * lifted : 0,
    chops: !pull || pull.tool === 'knife',
    onBone: !find(batch, 'bone') && !pull,
    coolMin: midpoint(find(batch, 'cool')?.minutes) ?? pulling.coolMin,
  };
}

/** Pieces that are only boned or picked over, of the minutes that pulling takes (estimate). */
const WHOLE = 0.3;
