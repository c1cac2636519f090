import { type Batch, type DishKind, type Kitchen, type Lesson, lessonChanges } from '../../meal/index.ts';
import { openPhase } from '../../clock/index.ts';

/** A note that comes up, and whether it offers something that the batch has not taken. */
export interface LessonAt {
  readonly lesson: Lesson;
  readonly offers: boolean;
}

/** The notes that come up at a step or a station: those of this cut, heat and dish, and those of any; the newest first. */
export function lessonsAt(
  { lessons = [] }: Kitchen,
  batch: Batch,
  dishes: readonly DishKind[],
  step: Lesson['step'],
): readonly LessonAt[] {
  const cuts = new Set(batch.lots.map(({ cut }) => cut));
  const heat = openPhase(batch.cook)?.heat;
  return lessons
    .filter((one) => one.step === step)
    .filter((one) => one.cut === undefined || cuts.has(one.cut))
    .filter((one) => one.heat === undefined || one.heat === heat)
    .filter((one) => one.dish === undefined || dishes.includes(one.dish))
    .toReversed()
    .map((lesson) => ({ lesson, offers: lesson.sets !== undefined && lessonChanges(batch, lesson.sets) }));
}
