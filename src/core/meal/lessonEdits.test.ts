import { expect, test } from '@jest/globals';
import { usualItems } from '../pot/index.ts';
import { batchOf, lotOf } from '../testing/meals.ts';
import { lessonChanges, withLesson } from './lessonEdits.ts';
import type { LessonSets } from './schema.ts';

const batch = batchOf([lotOf('beef-shank', 2000)]);
const two = { text: '2', lo: 2, hi: 2 };

test.each<LessonSets>([
  { what: 'amount', ref: 'bay-leaf', amount: two, measure: 'count' },
  { what: 'amount', ref: 'carrot', amount: two, measure: 'count' },
  { what: 'heat', heat: 'stove' },
  { what: 'tool', tool: 'gloves' },
  { what: 'way', way: 'chill' },
])('what a lesson sets is taken once, and then it has nothing more to offer: %j', (sets) => {
  expect(lessonChanges(batch, sets)).toBe(true);
  const next = withLesson(batch, sets, usualItems, () => 'new');
  expect(lessonChanges(next, sets)).toBe(false);
  if (sets.what === 'amount') {
    expect(next.items?.filter(({ ref }) => ref === sets.ref)).toHaveLength(1);
    expect(next.items?.find(({ ref }) => ref === sets.ref)?.amount).toEqual(two);
  }
});
