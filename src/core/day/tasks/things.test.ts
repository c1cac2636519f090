import { describe, expect, test } from '@jest/globals';
import type { Batch, Kitchen } from '../../meal/index.ts';
import { openMeal } from '../../model/index.ts';
import { dayFacts } from '../../answers/heavy/day/facts.ts';
import { batchOf, dishOf, inputOf, lotOf } from '../../testing/meals.ts';
import { doingWords } from '@/words/index.ts';
import { onionMinutes, softenMinutes } from '../minutes.ts';
import type { Task } from '../task.ts';
import { tasksOf } from './index.ts';

const NOW = Date.UTC(2026, 11, 5, 9);
const tasks = (
  changes: Partial<Batch> = {},
  dishes = [dishOf('taco', 12)],
  kitchen: Partial<Kitchen> = {},
): readonly Task[] => {
  const input = inputOf([batchOf([lotOf('beef-shank', 2000)], changes)], dishes);
  return tasksOf(dayFacts(openMeal({ ...input, kitchen: { ...input.kitchen, ...kitchen } }), NOW, 'UTC'));
};
const of = (all: readonly Task[], kind: Task['ref']['kind']): Task => {
  const task = all.find(({ ref }) => ref.kind === kind);
  if (!task) throw new Error(`no ${kind}`);
  return task;
};
const said = ({ parts }: Task) => parts.map(({ does }) => doingWords(does));
const kindsOf = ({ needs }: Task) => needs.map(({ kind }) => kind);
const item = (ref: string, more = {}) => ({ id: ref, ref, state: 'in' as const, ...more });

describe('what dishes take', () => {
  test('twenty plates of pasta: a burner, water, and two rounds, before they are filled', () => {
    const all = tasks({}, [dishOf('pasta', 20)]);
    const boil = of(all, 'boil');
    expect(kindsOf(boil)).toEqual(['burner']);
    expect(said(boil)[1]).toMatch(/^Boil 20 × .*, 2 rounds$/);
    expect(said(boil).filter((words) => words.startsWith('Drain'))).toHaveLength(2);
    expect(of(all, 'plates').after).toContain(boil.id);
  });

  test('twenty-four hand pies are filled and then baked in two rounds of 25 minutes, gratins once they are filled too', () => {
    const pies = of(tasks({}, [dishOf('hand pie', 24)]), 'plates');
    expect(kindsOf(pies)).toEqual(['oven']);
    const bake = pies.parts.find(({ does }) => does.what === 'bake');
    expect(bake && doingWords(bake.does)).toMatch(/^Bake 24 × .*, 2 rounds$/);
    expect(bake?.minutes).toBe(60);
    expect(bake?.from).toBeGreaterThanOrEqual(pies.parts[0]?.minutes ?? Infinity);
    expect(kindsOf(of(tasks({}, [dishOf('gratin', 8)]), 'plates'))).toEqual(['oven']);
  });

  test('on nothing nothing is boiled or toasted, and a task of one’s own for it stands alone', () => {
    const bare = { ...dishOf('pasta', 20), build: { base: 'nothing' as const } };
    expect(tasks({}, [bare]).some(({ ref }) => ref.kind === 'boil')).toBe(false);
    const ten = { text: '10 min', lo: 10, hi: 10 };
    const withTask = (words: string) => {
      const input = inputOf([batchOf([lotOf('beef-shank', 2000)])], [dishOf('pasta', 20)]);
      const own = { id: 'own', words, minutes: ten, when: 'serving' as const };
      const meal = { ...input.meal, day: { tasks: [own] } };
      return tasksOf(dayFacts(openMeal({ ...input, meal }), NOW, 'UTC')).some(
        ({ ref }) => ref.kind === 'boil',
      );
    };
    expect(withTask('Boil the pasta')).toBe(false);
    expect(withTask('Grate the cheese for the pasta')).toBe(true);
  });

  test('what is fried or pressed stands on the griddle or in the press that there is, else on a burner', () => {
    const grill = { id: 'g', name: 'grill', kind: 'grill' as const };
    const press = { id: 'p', name: 'press', kind: 'press' as const };
    const on = (kind: 'folded taco' | 'pressed sandwich', ...heatSources: (typeof grill | typeof press)[]) =>
      kindsOf(of(tasks({}, [dishOf(kind, 12)], { heatSources }), 'plates'));
    expect(on('folded taco')).toEqual(['burner']);
    expect(on('folded taco', grill)).toEqual(['griddle']);
    expect(on('pressed sandwich', grill, press)).toEqual(['press']);
  });
});

