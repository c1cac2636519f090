import {
  type BackupHead,
  type BackupMeal,
  readBackupHead,
  readBackupMeal,
  tooLarge,
} from '@/core/meal/file/index.ts';
import { breath } from '../breath.ts';
import type { Course } from './save.ts';

/** What a backup holds, and what of it cannot be read: the others are whole all the same. */
export interface Backup {
  readonly head: BackupHead;
  readonly meals: readonly BackupMeal[];
  readonly unread: readonly string[];
}
export type BackupReading =
  | { readonly ok: true; readonly backup: Backup }
  | { readonly ok: false; readonly error: string };

/** Between two of these the page takes a key or draws a picture, ms. */
const SLICE_MS = 24;

/** Reads a backup line by line, before anything changes; says in one sentence why it is none. */
export async function readBackup(
  source: { readonly size: number; stream(): ReadableStream<Uint8Array<ArrayBuffer>> },
  { signal, told }: Course = {},
): Promise<BackupReading> {
  let head: BackupHead | undefined;
  const meals = new Map<string, BackupMeal>();
  const pots = new Map<string, string>();
  const unread: string[] = [];
  let read = 0;
  let lines = 0;
  let began = performance.now();
  for await (const line of linesOf(source.stream())) {
    signal?.throwIfAborted();
    read += line.length + 1;
    lines += 1;
    if (!head) {
      const reading = readBackupHead(line);
      if (!reading.ok) return reading;
      head = reading.value;
    } else if (line !== '') {
      const large = tooLarge(line.length);
      const reading =
        large === undefined ? readBackupMeal(line, lines) : ({ ok: false, error: large } as const);
      if (!reading.ok) unread.push(reading.error);
      else if (meals.has(reading.value.meal.id))
        return { ok: false, error: `This backup has the meal “${reading.value.meal.name}” twice.` };
      else {
        const { meal } = reading.value;
        const other = meal.batches.map((id) => pots.get(id)).find((name) => name !== undefined);
        if (other !== undefined)
          return { ok: false, error: `This backup has one pot in two meals, “${other}” and “${meal.name}”.` };
        meals.set(meal.id, reading.value);
        for (const id of meal.batches) pots.set(id, meal.name);
      }
    }
    if (performance.now() - began > SLICE_MS) {
      told?.(Math.min(read, source.size), source.size);
      await breath();
      began = performance.now();
    }
  }
  if (!head) return { ok: false, error: 'This file is empty; choose a backup that was saved from here.' };
  const missing = head.meals - meals.size - unread.length;
  if (missing > 0)
    unread.push(
      `The file was cut off: ${missing} of its ${head.meals} meals ${missing === 1 ? 'is' : 'are'} missing.`,
    );
  return { ok: true, backup: { head, meals: [...meals.values()], unread } };
}

/** The lines of a text as it comes in. */
async function* linesOf(stream: ReadableStream<Uint8Array<ArrayBuffer>>): AsyncGenerator<string> {
  const reader = stream.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    const lines = (rest + value).split('\n');
    rest = lines.pop() ?? '';
    yield* lines;
  }
  if (rest !== '') yield rest;
}
