/**
 * Runs every check and ends with one line, "N passed, N failed". Each linter counts as one; the unit
 * and browser tests count as many as they are.
 */
import { spawnSync } from 'node:child_process';
import { readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

interface Counts {
  passed: number;
  failed: number;
}
const all: Counts = { passed: 0, failed: 0 };
const bin = (path: string) => join('node_modules', path);

function run(
  name: string,
  script: string,
  args: readonly string[],
  env: Record<string, string> = {},
): boolean {
  const began = Date.now();
  process.stdout.write(`\n· ${name}\n`);
  const { status } = spawnSync(process.execPath, [script, ...args], {
    stdio: 'inherit',
    env: { ...process.env, ...env },
  });
  process.stdout.write(
    `  ${status === 0 ? 'well' : 'NOT WELL'}, ${((Date.now() - began) / 1000).toFixed(1)} s\n`,
  );
  return status === 0;
}

function check(name: string, script: string, args: readonly string[]): void {
  if (run(name, script, args)) all.passed += 1;
  else all.failed += 1;
}

/** A runner that writes its counts as JSON; one that could not even start has failed once. */
function suite(
  name: string,
  script: string,
  args: readonly string[],
  env: Record<string, string>,
  report: string,
  count: (json: unknown) => Counts,
): void {
  rmSync(report, { force: true });
  const well = run(name, script, args, env);
  try {
    const { passed, failed } = count(JSON.parse(readFileSync(report, 'utf8')));
    all.passed += passed;
    all.failed += Math.max(failed, well ? 0 : 1);
  } catch {
    all.failed += 1;
  }
}

check('format', bin('prettier/bin/prettier.cjs'), ['--check', '--log-level', 'warn', '.']);
check('lint', bin('eslint/bin/eslint.js'), [
  '.',
  '--max-warnings',
  '0',
  '--cache',
  '--cache-location',
  bin('.cache/eslint/'),
]);
check('types', bin('typescript/bin/tsc'), ['--noEmit']);
check('architecture', bin('dependency-cruiser/bin/dependency-cruise.mjs'), [
  '--config',
  '.dependency-cruiser.cjs',
  'src',
  'server',
  'scripts',
]);
check('nothing unused', bin('knip/bin/knip.js'), []);
check('the file format is as documented', bin('tsx/dist/cli.mjs'), ['scripts/file-format.ts', '--check']);

const unitReport = join(tmpdir(), `slow-spoon-unit-${process.pid}.json`);
suite(
  'unit tests',
  bin('jest/bin/jest.js'),
  ['--json', `--outputFile=${unitReport}`],
  { NODE_OPTIONS: '--experimental-vm-modules --disable-warning=ExperimentalWarning' },
  unitReport,
  (json) => {
    const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = json as Record<string, number>;
    return { passed: numPassedTests ?? 0, failed: (numFailedTests ?? 0) + (numRuntimeErrorTestSuites ?? 0) };
  },
);

const browserReport = join(tmpdir(), `slow-spoon-browser-${process.pid}.json`);
suite(
  'browser tests',
  bin('@playwright/test/cli.js'),
  ['test'],
  { PLAYWRIGHT_JSON_OUTPUT_FILE: browserReport },
  browserReport,
  (json) => {
    const { stats } = json as { stats: { expected: number; unexpected: number; flaky: number } };
    return { passed: stats.expected + stats.flaky, failed: stats.unexpected };
  },
);

process.stdout.write(`\n${all.passed} passed, ${all.failed} failed\n`);
process.exitCode = all.failed === 0 ? 0 : 1;
