import type { ZodType } from 'zod';
import { quoted } from '../../quantity/index.ts';
import { backupHead, backupMeal, type BackupHead, type BackupMeal } from '../schema.ts';
import { firstFault } from './faults.ts';
import { looseEnd } from './looseEnd.ts';
import { newer } from '../older.ts';
import { parse } from './text.ts';

export type { BackupHead, BackupMeal } from '../schema.ts';

/*
 * A backup is a text of lines, each a JSON value of its own: first what all meals share, then one meal a line. So a
 * large one is written and read a little at a time, and one meal that cannot be read leaves the others whole.
 */

export type LineReading<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly error: string };

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
  return read(backupHead, json, 'This backup');
}

/**
 * Reads a further line: a meal, whole, or in one sentence why it cannot be read.
 * @param n which line it is, should it have no name
 */
export function readBackupMeal(line: string, n: number): LineReading<BackupMeal> {
  const parsing = parse(line, `Line ${n} of the backup`);
  if (!parsing.ok) return parsing;
  const what = nameIn(parsing.json) ?? `Line ${n} of the backup`;
  const reading = read(backupMeal, newer(parsing.json), what);
  const loose = reading.ok ? looseEnd(reading.value, what) : undefined;
  return loose === undefined ? reading : { ok: false, error: loose };
}

/** What the meal of a line is called, as far as that can be told. */
function nameIn(json: unknown): string | undefined {
  const name = (json as { meal?: { name?: unknown } | null } | null)?.meal?.name;
  return typeof name === 'string' && name !== '' ? quoted(name) : undefined;
}

function read<T>(schema: ZodType<T>, json: unknown, what: string): LineReading<T> {
  const parsed = schema.safeParse(json);
  return parsed.success
    ? { ok: true, value: parsed.data }
    : { ok: false, error: firstFault(parsed.error, json, what) };
}

/** What a backup would change where it is brought in, by the names of meals. */
export interface BackupChanges {
  readonly added: readonly string[];
  /** There and in the backup, and not the same: the backup's takes the place of what is there. */
  readonly changed: readonly string[];
  readonly same: number;
  /** Only there: a merge leaves them, a replacement takes them away. */
  readonly here: readonly string[];
  /** Meals of the backup with a pot that another meal has there: beside it they cannot stand. */
  readonly clashes: readonly { readonly name: string; readonly with: string }[];
  /** The kitchen that all meals share is another one in the backup. */
  readonly otherKitchen: boolean;
}
