import { readFileSync } from 'node:fs';

/** What a command has to say: its answer as JSON, and what the cook should know of it beside, a sentence each. */
export interface Answer {
  readonly json: unknown;
  readonly beside: readonly string[];
}
export type Command = (words: readonly string[]) => Answer | Promise<Answer>;

/** Why there is no answer: one sentence. */
export class Refused extends Error {}

/** What a terminal gets: the answer on standard output with 0, or one sentence on standard error with 2. */
export interface Said {
  readonly status: 0 | 2;
  readonly stdout: string;
  readonly stderr: string;
}

/** Runs a command; any other error than a refusal is a fault of ours, and is thrown. */
export async function said(command: Command, words: readonly string[]): Promise<Said> {
  try {
    const { json, beside } = await command(words);
    const stdout = `${JSON.stringify(json, null, 2)}\n`;
    return { status: 0, stdout, stderr: beside.map((line) => `${line}\n`).join('') };
  } catch (error) {
    if (!(error instanceof Refused)) throw error;
    return { status: 2, stdout: '', stderr: `${error.message}\n` };
  }
}

export const cannotOpen = (path: string, error: unknown): Refused =>
  new Refused(`${path} cannot be opened: ${error instanceof Error ? error.message : String(error)}`);

/** @throws Refused where it cannot be opened */
export function textOf(path: string): string {
  try {
    return readFileSync(path, 'utf8');
  } catch (error) {
    throw cannotOpen(path, error);
  }
}
