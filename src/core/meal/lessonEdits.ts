import { isStep } from '../work/index.ts';
import type { AfterStep, Batch, Item, LessonSets } from './schema.ts';

/**
 * The batch as a lesson would have it: so much of an ingredient, another heat, tool or way to skim.
 * @param usualItems what goes in where the batch has written nothing
 * @param newId of an ingredient that is not in it yet
 */
export function withLesson(
  batch: Batch,
  sets: LessonSets,
  usualItems: readonly Item[],
  newId: () => string,
): Batch {
  switch (sets.what) {
    case 'amount': {
      const items = batch.items ?? [...usualItems];
      const { ref, amount, measure } = sets;
      const there = items.some((item) => item.ref === ref);
      const { asBought: _, ...added }: Item = { id: newId(), ref, amount, measure, state: 'in' };
      return {
        ...batch,
        items: there
          ? items.map(({ asBought, ...item }) =>
              item.ref === ref ? { ...item, amount, measure } : { ...item, ...(asBought && { asBought }) },
            )
          : [...items, added],
      };
    }
    case 'heat':
      return {
        ...batch,
        cook: batch.cook.map(({ setting, ...phase }, i) =>
          i === openAt(batch)
            ? {
                ...phase,
                heat: sets.heat,
                ...(phase.heat === sets.heat && setting && { setting }),
                ...USUAL[sets.heat],
              }
            : { ...phase, ...(setting && { setting }) },
        ),
      };
    case 'tool':
      return withSteps(batch, (step) => (step.what === 'pull' ? { ...step, tool: sets.tool } : step));
    case 'way':
      return withSteps(batch, (step) => (step.what === 'skim' ? { ...step, way: sets.way } : step));
  }
}

/** The phase that lasts until it is tender; else the last. */
function openAt({ cook }: Batch): number {
  const open = cook.findLastIndex(({ minutes }) => minutes === undefined);
  return open < 0 ? cook.length - 1 : open;
}

/** A heat needs a setting to be reckoned with; a stove simmers. */
const USUAL = {
  oven: { setting: { text: '160 °C', lo: 160, hi: 160 } },
  smoker: { setting: { text: '120 °C', lo: 120, hi: 120 } },
  'slow cooker': { setting: 'low' },
  stove: {},
} as const;

const withSteps = (batch: Batch, change: (step: AfterStep) => AfterStep): Batch => ({
  ...batch,
  after: batch.after.map(change),
});

/** Whether the batch is not as the lesson would have it. */
export function lessonChanges(batch: Batch, sets: LessonSets): boolean {
  switch (sets.what) {
    case 'amount': {
      const item = batch.items?.find(({ ref }) => ref === sets.ref);
      return item?.amount?.text !== sets.amount.text;
    }
    case 'heat':
      return batch.cook[openAt(batch)]?.heat !== sets.heat;
    case 'tool':
      return batch.after.filter(isStep('pull')).some(({ tool = 'forks' }) => tool !== sets.tool);
    case 'way':
      return batch.after.filter(isStep('skim')).some(({ way = 'hot' }) => way !== sets.way);
  }
}
