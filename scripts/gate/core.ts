import { execFile } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';
import { build } from 'vite';
import { fails, type Table, verdictOf } from './verdict.ts';
import type { Timed } from './works.ts';

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));
const OUT = at('../../node_modules/.cache/slow-spoon/works');

/**
 * What needs no page, in a process of its own. What comes out too slow is measured again in a fresh one, twice at most, and
 * the least stands: what the engine guessed of a process's first rounds, and what else the machine did then, may make a long
 * work half as slow again for as long as the process lives.
 */
export async function coreFigures(table: Table): Promise<Timed> {
  // As the application is built: what compiles the sources as they are run names every function anew, and is timed with them.
  await build({
    configFile: false,
    publicDir: false,
    logLevel: 'error',
    resolve: { alias: { '@': at('../../src') } },
    build: { ssr: at('works.ts'), outDir: OUT, target: 'node20', minify: true, emptyOutDir: true },
    ssr: { noExternal: true, external: ['highs'] },
  });
  let { figures, told } = await apart([]);
  for (let again = 0; again < 2; again += 1) {
    const slow = figures.filter((figure) => fails(verdictOf(figure, table[figure.name])));
    if (slow.length === 0) break;
    const anew = await apart(slow.map(({ name }) => name));
    figures = figures.map((figure) => {
      const other = anew.figures.find(({ name }) => name === figure.name);
      return other && other.value < figure.value ? other : figure;
    });
    told = [...told, ...anew.told.map((line) => `${line}, in a fresh process`)];
  }
  return { figures, told };
}

/** Those of these names, all where none is named. */
async function apart(names: readonly string[]): Promise<Timed> {
  const { stdout } = await promisify(execFile)(process.execPath, [`${OUT}/works.js`, ...names]);
  // Written there, it is what it says.
  return JSON.parse(stdout) as Timed;
}
