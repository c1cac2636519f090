/**
 * Writes the schemas of files, docs/*.schema.json, from those that the program itself uses.
 *   node --import tsx scripts/file-format.ts [--check]
 */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { z } from 'zod';
import { handBack, handout, mealFile } from '../src/core/meal/file/index.ts';

const files = [
  { name: 'batch-file', title: 'Slow Spoon meal, version 1', schema: mealFile },
  {
    name: 'handout',
    title: 'Slow Spoon handout and hand-back, version 1',
    schema: z.discriminatedUnion('format', [handout, handBack]),
  },
];

for (const { name, title, schema } of files) {
  const path = fileURLToPath(new URL(`../docs/${name}.schema.json`, import.meta.url));
  const json = z.toJSONSchema(schema, { reused: 'ref' });
  const text = `${JSON.stringify({ title, ...json }, null, 2)}\n`;
  if (!process.argv.includes('--check')) writeFileSync(path, text);
  else if (!existsSync(path) || readFileSync(path, 'utf8') !== text) {
    process.stderr.write(
      `docs/${name}.schema.json is not what the schema says; write it anew with scripts/file-format.ts\n`,
    );
    process.exitCode = 1;
  }
}
