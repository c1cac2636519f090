import { readLine } from './line.ts';
import { type LineMatch, matchLine, type Tables } from './match.ts';
import { searchLine } from '../liquid/searchLine.ts';
import { saysNothing } from './plainWords.ts';
import { firstChoice, type SettledLine } from './settle.ts';

/**
 * What is typed into the field, as its lines: "2 l water, 3 onions, 2 tins tomatoes" is three, "2 onions, sliced" is one, since
 * what stands behind a comma and names nothing by itself tells of what stands before it.
 */
export function typedLines(text: string, tables: Tables): readonly LineMatch[] {
  const lines: string[] = [];
  for (const part of text.split(/[;\n]|,(?!\d)/)) {
    const last = lines.length - 1;
    const before = lines[last];
    if (part.trim() === '') continue;
    if (before !== undefined && !standsAlone(part.trim(), tables)) lines[last] = `${before}, ${part.trim()}`;
    else lines.push(part.trim());
  }
  return lines.map((line) => matchLine(readLine(line), tables));
}

/**
 * What goes in when somebody presses Enter: of one thing the best match, however far it was typed; of a list each line by itself,
 * and what is not sure, or what several are called, without a choice: it is asked about.
 */
export function entered(text: string, tables: Tables): readonly SettledLine[] {
  const lines = typedLines(text, tables);
  const [only, ...more] = lines;
  const best =
    only && more.length === 0 && !only.several && only.kind !== 'meat' && only.kind !== 'salt'
      ? searchLine(only.line.text, tables, 1).offers[0]?.ingredient.id
      : undefined;
  return lines.map((match) => ({
    match,
    choice: best === undefined ? firstChoice(match) : { as: 'ingredient', id: best },
  }));
}

/** Whether a part names a thing: not an amount alone, nor how it is cut. */
function standsAlone(part: string, tables: Tables): boolean {
  const line = readLine(part);
  if (!line.words.some((word) => !saysNothing(word))) return false;
  const { kind, sure } = matchLine(line, tables);
  return line.amount !== undefined || (kind !== 'unknown' && sure);
}