describe('a pot, piece by piece', () => {
  test('what lies in the fat equally long lies there together, what was written by itself, and wine boils before it is filled', () => {
    const eight = { text: '12 min', lo: 12, hi: 12 };
    const wine = item('wine-red', {
      amount: { text: '600 ml', lo: 600, hi: 600 },
      measure: 'volume',
      boiledTo: { text: '200 ml', lo: 200, hi: 200 },
    });
    const items = [wine, item('onion'), item('carrot'), item('celery', { soften: eight })];
    const pot = said(of(tasks({ items }), 'pot'));
    const order = [
      'Soften onion and carrot',
      'Soften celery',
      'Boil red wine down',
      'Fill the pot, the meat’s juices too',
      'Bring to heat',
      'Into the oven',
    ];
    expect(pot.filter((words) => order.includes(words))).toEqual(order);
    // A pot that goes raw in has no pan before it.
    expect(said(of(tasks({ items: [item('onion')], sear: false }), 'pot'))).not.toContain('Soften onion');
  });

  test('from the stove into the oven on the way: carried there, each held from then on, the oven heated before', () => {
    const hour = { text: '1 h', lo: 60, hi: 60 };
    const warm = { text: '150 °C', lo: 150, hi: 150 };
    const cook = [
      { id: 'a', heat: 'stove' as const, lid: 'on' as const, minutes: hour },
      { id: 'b', heat: 'oven' as const, lid: 'on' as const, setting: warm },
    ];
    const pot = of(tasks({ cook }), 'pot');
    expect(said(pot)).toEqual(expect.arrayContaining(['Heat the oven to 150 °C', 'Into the oven']));
    const [burner, oven] = [
      pot.needs.filter(({ kind }) => kind === 'burner'),
      pot.needs.find(({ kind }) => kind === 'oven'),
    ];
    const move = pot.parts.find(({ does }) => does.what === 'move');
    expect(Math.max(...burner.map(({ to }) => to))).toBe(move?.from);
    expect(oven?.from).toBe((move?.from ?? 0) - 15);
  });

  test('a slow cooker is filled and switched on; what is turned is turned in the smoke too', () => {
    const slow = {
      id: 's',
      heat: 'slow cooker' as const,
      setting: 'low' as const,
      lid: 'on' as const,
      vessel: 'slow-cooker',
    };
    expect(said(of(tasks({ cook: [slow] }), 'pot'))).toContain('Switch the slow cooker to low');
    const smoke = {
      id: 'a',
      heat: 'smoker' as const,
      lid: 'off' as const,
      minutes: { text: '3 h', lo: 180, hi: 180 },
    };
    const oven = {
      id: 'b',
      heat: 'oven' as const,
      lid: 'on' as const,
      setting: { text: '150 °C', lo: 150, hi: 150 },
    };
    const rounds = [{ what: 'baste' as const, every: { text: '1 h', lo: 60, hi: 60 } }];
    expect(
      said(of(tasks({ cook: [smoke, oven], rounds }), 'smoke')).filter((words) => words === 'Baste'),
    ).toHaveLength(2);
  });
});

test('more takes longer in the fat, what burns does not; a kilogram of onions browns in about an hour', () => {
  expect(softenMinutes(8, 300)).toBe(8);
  expect(softenMinutes(8, 3000)).toBeGreaterThan(20);
  expect(softenMinutes(1, 3000)).toBe(1);
  expect(onionMinutes(1000, 28)).toBeGreaterThan(45);
  expect(onionMinutes(1000, 28)).toBeLessThan(65);
  expect(onionMinutes(1000, 36)).toBeLessThan(onionMinutes(1000, 28));
});
