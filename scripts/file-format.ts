/**
 * Writes docs/batch-file.schema.json from the schema that the program itself uses.
 *   node --import tsx scripts/file-format.ts [--check]
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { z } from 'zod';
import { mealFile } from '../src/core/meal/file/index.ts';

const path = fileURLToPath(new URL('../docs/batch-file.schema.json', import.meta.url));
const schema = z.toJSONSchema(mealFile, { reused: 'ref' });
const text = `${JSON.stringify({ title: 'Slow Spoon meal, version 1', ...schema }, null, 2)}\n`;
if (!process.argv.includes('--check')) writeFileSync(path, text);
else if (readFileSync(path, 'utf8') !== text) {
  process.stderr.write(
    'docs/batch-file.schema.json is not what the schema says; write it anew with scripts/file-format.ts\n',
  );
  process.exitCode = 1;
}
