import { type Hours, writeTime } from './write.ts';

/** A time that was read, or why it was not. */
export type TimeReading =
  | { readonly ok: true; readonly value: string }
  | { readonly ok: false; readonly error: string };

const weekdays = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'] as const;
const months = [
  'january',
  'february',
  'march',
  'april',
  'may',
  'june',
  'july',
  'august',
  'september',
  'october',
  'november',
  'december',
] as const;

const two = (n: number) => String(n).padStart(2, '0');
const refused = (error: string): TimeReading => ({ ok: false, error });

/** "18:00", "18.30", "6 pm", "6:30pm", "noon"; not a bare day of the month. */
const TIME =
  /(?:^|[\s,T])(?:at\s+)?(?:(\d{1,2})[:.h](\d{2})\s*(am|pm)?|(\d{1,2})\s*(am|pm)|(noon|midday|midnight))\s*$/i;

interface Found {
  readonly time: string;
  /** What stands before it. */
  readonly rest: string;
}

function timeIn(text: string): Found | undefined {
  const found = TIME.exec(text);
  if (!found) return undefined;
  const [, h1, m1, half1, h2, half2, word] = found;
  const rest = text.slice(0, found.index).replace(/[\s,]+$/, '');
  if (word !== undefined) return { time: word.toLowerCase() === 'midnight' ? '00:00' : '12:00', rest };
  const half = (half1 ?? half2)?.toLowerCase();
  const hour = Number(h1 ?? h2);
  const minute = Number(m1 ?? 0);
  if (minute > 59 || hour > (half ? 12 : 23) || (half !== undefined && hour === 0)) return undefined;
  const of24 = half === undefined ? hour : (hour % 12) + (half === 'pm' ? 12 : 0);
  return { time: `${two(of24)}:${two(minute)}`, rest };
}

/**
 * A time of day as people write it: "18:00", "18.30", "6 pm", "noon", or a bare hour.
 * @returns "HH:MM", or a sentence with what was written
 */
export function readTimeOfDay(text: string): TimeReading {
  const words = text.trim();
  const bare = /^\d{1,2}$/.test(words)
    ? `${words}:00`
    : /^\d{4}$/.test(words)
      ? `${words.slice(0, 2)}:${words.slice(2)}`
      : words;
  const found = timeIn(bare);
  return found && found.rest === ''
    ? { ok: true, value: found.time }
    : refused(`“${words}” is not a time of day; write it like 18:00, or 6 pm.`);
}

const dayOf = (date: string, by: number): string =>
  new Date(Date.parse(`${date}T00:00Z`) + by * 86_400_000).toISOString().slice(0, 10);

const exists = (year: number, month: number, day: number): string | undefined => {
  const date = `${year}-${two(month)}-${two(day)}`;
  const at = new Date(`${date}T00:00Z`);
  return Number.isNaN(at.getTime()) || at.toISOString().slice(0, 10) !== date ? undefined : date;
};

/** This year's, or next year's where this year's is long past. */
function inNextYear(month: number, day: number, today: string): string | undefined {
  const year = Number(today.slice(0, 4));
  const date = exists(year, month, day) ?? exists(year + 1, month, day);
  return date !== undefined && date < dayOf(today, -90) ? exists(year + 1, month, day) : date;
}

const starting = (names: readonly string[], word: string) =>
  word.length >= 3 ? names.findIndex((name) => name.startsWith(word)) : -1;

/** A day as people write it; undefined if it is none. */
function dateIn(text: string, today: string): string | undefined {
  const words = text
    .toLowerCase()
    .replace(/[,.]/g, ' ')
    .replace(/\b(\d+)(st|nd|rd|th)\b/g, '$1')
    .trim();
  if (words === 'today' || words === 'tonight') return today;
  if (words === 'tomorrow') return dayOf(today, 1);
  const iso = /^(\d{4})-(\d{2})-(\d{2})$/.exec(words);
  if (iso) return exists(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  const [, named = '', left = words] = /^([a-z]+)\s*(.*)$/.exec(words) ?? [];
  const weekday = starting(weekdays, named);
  if (weekday >= 0 && left === '') {
    const now = new Date(`${today}T00:00Z`).getUTCDay();
    return dayOf(today, (weekday - now + 7) % 7);
  }
  return numbered(weekday >= 0 ? left : words, today);
}

/** "5 dec", "dec 5 2026", "5/12", "5 12 2026": the day stands first. */
function numbered(words: string, today: string): string | undefined {
  const found =
    /^(?<d>\d{1,2})\s+(?<m>[a-z]+)(?:\s+(?<y>\d{4}))?$/.exec(words) ??
    /^(?<m>[a-z]+)\s+(?<d>\d{1,2})(?:\s+(?<y>\d{4}))?$/.exec(words) ??
    /^(?<d>\d{1,2})[\s/](?<m>\d{1,2})(?:[\s/](?<y>\d{4}))?$/.exec(words);
  if (!found?.groups) return undefined;
  const { d = '', m = '', y } = found.groups;
  const month = /^\d/.test(m) ? Number(m) : starting(months, m) + 1;
  const day = Number(d);
  if (month < 1 || month > 12) return undefined;
  return y === undefined ? inNextYear(month, day, today) : exists(Number(y), month, day);
}

/**
 * A day with its time as people write it: "Sat 18:00", "5 Dec, 6 pm", "tomorrow noon", "2026-12-05 18:00", or a time
 * alone, which is then of the day that stood there, else of today.
 * @param before what stood there, "2026-12-05T18:00", or empty: what is left out is taken from it
 * @param today "2026-11-27"
 * @returns "2026-12-05T18:00", or a sentence with what was written
 */
export function readWall(text: string, before: string, today: string): TimeReading {
  const words = text.trim();
  const bare = /^\d{1,2}$/.test(words) ? `${words}:00` : words;
  const found = timeIn(bare);
  const dated = found ? found.rest : words;
  const date = dated === '' ? before.slice(0, 10) || today : dateIn(dated, today);
  if (date === undefined)
    return refused(`“${words}” is not a time; write it like Sat 18:00, or 5 Dec, 18:00.`);
  const time = found?.time ?? before.slice(11, 16);
  if (time === '') return refused(`“${words}” has no time of day; write it like Sat 18:00.`);
  return { ok: true, value: `${date}T${time}` };
}

const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1, 3);

/**
 * A day with its time as the kitchen writes it: "Sat 5 Dec, 18:00", with its year wherever the day would be read as
 * another year's without it.
 */
export function writeWall(local: string, today: string, hours?: Hours): string {
  const date = local.slice(0, 10);
  const [year = 0, month = 1, day = 1] = date.split('-').map(Number);
  const weekday = weekdays[new Date(`${date}T00:00Z`).getUTCDay()] ?? '';
  const of = inNextYear(month, day, today) === date ? '' : ` ${year}`;
  return `${capital(weekday)} ${day} ${capital(months[month - 1] ?? '')}${of}, ${writeTime(local.slice(11, 16), hours)}`;
}
