import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { screen, within } from '../../../testing/dom.ts';
import { batchOf, dishOf, inputOf, lotOf } from '@/core/testing/meals.ts';

const { clockAt, closePage, disk, notify, openAt, openPath, press, ring, settled, write } =
  await import('../../../testing/openApp.tsx');

const NINE = '2026-12-05T09:00:00Z';
const meal = inputOf([batchOf([lotOf('beef-shank', 2000)])], [dishOf('taco', 12)]);
beforeEach(() => clockAt(NINE));
afterEach(() => {
  closePage();
  jest.restoreAllMocks();
  jest.clearAllMocks();
});

/** Opens the clock with a timer that was started at nine. */
async function withTimer(minutes: string): Promise<void> {
  await openAt('clock', meal);
  await press('what rings');
  await write('Timer for', 'Eggs');
  await write('rings after', minutes);
  await press('Start it');
}
const timers = async () => within(await screen.findByRole('complementary', { name: 'Timers' }));

describe('a timer', () => {
  test('runs on every page, as minutes and seconds, or hours', async () => {
    await withTimer('20 min');
    expect((await timers()).getByText('20:00')).toBeTruthy();
    closePage();
    clockAt('2026-12-05T09:05:30Z');
    await openPath('/kitchen');
    expect((await timers()).getByText('14:30')).toBeTruthy();
    closePage();
    await withTimer('1 h 30 min');
    expect((await timers()).getByText(/^1:\d\d:\d\d$/)).toBeTruthy();
  });

  test('rings when its time is up, once, and may be given five minutes more', async () => {
    await withTimer('20 min');
    closePage();
    clockAt('2026-12-05T09:20:01Z');
    await openPath('/meals');
    const alarm = within(await (await timers()).findByRole('alert'));
    expect(alarm.getByText('time is up')).toBeTruthy();
    expect(ring).toHaveBeenCalledTimes(1);
    expect(notify).toHaveBeenCalledWith('Eggs: time is up');
    await press('5 min more');
    expect((await timers()).getByText('05:00')).toBeTruthy();
    expect(await disk.timers.toArray()).toMatchObject([{ name: 'Eggs', rung: 0 }]);
  });

  test('that rang while nobody was here says so, and makes no noise any more', async () => {
    await withTimer('20 min');
    closePage();
    clockAt('2026-12-05T09:50:00Z');
    await openPath('/meals');
    expect(await (await timers()).findByText('rang 30 min ago')).toBeTruthy();
    expect(ring).not.toHaveBeenCalled();
    await press('Stop the timer Eggs');
    expect(await disk.timers.count()).toBe(0);
  });

  test('without a time it cannot be started, and without a name it has one', async () => {
    await openAt('clock', meal);
    await press('what rings');
    await write('rings after', 'a while');
    expect(screen.getByRole('button', { name: 'Start it' })).toHaveProperty('disabled', true);
    await write('rings after', '5 min');
    await press('Start it');
    await settled();
    expect(await disk.timers.toArray()).toMatchObject([{ name: 'Timer', minutes: 5 }]);
  });
});

describe('what the plan rings', () => {
  const hot = inputOf(
    [batchOf([lotOf('beef-shank', 2000)], { lidOn: Date.parse(NINE) })],
    [dishOf('taco', 12)],
  );
  const list = async () => within(await screen.findByRole('list', { name: 'What will ring, in order' }));

  test('comes by itself from the lid on, in order, and each may be put off or left out', async () => {
    await openAt('clock', hot);
    await settled();
    await press('what rings');
    const rows = (await list()).getAllByRole('listitem').map(({ textContent }) => textContent);
    expect(rows[0]).toMatch(/Test with a fork/);
    expect(rows.at(-1)).toMatch(/Lift out the meat/);
    const [before] = (await disk.timers.orderBy('ends').toArray()).map(({ ends }) => ends);
    await press(/^10 min later: Test with a fork/);
    await settled();
    const moved = await disk.timers.filter(({ heard }) => heard === 'later').toArray();
    expect(moved.map(({ ends }) => Math.round((ends - (before ?? 0)) / 60_000))).toEqual([10]);
  });

  test('rings on any page, says what for, is silent where that was chosen, and is gone once it was heard', async () => {
    await openAt('clock', hot);
    await settled();
    const [first] = await disk.timers.orderBy('ends').toArray();
    closePage();
    clockAt(new Date((first?.ends ?? 0) + 1000).toISOString());
    await openPath('/meals');
    const alarm = within(await (await timers()).findByRole('alert'));
    expect(alarm.getByText(/^Test with a fork/)).toBeTruthy();
    expect(ring).toHaveBeenCalledTimes(1);
    await press(/^Heard: Test with a fork/);
    await settled();
    expect(screen.queryByRole('complementary', { name: 'Timers' })).toBeNull();
  });
});
