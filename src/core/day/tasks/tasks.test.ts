import { describe, expect, test } from '@jest/globals';
import { afterBy, type AfterStep } from '../../meal/index.ts';
import { openMeal } from '../../model/index.ts';
import { dayFacts } from '../../answers/heavy/day/facts.ts';
import { batchOf, dishOf, inputOf, lotOf, weighedEntry } from '../../testing/meals.ts';
import { milestonesOf, type Milestones } from '../milestones.ts';
import { taskId, type BatchTaskKind, type Task } from '../task.ts';
import { overOf, tasksOf } from './index.ts';

type Batch = NonNullable<Parameters<typeof batchOf>[1]>;
const NOW = Date.UTC(2026, 11, 5, 9);

function tasks(changes: Batch = {}, entries: Parameters<typeof inputOf>[2] = []): readonly Task[] {
  const input = inputOf([batchOf([lotOf('beef-shank', 2000)], changes)], [dishOf('taco', 12)], entries);
  return tasksOf(dayFacts(openMeal(input), NOW, 'UTC'));
}
const kinds = (all: readonly Task[]) => all.map(({ ref }) => ref.kind);
const of = (all: readonly Task[], kind: BatchTaskKind) => {
  const task = all.find(({ ref }) => ref.kind === kind);
  if (!task) throw new Error(`no ${kind}`);
  return task;
};
const before = (task: Task) => task.after.map((id) => id.split('|')[1]);

describe('the tasks of a batch', () => {
  test('the usual pot, in the order of the work', () => {
    expect(kinds(tasks())).toEqual([
      'trim',
      'chop',
      'sear',
      'pot',
      'cool',
      'pull',
      'strain',
      'skim',
      'together',
      'plates',
    ]);
  });

  test('each choice brings its task, and what follows waits for it', () => {
    const all = tasks({
      steps: [{ what: 'marinade' }, { what: 'stand out' }],
      skim: 'settle',
      reduceTo: { text: '300 ml', lo: 300, hi: 300 },
    });
    expect(kinds(all)).toEqual(expect.arrayContaining(['marinate', 'stand', 'settle', 'reduce']));
    expect(before(of(all, 'stand'))).toEqual(['marinate']);
    expect(before(of(all, 'skim'))).toEqual(['settle']);
    expect(before(of(all, 'reduce'))).toEqual(['skim']);
    expect(before(of(all, 'together'))).toEqual(['pull', 'reduce']);
  });

  test('the cook’s own list has the say: another order, what it drops, and what it adds', () => {
    const step = (what: AfterStep['what'], more: Partial<AfterStep> = {}): AfterStep => ({
      id: what,
      what,
      ...more,
    });
    const down = { text: '300 ml', lo: 300, hi: 300 };
    const own = [
      step('skim'),
      step('lift'),
      step('boil down', { to: down }),
      step('thicken'),
      step('pull'),
      step('dress'),
    ];
    const all = tasks({ after: own, strain: true });
    expect(kinds(all)).toEqual(expect.arrayContaining(['skim', 'reduce', 'after', 'pull', 'together']));
    expect(kinds(all)).not.toContain('strain');
    expect(before(of(all, 'skim'))).toEqual(['pot']);
    expect(before(of(all, 'reduce'))).toEqual(['skim']);
    expect(before(of(all, 'pull'))).toEqual(['pot']);
    expect(before(of(all, 'together'))).toEqual(['pull', 'after thicken']);
  });

  test('pulled in its pot it is never lifted, and pulling waits for the spoon', () => {
    const all = tasks({ after: [...afterBy('in the pot')] });
    expect(of(all, 'pot').parts.map(({ does }) => does.what)).not.toContain('lift');
    expect(kinds(all)).not.toContain('cool');
    expect(before(of(all, 'pull'))).toEqual(['pot', 'skim']);
    expect(of(all, 'pull').minutes).toBeLessThan(0.5 * of(tasks(), 'pull').minutes);
  });

  test('chilled overnight it is pulled, strained and cooled in one go, with nothing between', () => {
    const all = tasks({ skim: 'chill' });
    expect(kinds(all)).not.toContain('pull');
    const { parts } = of(all, 'chill');
    expect(parts.map(({ does }) => does.what)).toEqual(['pull', 'strain', 'cool fast', 'chills']);
    for (const [i, part] of parts.entries()) {
      const last = parts[i - 1];
      if (last) expect(part.from - (last.from + last.minutes)).toBeLessThan(5);
    }
    expect(before(of(all, 'skim'))).toEqual(['chill']);
  });

  test('a pot on the heat is one task from its aromatics to its lifting, its oven heated beside it', () => {
    const pot = of(tasks(), 'pot');
    const parts = pot.parts.map(({ does }) => does.what);
    expect(parts[0]).toMatch(/^(soften|heat the oven)$/);
    expect(parts.at(-1)).toBe('lift');
    expect(pot.needs.map(({ kind }) => kind)).toEqual(['vessel', 'burner', 'oven']);
    const fire = pot.parts.find(({ does }) => does.what === 'heat the oven');
    expect((fire?.from ?? 0) + 15).toBeLessThanOrEqual((pot.lidOn ?? 0) + 1e-9);
    const slow = tasks({
      cook: [{ id: 'heat2', heat: 'slow cooker', setting: 'low', lid: 'on', vessel: 'slow-cooker' }],
    });
    expect(of(slow, 'pot').needs.map(({ kind }) => kind)).toContain('slow cooker base');
    const stove = tasks({ cook: [{ id: 'heat', heat: 'stove', lid: 'on' }] });
    expect(of(stove, 'pot').parts.some(({ does }) => does.what === 'round')).toBe(true);
  });

  test('what was weighed leaves its tasks behind', () => {
    expect(kinds(tasks({ lidOn: NOW }))[0]).toBe('pot');
    expect(kinds(tasks({}, [weighedEntry({ what: 'sum', flow: 'cooked' }, 1300)]))[0]).toBe('pull');
    expect(kinds(tasks({}, [weighedEntry({ what: 'sum', flow: 'shred' }, 800)]))[0]).toBe('strain');
    const jugged = [
      weighedEntry({ what: 'sum', flow: 'shred' }, 800),
      weighedEntry({ what: 'sum', flow: 'liquid' }, 900),
    ];
    expect(kinds(tasks({}, jugged))).toEqual(['together', 'plates']);
  });
});

