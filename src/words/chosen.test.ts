import { expect, test } from '@jest/globals';
import { usualBatch } from '@/core/meal/usual.ts';
import { beforePanWords, crewWords, heatWords, lotWords } from './index.ts';

const min = (n: number) => ({ text: `${n} min`, lo: n, hi: n });
const usual = usualBatch('b', 'Pot');

test('what is folded away is told in one line', () => {
  expect(beforePanWords(usual)).toBe('no marinade, straight from the fridge');
  expect(beforePanWords({ steps: [{ what: 'marinade', minutes: min(90) }, { what: 'stand out' }] })).toBe(
    'marinated 90 min, out of the fridge',
  );
  expect(heatWords(usual)).toBe('oven at 160 °C, lid on');
  const last = { id: 'heat', heat: 'oven' as const, lid: 'ajar' as const, minutes: min(45) };
  expect(heatWords({ cook: [...usual.cook, last], tear: min(30), start: 'boiled' })).toBe(
    'oven at 160 °C, lid on, then oven, lid ajar 45 min, boiled first, torn and put back',
  );
  expect(crewWords()).toBe('one cook, 06:30 to 22:30, ready 90 in 100');
  expect(crewWords({ from: '08:00' }, '24', ['Ada', 'Bo', 'Cem'])).toBe(
    'Ada, Bo and Cem, 08:00 to 22:30, ready 90 in 100',
  );
  expect(crewWords({ hands: 3, from: '08:00' })).toBe('3 cooks, 08:00 to 22:30, ready 90 in 100');
  const lot = { id: 'l', kind: 'meat' as const, cut: 'beef-shank', weight: min(1) };
  expect(lotWords(lot)).toBe('');
  expect(lotWords({ ...lot, bone: 'out', pieces: { count: 6 } })).toBe('bone out, 6 pieces');
});
