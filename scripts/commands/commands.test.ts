import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@jest/globals';
import { demoLog } from '@/app/demo/demoLog.ts';
import { usualKitchen } from '@/core/meal/index.ts';
import { readMealFile, writeMealFile } from '@/core/meal/file/index.ts';
import { writeBackupHead, writeBackupMeal } from '@/core/meal/file/backup.ts';
import { learnt } from './learn.ts';
import { linesRead } from './read.ts';
import { reckoned } from './reckon.ts';
import { said } from './said.ts';

const folder = mkdtempSync(join(tmpdir(), 'slow-spoon-'));
const put = (name: string, text: string): string => {
  const path = join(folder, name);
  writeFileSync(path, text);
  return path;
};
const commands = { learn: learnt, read: linesRead, reckon: reckoned };
const run = (command: keyof typeof commands, ...words: readonly string[]) => said(commands[command], words);

interface Figure {
  readonly what: string;
  readonly n: number;
  readonly published: number;
  readonly mean: number;
  readonly p10: number;
  readonly p90: number;
}
interface Taught {
  readonly batches: number;
  readonly cuts: readonly { readonly cut: string; readonly learned: readonly Figure[] }[];
  readonly kitchen: readonly Figure[];
}

test('learn prints of each cut, and of all else, what is published, what is had here, and the next', async () => {
  const past = demoLog(Date.UTC(2026, 10, 27, 14), 'Europe/Amsterdam');
  const lines = [
    writeBackupHead({ kitchen: usualKitchen, meals: past.length }),
    ...past.map(({ meal, batches, entries }) =>
      writeBackupMeal({ made: 1, meal, batches: [...batches], entries: [...entries] }),
    ),
  ];
  const { status, stdout, stderr } = await run('learn', put('backup.txt', `${lines.join('\n')}\n`));
  expect({ status, stderr }).toEqual({ status: 0, stderr: '' });
  const taught = JSON.parse(stdout) as Taught;
  // One of the eleven was left out by hand.
  expect(taught.batches).toBe(10);
  expect(taught.cuts.map(({ cut }) => cut).sort()).toEqual([
    'beef-blade-roast',
    'beef-shank',
    'lamb-shoulder',
  ]);
  for (const { learned } of taught.cuts) {
    expect(learned.map(({ what }) => what).sort()).toEqual(['pickings', 'tender', 'y']);
    for (const { n, p10, mean, p90 } of learned) {
      expect(n).toBeGreaterThan(0);
      expect(p10).toBeLessThan(mean);
      expect(mean).toBeLessThan(p90);
    }
  }
  expect([...new Set(taught.kitchen.map(({ what }) => what))].sort()).toEqual([
    'pull',
    'scoop',
    'soak',
    'steam',
    'task',
  ]);
});

test('reckon goes by what the kitchen of the file had learned, as the app does', async () => {
  const text = readFileSync('examples/one-lot.json', 'utf8');
  const reading = readMealFile(text);
  if (!reading.ok) throw new Error(reading.error);
  const cut = reading.file.batches[0]?.lots[0]?.cut ?? '';
  const taught = writeMealFile({
    ...reading.file,
    learned: {
      batches: 8,
      figures: [{ what: 'y', of: cut, n: 8, mean: Math.log(0.9), shared: 0.01, own: 0.02 }],
    },
  });
  const shred = async (path: string) => {
    const { stdout } = await run('reckon', path);
    const { batches } = JSON.parse(stdout) as {
      batches: { meat: { shredG: { mid: number; p10: number; p90: number } } }[];
    };
    return batches[0]?.meat.shredG ?? { mid: NaN, p10: NaN, p90: NaN };
  };
  const plain = await shred('examples/one-lot.json');
  const here = await shred(put('taught.json', taught));
  expect(here.mid / plain.mid).toBeGreaterThan(0.86);
  expect(here.mid / plain.mid).toBeLessThan(0.94);
  expect(here.p90 - here.p10).toBeLessThan(0.9 * (plain.p90 - plain.p10));
});