describe('how far a batch has come', () => {
  const nothing = {
    lidOn: false,
    meatWeighed: false,
    shredWeighed: false,
    liquidWeighed: false,
    strain: true,
    ticked: () => false,
  };
  const none: Milestones = { hot: false, lifted: false, pulled: false, skimmed: false, jugged: false };

  test('cooked meat on the scale has been hot and is out; a tick says as much', () => {
    expect(milestonesOf(nothing)).toEqual(none);
    expect(milestonesOf({ ...nothing, meatWeighed: true })).toEqual({ ...none, hot: true, lifted: true });
    expect(milestonesOf({ ...nothing, ticked: (kind) => kind === 'pot' })).toMatchObject({ lifted: true });
  });

  test('skimmed by ticks is not yet in the jug: boiling it down may still come', () => {
    const ticked = (kind: BatchTaskKind) => kind === 'strain' || kind === 'skim';
    const skimmed = milestonesOf({ ...nothing, ticked });
    expect(skimmed).toMatchObject({ skimmed: true, jugged: false });
    expect(overOf(skimmed, ticked).has('reduce')).toBe(false);
    expect(milestonesOf({ ...nothing, ticked: (kind) => kind === 'skim' }).skimmed).toBe(false);
  });
});

test('a task’s name in a file is its batch or dish and its kind', () => {
  expect(taskId({ kind: 'trim', batch: 'pot' })).toBe('pot|trim');
  expect(taskId({ kind: 'plates', dish: 'tacos' })).toBe('plates|tacos');
  expect(taskId({ kind: 'own', own: 'trays' })).toBe('own|trays');
});
