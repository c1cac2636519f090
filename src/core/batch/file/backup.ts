import type { ZodType } from 'zod';
import { backupHead, backupMeal, type BackupHead, type BackupMeal } from '../schema.ts';
import { firstFault } from './faults.ts';
import { looseEnd } from './looseEnd.ts';
import { parse } from './text.ts';

export type { BackupHead, BackupMeal } from '../schema.ts';

/*
 * A backup is a text of lines, each a JSON value of its own: first what all meals share, then one meal a line. So a
 * large one is written and read a little at a time, and one meal that cannot be read leaves the others whole.
 */

export type LineReading<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: string };

const VERSION = 1;

/** The first line of a backup of so many meals. */
export const writeBackupHead = (head: Omit<BackupHead, 'format' | 'version'>): string =>
  JSON.stringify({ format: 'slow-spoon backup', version: VERSION, ...head });

/** A meal as one line. */
export const writeBackupMeal = (meal: BackupMeal): string => JSON.stringify(meal);

/** Reads the first line, or says in one sentence why it is none. */
export function readBackupHead(line: string): LineReading<BackupHead> {
  const parsing = parse(line);
  const json: unknown = parsing.ok ? parsing.json : undefined;
  const head: { format?: unknown; version?: unknown } = typeof json === 'object' && json !== null ? json : {};
  if (head.format === 'slow-spoon meal')
    return { ok: false, error: 'This is one meal and no backup; bring it in as a file.' };
  if (head.format !== 'slow-spoon backup')
    return { ok: false, error: 'This is not a Slow Spoon backup; choose a file that was saved from here.' };
  if (typeof head.version === 'number' && head.version > VERSION)
    return {
      ok: false,
      error: `This backup is version ${head.version} and this program reads up to ${VERSION}; bring Slow Spoon up to date.`,
    };
  return read(backupHead, line);
}

/** Reads a further line: a meal, whole, or in one sentence why it cannot be read. */
export function readBackupMeal(line: string): LineReading<BackupMeal> {
  const reading = read(backupMeal, line);
  const loose = reading.ok ? looseEnd(reading.value) : undefined;
  return loose === undefined ? reading : { ok: false, error: loose };
}

function read<T>(schema: ZodType<T>, line: string): LineReading<T> {
  const parsing = parse(line);
  if (!parsing.ok) return parsing;
  const parsed = schema.safeParse(parsing.json);
  return parsed.success
    ? { ok: true, value: parsed.data }
    : { ok: false, error: firstFault(parsed.error, parsing.json) };
}
