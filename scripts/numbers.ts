/**
 * Writes docs/numbers.md: every constant of the core, with its kind and where it is used, read off the code and the comments
 * beside it, so that it cannot drift.
 *   node --import tsx scripts/numbers.ts [--check]
 */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { formatted } from './formatted.ts';
import ts from 'typescript';

const root = fileURLToPath(new URL('..', import.meta.url));
const target = `${root}docs/numbers.md`;

/** Words of a comment that say where a figure comes from, the surest first. */
const kinds = [
  ['published', /\bpublished\b/i],
  ['from memory', /from memory/i],
  ['common practice', /common practice/i],
  ['fitted', /\bfitted\b|from a fit|from trials/i],
  ['estimate', /\bestimates?\b/i],
] as const;
const OF_THE_PROGRAM = 'of the program';

interface Constant {
  readonly name: string;
  readonly value: string;
  readonly kind: string;
  readonly says: string;
  readonly file: string;
}

const files = readdirSync(`${root}src/core`, { recursive: true, encoding: 'utf8' })
  .filter((path) => path.endsWith('.ts') && !path.endsWith('.test.ts') && !path.startsWith('testing/'))
  .map((path) => `src/core/${path}`)
  .sort();
const sources = new Map(files.map((file) => [file, readFileSync(`${root}${file}`, 'utf8')]));

/** The comment just before a node, without its stars. */
function commentOf(node: ts.Node, text: string): string {
  const ranges = ts.getLeadingCommentRanges(text, node.getFullStart()) ?? [];
  const last = ranges.at(-1);
  if (!last) return '';
  return text
    .slice(last.pos, last.end)
    .replace(/^\/\*\*?|\*\/$|^\/\//g, '')
    .replace(/^\s*\* ?/gm, '')
    .replace(/\s+/g, ' ')
    .trim();
}

/** Whether an expression is figures and nothing else, and how it reads. */
function figuresIn(node: ts.Expression): string | undefined {
  if (ts.isAsExpression(node) || ts.isSatisfiesExpression(node) || ts.isParenthesizedExpression(node))
    return figuresIn(node.expression);
  if (ts.isNumericLiteral(node)) return node.getText();
  if (ts.isPrefixUnaryExpression(node)) {
    const inside = figuresIn(node.operand);
    return inside === undefined ? undefined : `−${inside}`;
  }
  if (ts.isBinaryExpression(node)) {
    const [left, right] = [figuresIn(node.left), figuresIn(node.right)];
    return left === undefined || right === undefined ? undefined : node.getText();
  }
  if (ts.isArrayLiteralExpression(node)) {
    const parts = node.elements.map(figuresIn);
    return parts.length > 0 && parts.every((part) => part !== undefined)
      ? `[${parts.join(', ')}]`
      : undefined;
  }
  return undefined;
}

function constantsOf(file: string, text: string): Constant[] {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const found: Constant[] = [];
  const add = (name: string, value: string, says: string) => {
    const kind = kinds.flatMap(([word, pattern]) => (pattern.test(says) ? [word] : [])).join(', ');
    found.push({ name, value, kind: kind || OF_THE_PROGRAM, says, file });
  };
  const look = (name: string, node: ts.Expression, says: string): void => {
    const value = figuresIn(node);
    if (value !== undefined) {
      add(name, value, says);
      return;
    }
    const inside =
      ts.isAsExpression(node) || ts.isSatisfiesExpression(node) || ts.isParenthesizedExpression(node)
        ? node.expression
        : node;
    if (inside !== node) {
      look(name, inside, says);
      return;
    }
    if (!ts.isObjectLiteralExpression(node)) return;
    for (const property of node.properties) {
      if (!ts.isPropertyAssignment(property)) continue;
      const key = property.name.getText().replaceAll(/['"]/g, '');
      const own = commentOf(property, text);
      look(`${name}.${key}`, property.initializer, own === '' ? says : `${own} ${says}`);
    }
  };
  let above = '';
  for (const statement of source.statements) {
    const own = commentOf(statement, text);
    // What stands right under another is of the same comment.
    const joined = !/\n\s*\n/.test(text.slice(statement.getFullStart(), statement.getStart()));
    const says = own === '' && joined ? above : own;
    above = says;
    if (!ts.isVariableStatement(statement)) continue;
    for (const { name, initializer } of statement.declarationList.declarations) {
      if (!initializer) continue;
      if (ts.isIdentifier(name)) look(name.text, initializer, says);
      else if (ts.isArrayBindingPattern(name) && ts.isArrayLiteralExpression(initializer))
        for (const [i, element] of name.elements.entries()) {
          const value = initializer.elements[i];
          if (ts.isBindingElement(element) && value) look(element.name.getText(), value, says);
        }
    }
  }
  return found;
}

/** The other files of the core that take it in: an index only hands it on. */
function usedIn({ name, file }: Pick<Constant, 'name' | 'file'>): string[] {
  const taken = new RegExp(`import (?:type )?\\{[^}]*\\b${name.split('.')[0] ?? name}\\b[^}]*\\}`);
  return files.filter(
    (other) => other !== file && !other.endsWith('/index.ts') && taken.test(sources.get(other) ?? ''),
  );
}

const constants = [...sources].flatMap(([file, text]) => constantsOf(file, text));
const short = (path: string) => path.replace(/^src\/core\//, '');
/** A line each, since a table as wide as its longest comment reads nowhere. */
const line = ({ name, value, kind, says, file }: Constant) => {
  const used = usedIn({ name, file }).map(short);
  const inFiles = used.length > 0 ? ` Used in ${used.join(', ')}.` : '';
  return `- \`${name}\` = \`${value}\` (${kind}) ${says}${inFiles}`;
};
const list = (some: readonly Constant[]) =>
  [...new Set(some.map(({ file }) => file))]
    .map((file) =>
      [`### ${short(file)}`, '', ...some.filter((one) => one.file === file).map(line)].join('\n'),
    )
    .join('\n\n');
const ofTheWorld = constants.filter(({ kind }) => kind !== OF_THE_PROGRAM);
const counts = kinds
  .map(([word]) => `${ofTheWorld.filter(({ kind }) => kind.split(', ').includes(word)).length} ${word}`)
  .join(', ');

const text = `# Numbers of the core

Every constant in \`src/core\`, written from the code by \`scripts/numbers.ts\`: its value, where it comes from, and which files
use it. Kinds: **published** (the source stands beside it), **from memory** (published, and not looked up here), **common
practice** (no source), **fitted** (found by fitting a published table), **estimate** (chosen; the log corrects it).
${counts}. Figures of cuts and ingredients are in \`src/reference\`, each row with its source.

## Figures about meat, heat, kitchens and people

${list(ofTheWorld)}

## Figures of the program alone

Steps, sizes and limits of the reckoning: they say nothing about the world.

${list(constants.filter(({ kind }) => kind === OF_THE_PROGRAM))}
`;
const written = await formatted(target, text);
if (!process.argv.includes('--check')) writeFileSync(target, written);
else if (readFileSync(target, 'utf8') !== written) {
  process.stderr.write('docs/numbers.md is not what the code says; write it anew with scripts/numbers.ts\n');
  process.exitCode = 1;
}
