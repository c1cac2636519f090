/**
 * Writes the README's block for a host of one's own from the headers that the server sends.
 *   node --import tsx scripts/host.ts [--check]
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { hostHeaders } from '../server/policy.ts';

const path = fileURLToPath(new URL('../README.md', import.meta.url));
const readme = readFileSync(path, 'utf8');
const headers = Object.entries(hostHeaders).map(
  ([name, value]) => `  add_header ${name} ${/[ ;]/.test(value) ? `"${value}"` : value} always;`,
);
const block = /^ {2}add_header [^]*?(?=^ {2}location )/m;
if (!block.test(readme)) throw new Error('README.md has no block of headers');
const written = readme.replace(block, () => `${headers.join('\n')}\n`);
if (!process.argv.includes('--check')) writeFileSync(path, written);
else if (readme !== written) {
  process.stderr.write(
    'README.md has other headers than the server sends; write it anew with scripts/host.ts\n',
  );
  process.exitCode = 1;
}
