import { type AfterStep, afterOf, type Batch, type Tool } from '../batch/index.ts';
import { midpoint } from '../quantity/index.ts';

/** What a tool makes of pulling: how cool the meat has to be, how fast it goes, and how well it finds what is picked. */
export interface Pulling {
  /** Until it can be touched with it, min. */
  readonly coolMin: number;
  /** Of the usual minutes for a kilo. */
  readonly pace: number;
  /** Of what is usually picked out: lumps of fat come off better cooler, and a masher finds few. */
  readonly picks: number;
  /** What will not pull is chopped with the rest. */
  readonly chops: boolean;
}

/** By tool (estimates; the minutes that a task really took replace them). */
const byTool: Readonly<Record<Tool, Omit<Pulling, 'chops'>>> = {
  forks: { coolMin: 20, pace: 1, picks: 1 },
  hands: { coolMin: 35, pace: 1.15, picks: 1.1 },
  gloves: { coolMin: 10, pace: 0.85, picks: 1 },
  masher: { coolMin: 0, pace: 0.35, picks: 0.5 },
  knife: { coolMin: 20, pace: 0.7, picks: 0.9 },
};

const find = (batch: Batch, what: AfterStep['what']) => afterOf(batch).find((step) => step.what === what);

/** How a batch is pulled, with the minutes that the cook has written for its cooling. */
export function pullingOf(batch: Batch): Pulling {
  const pulling = byTool[find(batch, 'pull')?.tool ?? 'forks'];
  return {
    ...pulling,
    chops: find(batch, 'pull')?.tool === 'knife',
    coolMin: midpoint(find(batch, 'cool')?.minutes) ?? pulling.coolMin,
  };
}
