import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import type { Batch, Phase } from '@/core/meal/index.ts';
import { batchOf } from '@/core/testing/meals.ts';

/** What an edit would make of the batch. */
let batch: Batch;
const words: string[] = [];
jest.unstable_mockModule('../../open/edits/index.ts', () => ({
  editBatch: (_: string, said: string, recipe: (before: Batch) => Batch) => {
    words.push(said);
    batch = recipe(batch);
  },
}));
const { changeOpen, changePhase, heatOf, heats, withHeat } = await import('./phaseEdits.ts');

const timed = (minutes: number): Phase => ({
  id: 'heat3',
  heat: 'oven',
  lid: 'ajar',
  minutes: { text: `${minutes} min`, lo: minutes, hi: minutes },
});
beforeEach(() => {
  words.length = 0;
  batch = batchOf([], { cook: [timed(20), { id: 'heat2', heat: 'oven', lid: 'on' }, timed(45)] });
});

describe('a phase at another heat', () => {
  test.each(heats.map(({ value }) => value))(
    '%s: its lid and its time stay as they were written',
    (value) => {
      const after = withHeat(timed(45), value);
      expect(heatOf(after)).toBe(value);
      expect(after.minutes).toEqual(timed(45).minutes);
      // With its lid off a smoker would be the open smoke before the pot.
      expect(after.lid).toBe(value === 'smoker' ? 'on' : 'ajar');
    },
  );

  test('an oven and a smoker have a usual heat to begin with, a burner has none', () => {
    expect(withHeat(timed(1), 'oven').setting).toMatchObject({ lo: 160 });
    expect(withHeat(timed(1), 'smoker').setting).toMatchObject({ lo: 120 });
    expect(withHeat(timed(1), 'stove')).not.toHaveProperty('setting');
    expect(withHeat(timed(1), 'slow high').setting).toBe('high');
    expect(heatOf(undefined)).toBe('oven');
  });
});

describe('one phase of several', () => {
  test('is changed by its place, and no other', () => {
    const before = batch.cook;
    changePhase('pot', 2, 'the lid', (phase) => ({ ...phase, lid: 'off' }));
    expect(batch.cook.map(({ lid }) => lid)).toEqual(['ajar', 'on', 'off']);
    expect(batch.cook.slice(0, 2)).toEqual(before.slice(0, 2));
    expect(words).toEqual(['the lid']);
  });

  test('the one that lasts until it is tender is found wherever it stands', () => {
    changeOpen('pot', 'the heat', (phase) => withHeat(phase, 'stove'));
    expect(batch.cook.map(({ heat }) => heat)).toEqual(['oven', 'stove', 'oven']);
    batch = batchOf([], { cook: [{ id: 'heat', heat: 'oven', lid: 'on' }] });
    changeOpen('pot', 'the heat', (phase) => withHeat(phase, 'slow low'));
    expect(batch.cook).toMatchObject([{ heat: 'slow cooker', setting: 'low' }]);
  });
});
