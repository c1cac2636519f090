import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';
import { openMeal } from '@/core/model/index.ts';
import { answer } from '@/core/answers/index.ts';
import { screen, within } from '../../../testing/dom.ts';
import {
  clockAt,
  closePage,
  disk,
  openAt,
  press,
  settled,
  sheet,
  stored,
  takeBack,
  tap,
  write,
} from '../../../testing/openApp.tsx';

describe('a task, opened', () => {
  beforeEach(() => clockAt('2026-12-05T09:00:00Z'));
  afterEach(() => {
    closePage();
    jest.restoreAllMocks();
  });

  const own = {
    id: 'trays',
    words: 'Fetch the trays',
    minutes: { text: '20 min', lo: 20, hi: 20 },
    when: 'any time' as const,
  };
  const bare = inputOf([batchOf([lotOf('beef-shank', 2000)])], [dishOf('taco', 12)]);
  const input = {
    ...bare,
    meal: {
      ...bare.meal,
      serving: { local: '2026-12-05T18:00', zone: 'UTC' },
      day: { tasks: [own] },
    },
  };
  const open = async (words: RegExp) => {
    const day = within(screen.getByRole('list', { name: 'The day, in order' }));
    await tap(day.getByRole('button', { name: words }));
  };
  const done = async () => (await stored()).entries.at(-1);

  test('begun now, its minutes are those since; and what the cook says it took stands', async () => {
    await openAt('clock', input);
    await open(/Trim, cut and salt/);
    expect(sheet()).toMatch(/\d\d:\d\d to \d\d:\d\d/);
    expect(screen.queryByRole('button', { name: 'remove it' })).toBeNull();
    await press('Begin now');
    clockAt('2026-12-05T09:25:00Z');
    // Looked at again, a page knows the time.
    document.dispatchEvent(new Event('visibilitychange'));
    await settled();
    expect(screen.getByLabelText('it took').getAttribute('placeholder')).toBe('25 min');
    await press('Done');
    expect(await done()).toMatchObject({
      batch: 'pot',
      measures: { what: 'done', task: 'pot|trim' },
      value: { lo: 25 },
    });
    await takeBack('a task that is done');
    await write('it took', '40');
    await press('Done');
    expect(await done()).toMatchObject({ value: { lo: 40 } });
  });

  test('a tick alone, and a start that was only planned, have no minutes', async () => {
    const pins = { 'pot|trim': Date.parse('2026-12-05T08:50:00Z') };
    for (const day of [input.meal.day, { ...input.meal.day, pins }]) {
      await openAt('clock', { ...input, meal: { ...input.meal, day } });
      await open(/Trim, cut and salt/);
      await press('Done');
      expect(await done()).toMatchObject({ value: { text: 'done' } });
      closePage();
    }
  });

  test('a timer on it counts down its own words and minutes', async () => {
    await openAt('clock', input);
    await open(/Sear, /);
    const timer = screen.getByRole('button', { name: /^Timer, \d+ min$/ });
    const [minutes = ''] = /\d+/.exec(timer.textContent) ?? [];
    await tap(timer);
    const timers = await screen.findByRole('complementary', { name: 'Timers' });
    expect(timers.textContent).toMatch(new RegExp(`Sear, .*${minutes.padStart(2, '0')}:00`));
    await disk.timers.clear();
  });

  test('one of the cook’s own that was timed before is answered with what it took, for a tap', async () => {
    const { renderWithMeal } = await import('../../../testing/withMeal.tsx');
    const { LineDetails } = await import('./LineDetails.tsx');
    const figure = { what: 'task' as const, of: 'own fetch the trays', n: 3, mean: Math.log(35 / 15) };
    const learned = { batches: 3, figures: [{ ...figure, shared: 0.05, own: 0.1 }] };
    const { lines } = answer('day', openMeal({ ...input, learned }), { now: Date.now(), tries: 0 });
    const line = lines.find(({ ref }) => ref.kind === 'own');
    if (!line) throw new Error('no task of one’s own');
    renderWithMeal({ ...input, learned }, <LineDetails line={line} zone="UTC" />);
    expect(screen.getByRole('button', { name: '35 min, from 3 batches here' })).toBeTruthy();
  });

  test('one of the cook’s own takes what is written, and is taken out; a whole pot has no length to write', async () => {
    await openAt('clock', input);
    await open(/Fetch the trays/);
    await write('Takes here', '9 min');
    expect((await stored()).meal.day?.minutes).toMatchObject({ 'own|trays': { lo: 9 } });
    await press('remove it');
    expect((await stored()).meal.day?.tasks).toEqual([]);
    await open(/Bring to heat/);
    expect(screen.queryByLabelText('Takes here')).toBeNull();
    expect(screen.queryByRole('button', { name: 'Begin now' })).toBeNull();
  });
});
