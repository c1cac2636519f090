/**
 * Tries for some minutes to lose something: kills the browser, spoils files, refuses writes, edits for long.
 * `./slow-spoon storm [minutes]`; SEED in the environment repeats a storm.
 */
import { spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { comingInStorm } from './comingIn.ts';
import { faultStorm } from './faults.ts';
import { killStorm } from './kills.ts';
import { randomOf } from './random.ts';
import { soak } from './soak.ts';
import { upgradeStorm } from './upgrades.ts';

const dist = fileURLToPath(new URL('../../dist', import.meta.url));
const minutes = Number(process.argv[2] ?? 10);
if (!(minutes > 0 && minutes <= 24 * 60)) {
  process.stderr.write(`“${process.argv[2] ?? ''}” is no number of minutes; write one from 1 to 1440.\n`);
  process.exit(2);
}
const seed = Number(process.env.SEED ?? Date.now() % 1_000_000_000);
const random = randomOf(seed);
const say = (words: string) => process.stdout.write(`${words}\n`);
const faults: string[] = [];
const MINUTE_MS = 60_000;
/** Files in a minute, on this machine's core; one in forty of those reckoned is reckoned whole. */
const MUTANTS_A_MINUTE = 12_000;

say(`seed ${seed}, ${minutes} minutes`);

const until = (share: number) => {
  const end = Date.now() + share * minutes * MINUTE_MS;
  return () => Date.now() > end;
};

const { kills, confirmed, confirmedBy, lost, loose } = await killStorm(dist, random, until(0.4));
say(`killed ${kills} times: ${lost.length} of ${confirmed} confirmed acts lost, ${loose.length} rows loose`);
faults.push(...lost, ...loose);
// Once each has had its turns, one that was never kept was never tried.
if (kills > 3 * Object.keys(confirmedBy).length)
  for (const [what, n] of Object.entries(confirmedBy)) if (n === 0) faults.push(`“${what}” was never kept`);

const upgraded = await upgradeStorm(dist, random, until(0.1));
say(`killed ${upgraded.kills} times while an older store was brought over: ${upgraded.faults.length} faults`);
const cameIn = await comingInStorm(dist, random, until(0.1));
say(
  `killed ${cameIn.kills} times while a backup came in: ${cameIn.whole} whole, ${cameIn.nothing} nothing, ${cameIn.faults.length} faults`,
);
faults.push(...upgraded.faults, ...cameIn.faults);

const faulted = await faultStorm(dist, random, Math.round(40 * minutes));
say(
  `${faulted.edits} edits with ${faulted.refused} writes refused: wrote ${faulted.wrote}, stands ${faulted.stands}`,
);
if (faulted.stands !== faulted.wrote)
  faults.push(`after refused writes ${faulted.stands} stands for ${faulted.wrote}`);
faults.push(...faulted.loose);

const edits = Math.max(200, Math.min(2_000, Math.round(200 * minutes)));
const { beforeMb, afterMb } = await soak(dist, edits);
say(`${edits} edits: ${beforeMb.toFixed(1)} MB before, ${afterMb.toFixed(1)} MB a minute after`);
if (afterMb > beforeMb * 1.1 + 1)
  faults.push(`${edits} edits left ${(afterMb - beforeMb).toFixed(1)} MB behind`);

const mutants = Math.max(3_000, Math.round(0.25 * minutes * MUTANTS_A_MINUTE));
const jest = spawnSync(
  process.execPath,
  ['node_modules/jest/bin/jest.js', 'src/core/meal/file/mutants.test.ts', '--silent'],
  {
    env: {
      ...process.env,
      NODE_OPTIONS: '--experimental-vm-modules --disable-warning=ExperimentalWarning',
      MUTANTS: String(mutants),
    },
    encoding: 'utf8',
  },
);
say(
  `${mutants} spoilt files: ${jest.status === 0 ? 'each refused in a sentence, or taken and reckoned' : 'NOT WELL'}`,
);
if (jest.status !== 0) faults.push(jest.stderr);

for (const fault of faults) say(`LOST  ${fault}`);
say(faults.length === 0 ? 'nothing was lost' : `${faults.length} faults; SEED=${seed} repeats them`);
process.exit(faults.length === 0 ? 0 : 1);
