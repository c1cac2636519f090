import 'fake-indexeddb/auto';
import { afterEach, expect, jest, test } from '@jest/globals';
import { dateOf, momentOf, writeClock } from '@/core/clock/index.ts';
import { readMealFile } from '@/core/meal/file/index.ts';
import { openDb } from '@/store/db.ts';
import { coreWorker } from '@/workers/core.ts';
import supper from '../../../examples/lantern-supper.json' with { type: 'json' };

jest.unstable_mockModule('@/workers/logger.ts', () => ({
  startLogger: () => ({
    digester: (meals: never) => coreWorker().digests(meals),
    stop: () => undefined,
  }),
}));
const { clockNow, readClock } = await import('../browser/clock.ts');
const { ensureDemo, putDemoBack } = await import('./demo.ts');

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

test('the supper that ships is a file like any other: read as one it is what it is', () => {
  const reading = readMealFile(JSON.stringify(supper));
  if (!reading.ok) throw new Error(reading.error);
  expect(reading.file).toEqual(supper);
});
