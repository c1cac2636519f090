import 'fake-indexeddb/auto';
import { afterEach, expect, jest, test } from '@jest/globals';
import { dateOf, momentOf, writeClock } from '@/core/clock/index.ts';
import { openDb } from '@/store/db.ts';
import { clockNow, readClock } from './clock.ts';
import { ensureDemo, putDemoBack } from './demo.ts';

const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
const HOUR = 3_600_000;
afterEach(() => {
  jest.restoreAllMocks();
});

test.each(['06:10', '14:00', '22:05', '23:59'])(
  'the demo’s clock stands at three before a supper at six, put in at %s, and runs on through a reload',
  async (hour) => {
    const here = momentOf({ local: `2026-11-27T${hour}`, zone }) ?? NaN;
    const machine = jest.spyOn(Date, 'now').mockReturnValue(here);
    const db = openDb(`demo at ${hour}`);
    await ensureDemo(db);
    expect(writeClock(clockNow(), zone)).toBe('15:00');
    const [row] = await db.meals.toArray();
    expect(row?.meal.serving?.local).toBe(`${dateOf(here, zone)}T18:00`);
    machine.mockReturnValue(here + HOUR);
    await readClock(db);
    expect(writeClock(clockNow(), zone)).toBe('16:00');
    await putDemoBack(db);
    expect(writeClock(clockNow(), zone)).toBe('15:00');
    db.close();
  },
);
