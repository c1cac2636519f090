import { readFileSync } from 'node:fs';
import { basename } from 'node:path';
import { format, type FormatConfig } from 'oxfmt';

/** A text as the formatter would write it into that file: what is generated stands as what is typed does. */
export async function formatted(path: string, text: string): Promise<string> {
  const {
    $schema: _,
    ignorePatterns: __,
    ...options
  } = JSON.parse(readFileSync('.oxfmtrc.json', 'utf8')) as FormatConfig &
    Record<'$schema' | 'ignorePatterns', unknown>;
  const { code, errors } = await format(basename(path), text, options);
  if (errors.length > 0) throw new Error(`${path}: ${errors[0]?.message ?? 'it cannot be formatted'}`);
  return code;
}
