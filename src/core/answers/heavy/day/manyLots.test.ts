import { expect, test } from '@jest/globals';
import { type Entry, feels } from '../../../meal/index.ts';
import { openMeal } from '../../../model/index.ts';
import { MINUTE_MS } from '../../../quantity/index.ts';
import { unfinite } from '../../../testing/finite.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../../testing/meals.ts';
import { answer } from '../../questions.ts';

const CUTS = ['beef-blade-roast', 'beef-shank', 'lamb-shoulder', 'beef-brisket', 'pork-picnic'];
const LOTS = 100;
const LID_ON = Date.UTC(2026, 11, 4, 8);

/** Two forks in each lot, of all that a fork can find, in turns: many say against all odds what the one before did not. */
const forks: readonly Entry[] = Array.from({ length: 2 * LOTS }, (_, i): Entry => {
  const feel = feels[(i + (i >= LOTS ? 2 : 0)) % feels.length] ?? 'resists';
  return {
    id: `fork${String(i)}`,
    at: LID_ON + (60 + i) * MINUTE_MS,
    batch: 'batch',
    measures: { what: 'check', lot: `lot${String(i % LOTS)}`, feel },
    value: { text: feel },
    measure: 'feel',
    source: 'typed',
  };
});

test('the day of a pot of a hundred lots, each with its forks, has a figure for every chance', () => {
  const lots = Array.from({ length: LOTS }, (_, i) =>
    lotOf(CUTS[i % CUTS.length] ?? '', 500 + i, { id: `lot${String(i)}` }),
  );
  const batch = batchOf(lots, { lidOn: LID_ON });
  const entries = forks.map((fork) => ({ ...fork, batch: batch.id }));
  for (const hours of [1, 3, 6, 12]) {
    const opened = openMeal(inputOf([batch], [dishOf('taco', 400)], [...entries]));
    const day = answer('day', opened, { now: LID_ON + hours * 60 * MINUTE_MS, tries: 2 });
    expect(unfinite(day)).toBeUndefined();
    expect(
      unfinite(answer('serviceNow', opened, { now: LID_ON + hours * 60 * MINUTE_MS, tries: 0 })),
    ).toBeUndefined();
    expect(unfinite(answer('reckon', opened, undefined))).toBeUndefined();
  }
});
