import type { Phase } from '@/core/meal/index.ts';
import { openPhase } from '@/core/clock/index.ts';
import { editBatch } from '../../open/edits/index.ts';

export const heats = [
  { value: 'oven', words: 'oven' },
  { value: 'stove', words: 'stove' },
  { value: 'slow high', words: 'slow cooker, high' },
  { value: 'slow low', words: 'slow cooker, low' },
  { value: 'smoker', words: 'smoker' },
] as const;
export type HeatChoice = (typeof heats)[number]['value'];

export const lids = [
  { value: 'on', words: 'lid on' },
  { value: 'ajar', words: 'ajar' },
  { value: 'off', words: 'off' },
] as const;

/** How a stove bubbles; nothing written is a simmer. */
export const bubbles = [
  { value: 'bare simmer', words: 'bare simmer' },
  { value: 'simmer', words: 'simmer' },
  { value: 'boil', words: 'boil' },
] as const;
type Bubble = (typeof bubbles)[number]['value'];

export const bubbleOf = ({ setting }: Phase): Bubble =>
  bubbles.find(({ value }) => value === setting)?.value ?? 'simmer';

const OVEN = { text: '160 °C', lo: 160, hi: 160 };
const SMOKER = { text: '120 °C', lo: 120, hi: 120 };

export function heatOf(phase: Phase | undefined): HeatChoice {
  if (phase?.heat === 'slow cooker') return phase.setting === 'high' ? 'slow high' : 'slow low';
  return phase?.heat ?? 'oven';
}

/** A phase at another heat; its lid, its time and its vessel stay. */
export function withHeat({ heat: _, setting: __, air: ___, ...kept }: Phase, value: HeatChoice): Phase {
  if (value === 'oven') return { ...kept, heat: 'oven', setting: OVEN };
  // With its lid off it would be the open smoke before the pot.
  if (value === 'smoker') return { ...kept, lid: 'on', heat: 'smoker', setting: SMOKER };
  if (value === 'stove') return { ...kept, heat: 'stove' };
  return { ...kept, heat: 'slow cooker', setting: value === 'slow high' ? 'high' : 'low' };
}

/** Changes one phase of a batch's cook. */
export function changePhase(
  batchId: string,
  at: number,
  words: string,
  change: (phase: Phase) => Phase,
  field?: string,
): void {
  editBatch(batchId, words, (b) => ({ ...b, cook: b.cook.map((p, i) => (i === at ? change(p) : p)) }), field);
}

/** Changes the phase that lasts until it is tender. */
export function changeOpen(
  batchId: string,
  words: string,
  change: (phase: Phase) => Phase,
  field?: string,
): void {
  editBatch(
    batchId,
    words,
    (b) => {
      const open = openPhase(b.cook);
      return { ...b, cook: b.cook.map((p) => (p === open ? change(p) : p)) };
    },
    field,
  );
}