test.each([
  ['learn', [], 'Say which backup: ./slow-spoon learn BACKUP\n'],
  ['learn', ['nowhere.txt'], /^nowhere\.txt cannot be opened: /],
  ['learn', ['examples/one-lot.json'], /one-lot\.json: This is not a Slow Spoon backup/],
  ['read', [], 'Say which file: ./slow-spoon read FILE\n'],
  ['read', ['nowhere.txt'], /^nowhere\.txt cannot be opened: /],
  ['reckon', [], 'Say which file: ./slow-spoon reckon FILE [--at 2026-12-05T18:00]'],
  ['reckon', ['package.json'], /^package\.json: This is not a Slow Spoon meal/],
] as const)('%s %j is refused in one sentence', async (command, args, words) => {
  const { status, stdout, stderr } = await run(command, ...args);
  expect({ status, stdout }).toEqual({ status: 2, stdout: '' });
  expect(stderr).toMatch(words);
  expect(stderr.trim().split('\n')).toHaveLength(1);
});

test('a command is a program of its own: what it answers on standard output, what it refuses on standard error', () => {
  const program = (...words: readonly string[]) =>
    spawnSync(process.execPath, ['--import', 'tsx', 'scripts/command.ts', ...words], {
      encoding: 'utf8',
      env: { ...process.env, NODE_OPTIONS: '' },
    });
  const { status, stdout } = program('read', put('recipe.txt', '2 onions, chopped\n'));
  expect(status).toBe(0);
  expect(JSON.parse(stdout)).toHaveLength(1);
  const refused = program('read', 'nowhere.txt');
  expect([refused.status, refused.stdout]).toEqual([2, '']);
  expect(refused.stderr).toMatch(/^nowhere\.txt cannot be opened: .*\n$/);
}, 60_000);

interface Event {
  readonly sittings: readonly { readonly id: string; readonly lacks: { readonly g: number } }[];
  readonly short: readonly { readonly sitting: string; readonly ways: readonly unknown[] }[];
  readonly cost: {
    readonly total: number;
    readonly lines: readonly { readonly of: string; readonly cost: number }[];
    readonly losses: readonly { readonly cost: number }[];
  };
  readonly split: Readonly<
    Record<'pots' | 'outside', readonly { readonly batch: string; readonly g: number }[]>
  >;
  readonly allergens: readonly { readonly sitting: string }[];
}

test('reckon prints of an event what is short, how its meat is dealt, what it costs and who must not eat what', async () => {
  const { status, stdout } = await run('reckon', 'examples/lantern-weekend.json');
  expect(status).toBe(0);
  const { event } = JSON.parse(stdout) as { readonly event: Event };
  const sum = (all: readonly number[]) => all.reduce((total, one) => total + one, 0);
  const lacking = event.sittings.filter(({ lacks }) => lacks.g > 0).map(({ id }) => id);
  expect(lacking.length).toBeGreaterThan(0);
  expect(event.short.map(({ sitting }) => sitting)).toEqual(lacking);
  expect(event.short[0]?.ways.length).toBeGreaterThan(0);
  // 18 kg of beef, 22 of shank, 13 of lamb: all of each lies in a pot, or outside.
  const { pots, outside } = event.split;
  const dealtOf = ({ batch, g }: (typeof outside)[number]) =>
    g + sum(pots.filter((pot) => pot.batch === batch).map((pot) => pot.g));
  expect(outside.map(dealtOf).map((g) => Math.round(g / 10) * 10)).toEqual([18_000, 22_000, 13_000]);
  const { lines, losses, total } = event.cost;
  expect(sum(lines.map(({ cost }) => cost))).toBeCloseTo(total, 6);
  const meat = sum(lines.filter(({ of }) => of === 'meat').map(({ cost }) => cost));
  expect(sum(losses.map(({ cost }) => cost))).toBeCloseTo(meat, 6);
  expect(new Set(event.allergens.map(({ sitting }) => sitting)).size).toBe(event.sittings.length);
});
