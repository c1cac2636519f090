import type { z } from 'zod';
import { type HandBack, handBack, type Handout, handout } from '../handoutSchema.ts';
import { firstFault } from './faults.ts';
import { parse } from './text.ts';

export type HandoutReading =
  | { readonly ok: true; readonly handout: Handout }
  | { readonly ok: true; readonly back: HandBack }
  | { readonly ok: false; readonly error: string };

const VERSION = 1;
const refused = (error: string): HandoutReading => ({ ok: false, error });

/** A person’s part of a day, or what comes back of one, from a file or from codes; or in one sentence why it is neither. */
export function readHandout(text: string, what = 'This file'): HandoutReading {
  const parsing = parse(text, what);
  if (!parsing.ok) return parsing;
  const { json } = parsing;
  const head: { format?: unknown; version?: unknown } = typeof json === 'object' && json !== null ? json : {};
  const isHandout = head.format === 'slow-spoon handout';
  if (!isHandout && head.format !== 'slow-spoon hand-back')
    return refused(`${what} is nobody’s part of a day; choose one that was handed out or handed back.`);
  if (typeof head.version === 'number' && head.version > VERSION)
    return refused(
      `${what} is version ${head.version} and this program reads up to ${VERSION}; bring Slow Spoon up to date.`,
    );
  return isHandout
    ? read(handout, json, (one) => ({ ok: true, handout: one }))
    : read(handBack, json, (back) => ({ ok: true, back }));
}

function read<T>(schema: z.ZodType<T>, json: unknown, as: (data: T) => HandoutReading): HandoutReading {
  const parsed = schema.safeParse(json);
  return parsed.success ? as(parsed.data) : refused(firstFault(parsed.error, json));
}
