/**
 * Runs every check and ends with one line, "N passed, N failed". Each linter counts as one; the unit
 * and browser tests count as many as they are. Two things run at a time, for two cores: the checks stand
 * beside the unit tests; the browser tests, and then what is measured, have both cores to themselves.
 *
 * With SLOW_SPOON_CHECK=1 it is the check: random tests are tried in full with seeds of their own, the application on the
 * library's build for development too, and the types by the compiler that is released.
 */
import { spawn } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

interface Counts {
  passed: number;
  failed: number;
}
type Env = Readonly<Record<string, string>>;

const isCheck = process.env.SLOW_SPOON_CHECK === '1';
const bin = (path: string) => join('node_modules', path);
const report = (name: string) => join(tmpdir(), `slow-spoon-${name}-${process.pid}.json`);

/** Runs a script and says how it went once it has ended, with all that it said. */
function run(name: string, script: string, args: readonly string[], env: Env = {}): Promise<boolean> {
  const began = Date.now();
  const child = spawn(process.execPath, [script, ...args], { env: { ...process.env, ...env } });
  const said: Buffer[] = [];
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (part: Buffer) => said.push(part));
  return new Promise((resolve) => {
    child.on('close', (code) => {
      const well = code === 0;
      const seconds = ((Date.now() - began) / 1000).toFixed(1);
      const words = Buffer.concat(said).toString();
      process.stdout.write(`\n· ${name}\n${words}  ${well ? 'well' : 'NOT WELL'}, ${seconds} s\n`);
      resolve(well);
    });
  });
}

const check = async (name: string, script: string, args: readonly string[]): Promise<Counts> =>
  (await run(name, script, args)) ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };

/** A runner that writes its counts as JSON; one that could not even start has failed once. */
async function suite(
  name: string,
  script: string,
  args: readonly string[],
  env: Env,
  file: string,
  count: (json: unknown) => Counts,
): Promise<Counts> {
  rmSync(file, { force: true });
  const well = await run(name, script, args, env);
  try {
    const { passed, failed } = count(JSON.parse(readFileSync(file, 'utf8')));
    return { passed, failed: Math.max(failed, well ? 0 : 1) };
  } catch {
    return { passed: 0, failed: 1 };
  }
}

/** A port that nobody holds: a server left running elsewhere must not fail the run. */
function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.on('error', reject);
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });
}

/** One after the other, on one core. */
async function checks(): Promise<Counts[]> {
  const cruise = ['--config', '.dependency-cruiser.cjs', 'src', 'server', 'scripts', 'speed'];
  return [
    ...(isCheck ? [await check('types, as released', bin('typescript/bin/tsc'), ['--noEmit'])] : []),
    await check('format', bin('oxfmt/bin/oxfmt'), ['--check', '.']),
    await check('types', bin('@typescript/native-preview/bin/tsgo'), ['--noEmit']),
    await check('types of the offline worker', bin('@typescript/native-preview/bin/tsgo'), [
      '--noEmit',
      '-p',
      'src/offline',
    ]),
    await check('architecture', bin('dependency-cruiser/bin/dependency-cruise.mjs'), cruise),
    await check('nothing unused', bin('knip/bin/knip.js'), []),
    await check('the file format is as documented', bin('tsx/dist/cli.mjs'), [
      'scripts/file-format.ts',
      '--check',
    ]),
    await check('the numbers are as documented', bin('tsx/dist/cli.mjs'), ['scripts/numbers.ts', '--check']),
    await check('a host’s headers are as documented', bin('tsx/dist/cli.mjs'), [
      'scripts/host.ts',
      '--check',
    ]),
    await check('the cautions are as documented', bin('tsx/dist/cli.mjs'), [
      'scripts/cautions.ts',
      '--check',
    ]),
    await check('lint', bin('oxlint/bin/oxlint'), ['--deny-warnings']),
  ];
}

function unitTests(name = 'unit tests', only: readonly string[] = [], env: Env = {}): Promise<Counts> {
  const file = report('unit');
  return suite(
    name,
    bin('jest/bin/jest.js'),
    [...only, '--maxWorkers=3', '--json', `--outputFile=${file}`],
    {
      DEBUG_PRINT_LIMIT: '0',
      ...env,
      NODE_OPTIONS: '--experimental-vm-modules --disable-warning=ExperimentalWarning',
    },
    file,
    (json) => {
      const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = json as Record<string, number>;
      return {
        passed: numPassedTests ?? 0,
        failed: (numFailedTests ?? 0) + (numRuntimeErrorTestSuites ?? 0),
      };
    },
  );
}

async function browserTests(): Promise<Counts> {
  const file = report('browser');
  const [own, demo] = [await freePort(), await freePort()];
  const env = { PLAYWRIGHT_JSON_OUTPUT_FILE: file, OWN_PORT: String(own), DEMO_PORT: String(demo) };
  const playwright = bin('@playwright/test/cli.js');
  const counts = await suite('browser tests', playwright, ['test'], env, file, (json) => {
    const { stats } = json as { stats: { expected: number; unexpected: number; flaky: number } };
    return { passed: stats.expected, failed: stats.unexpected + stats.flaky };
  });
  // It has failed, whatever it does now: run once more with its trace, it can be looked at.
  if (counts.failed > 0)
    await run(
      'what failed, traced to be looked at',
      playwright,
      ['test', '--last-failed', '--trace=on'],
      env,
    );
  return counts;
}

const [checked, tested] = await Promise.all([checks(), unitTests()]);
const developed = isCheck
  ? [
      await unitTests('the application, as developed', ['--selectProjects=app'], {
        SLOW_SPOON_REACT: 'development',
      }),
    ]
  : [];
const browsed = await browserTests();
const measured = await check('as quick as it was', bin('tsx/dist/cli.mjs'), ['scripts/gate.ts']);
const all = [...checked, tested, ...developed, browsed, measured];
const sum = (of: keyof Counts) => all.reduce((total, counts) => total + counts[of], 0);
process.stdout.write(`\n${sum('passed')} passed, ${sum('failed')} failed\n`);
process.exitCode = sum('failed') === 0 ? 0 : 1;
