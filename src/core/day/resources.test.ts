import { describe, expect, test } from '@jest/globals';
import { meetNeeds, type Need, type Resource } from './resources.ts';

const oven = (id: string, amount: number): Resource => ({ kind: 'oven', id, amount });
const burners = (amount: number): Resource => ({ kind: 'burner', id: '', amount });
const need = (changes: Partial<Need>): Need => ({ kind: 'burner', amount: 1, from: 0, to: 10, ...changes });
const anyOf = (needs: Need[], resources: Resource[]) =>
  meetNeeds([needs], resources).met[0]?.map((one) => one.anyOf);

describe('what tasks need, met by what a kitchen has', () => {
  test('any of a kind will do that is large enough; a vessel is the one that was named', () => {
    const ovens = [oven('1', 45), burners(2), oven('2', 70)];
    expect(anyOf([need({ kind: 'oven', amount: 40 })], ovens)).toEqual([[0, 2]]);
    expect(anyOf([need({ kind: 'oven', amount: 60 })], ovens)).toEqual([[2]]);
    const pots: Resource[] = ['a', 'b'].map((id) => ({ kind: 'vessel', id, amount: 1 }));
    expect(anyOf([need({ kind: 'vessel', id: 'b' })], pots)).toEqual([[1]]);
  });

  test('too few at once, or too wide, is told once and planned with what there is', () => {
    const { met, lacks } = meetNeeds(
      [[need({ amount: 3 })], [need({ amount: 3 })], [need({ kind: 'oven', amount: 53 })]],
      [burners(2), oven('1', 45)],
    );
    expect(lacks).toEqual([
      { what: 'too few', kind: 'burner', wanted: 3, there: 2 },
      { what: 'too wide', potsCm: 53, ovenCm: 45, many: 1 },
    ]);
    expect(met.map(([one]) => one?.amount)).toEqual([2, 2, 45]);
  });

  test('what is not there at all is taken to be there once, as large as the largest need', () => {
    const needs = [[need({ kind: 'oven', amount: 30 })], [need({ kind: 'oven', amount: 50 })]];
    const { met, lacks, resources } = meetNeeds(needs, [burners(2)]);
    expect(lacks).toEqual([{ what: 'none', kind: 'oven' }]);
    expect(resources).toEqual([burners(2), { kind: 'oven', id: '', amount: 50 }]);
    expect(met.map(([one]) => one?.anyOf)).toEqual([[1], [1]]);
  });
});
