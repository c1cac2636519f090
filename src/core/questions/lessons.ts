import type { AfterWhat, Batch, Kitchen, Lesson } from '../batch/index.ts';
import { openPhase } from '../clock/index.ts';

/** The notes that come up at a step: those of this cut and this heat, and those of any; the newest first. */
export function lessonsAt({ lessons = [] }: Kitchen, batch: Batch, step: AfterWhat): readonly Lesson[] {
  const cuts = new Set(batch.lots.map(({ cut }) => cut));
  const heat = openPhase(batch.cook)?.heat;
  return lessons
    .filter((one) => one.step === step)
    .filter((one) => one.cut === undefined || cuts.has(one.cut))
    .filter((one) => one.heat === undefined || one.heat === heat)
    .toReversed();
}
