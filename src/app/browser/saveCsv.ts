import { saveText } from './saveText.ts';

/** A row by its columns' names, or plain. */
type Row = Readonly<Record<string, string | number>> | readonly string[];

/**
 * Rows as a table that any program reads. What a program would take for a formula ("=", "+", "-", "@" in front) leaves as
 * text: names and notes are typed by people, and may come from elsewhere.
 */
export async function csvOf(rows: readonly Row[]): Promise<string> {
  const { default: papa } = await import('papaparse');
  return papa.unparse([...rows], { escapeFormulae: true });
}

/** Saves rows as such a table. */
export async function saveCsv(name: string, rows: readonly Row[]): Promise<void> {
  saveText(name, await csvOf(rows), 'text/csv');
}
