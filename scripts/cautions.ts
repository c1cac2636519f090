/**
 * Writes docs/cautions.md from the rows and words that the program itself uses.
 *   node --import tsx scripts/cautions.ts [--check]
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { type CareFacts, calm, cautionIds, cautionRows } from '../src/core/care/index.ts';
import { cautionWhen, cautionWords } from '../src/words/index.ts';
import { formatted } from './formatted.ts';

const path = fileURLToPath(new URL('../docs/cautions.md', import.meta.url));
/** Facts that let every sentence be told. */
const told: CareFacts = {
  ...calm,
  driedBeans: ['dried beans'],
  alcohol: { dish: 'rolls', g: 1.2, share: 0.006 },
};
const row = (id: (typeof cautionIds)[number]): string => {
  const { sheets = [], tasks = [], cards = [], folds, source } = cautionRows[id];
  const { short, full } = cautionWords(id, told);
  const where = [
    ...sheets.map((one) => `*${one}*`),
    ...tasks.map((one) => `task: ${one}`),
    ...cards.map((one) => `card: ${one}`),
  ].join(', ');
  return `| ${short} | ${full} | ${where} | ${cautionWhen(id)} | ${folds ? 'yes' : 'never'} | ${source} |`;
};
const text = `# Cautions

Every caution that the program shows, written from its rows (\`src/core/care\`) and its words (\`src/words/cautions.ts\`) by
\`scripts/cautions.ts\`: where it stands, when, and who says so. Read, most fold to a few words on that device; what is about
allergens and the cold never does, and paper prints all. All are second to the local food code and, for a business, to its
licensed plan. What guests must not have is beside each pot, dish, plate and label, and no row here.

| Few words | In full | Where | When | Folds | Source |
| --- | --- | --- | --- | --- | --- |
${cautionIds.map(row).join('\n')}
`;
const written = await formatted(path, text);
if (!process.argv.includes('--check')) writeFileSync(path, written);
else if (readFileSync(path, 'utf8') !== written) {
  process.stderr.write('docs/cautions.md is not what the rows say; write it anew with scripts/cautions.ts\n');
  process.exitCode = 1;
}
