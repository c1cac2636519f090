import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

/*
 * What CONTRIBUTING says a new step, a new flow and a new thing to do before and while it cooks touch is what the compiler asks
 * for: each is put into a copy of the sources, and the files that no longer fit are counted.
 */
let copy: string;
beforeAll(() => {
  copy = mkdtempSync(join(tmpdir(), 'slow-spoon-recipe-'));
  cpSync('src', join(copy, 'src'), { recursive: true });
  symlinkSync(resolve('examples'), join(copy, 'examples'));
  cpSync('tsconfig.json', join(copy, 'tsconfig.json'));
  symlinkSync(resolve('node_modules'), join(copy, 'node_modules'));
});
afterAll(() => rmSync(copy, { recursive: true, force: true }));

const change = (path: string, from: string, to: string): void => {
  const at = join(copy, path);
  const before = readFileSync(at, 'utf8');
  if (!before.includes(from)) throw new Error(`${path} no longer says ${from}`);
  writeFileSync(at, before.replace(from, to));
};
const step = (name: string, weighs: string) => `import { stepKind } from '../kind.ts';
export const ${name} = stepKind({ fields: {}, works: 'liquid', inDay: { minutes: 5 }, weighs: ${weighs} });
`;

/** By the name that was put in: the files of the program, not of its tests, in which the compiler misses it. */
function asked(): Readonly<Record<string, readonly string[]>> {
  const { stdout } = spawnSync(process.execPath, [resolve('node_modules', COMPILER), '--noEmit'], {
    cwd: copy,
    encoding: 'utf8',
  });
  const missed = stdout.split(/^(?=\S+\(\d+,\d+\): error)/m).flatMap((fault) => {
    const [, file = ''] = /^(\S+?)\(/.exec(fault) ?? [];
    const names = Object.keys(EXPECTED).filter((name) => new RegExp(`\\b${name}\\b`).test(fault));
    return file.includes('.test.') ? [] : names.map((name) => [name, file] as const);
  });
  return Object.fromEntries(
    Object.keys(EXPECTED).map((name) => [
      name,
      [...new Set(missed.filter(([of]) => of === name).map(([, file]) => file))].sort(),
    ]),
  );
}
const COMPILER = '@typescript/native-preview/bin/tsgo';

/** What each asks for, beside its own file and its row. */
const EXPECTED: Readonly<Record<string, readonly string[]>> = {
  // A step: its words and its screen, each a file and a row.
  ferment: ['src/app/stages/bench/at/index.ts', 'src/words/steps/index.ts'],
  // One at which something is weighed: what is likely to lie on the scale, too.
  press: [
    'src/app/stages/bench/at/index.ts',
    'src/core/answers/light/expected.ts',
    'src/words/steps/index.ts',
  ],
  // A flow that a cook can weigh, of the liquid or of a lot: that nobody has weighed it yet, and its word.
  scraped: ['src/core/broth/liquid.ts', 'src/words/weighedAs.ts'],
  gnawed: ['src/core/meat/lot.ts', 'src/words/weighedAs.ts'],
  // What is done before the pan, at intervals, and becomes of a thing in the pot: its words. What is done to an ingredient is its word.
  weighted: ['src/words/before.ts'],
  flip: ['src/words/doing.ts'],
  fished: ['src/words/fates.ts'],
  scored: [],
  crushed: [],
};

test('a new step is a file and a row, a new flow a row; the compiler asks for the rest, and for no more', () => {
  for (const [name, weighs] of [
    ['ferment', 'undefined'],
    ['press', "'pickings'"],
  ] as const) {
    writeFileSync(join(copy, `src/core/work/steps/${name}.ts`), step(name, weighs));
    const register = 'src/core/work/steps/index.ts';
    change(register, 'import { hold }', `import { ${name} } from './${name}.ts';\nimport { hold }`);
    change(register, '  hold,\n', `  hold,\n  ${name},\n`);
  }
  change(
    'src/core/ledger/flows.ts',
    '  setApart: {',
    `  scraped: { from: 'liquid', to: 'bin', stage: 'broth', of: 'batch', weighable: true, strand: 'strained' },
  gnawed: { from: 'bench', to: 'bin', stage: 'bench', of: 'lot', weighable: true, strand: 'pickings' },
  setApart: {`,
  );
  for (const [register, first, row] of [
    ['before/index.ts', "  'dry brine': {", "  weighted: { task: 'stand', minutes: 20 },"],
    ['during/rounds.ts', '  turn: {', '  flip: { every: 30, inSmoke: true },'],
    ['items/fates.ts', '  stays: {', "  fished: { with: 'lifted', hands: 'lifts' },"],
    ['items/preps.ts', '  peeled: {', '  scored: { off: 0, takes: times },'],
    ['items/ways.ts', '  toasted: {', "  crushed: { inDay: { task: 'toast', pieces: { grind: 3 } } },"],
  ] as const)
    change(`src/core/work/${register}`, first, `${row}\n${first}`);
  expect(asked()).toEqual(EXPECTED);
});
