import { numberWords } from '../../quantity/index.ts';
import { type Hours, writeTime } from './write.ts';

/** A time that was read, or why it was not. */
export type TimeReading =
  | { readonly ok: true; readonly value: string }
  /** What can be read two ways is asked about: each choice reads one way. */
  | { readonly ok: false; readonly error: string; readonly choices?: readonly string[] };

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
const asked = (words: string, choices: readonly string[]): TimeReading => ({
  ok: false,
  error: `“${words}” can be read two ways: is it ${choices.join(' or ')}?`,
  choices,
});

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
  const plain = plainTime(words);
  const bare = /^\d{1,2}$/.test(plain)
    ? `${plain}:00`
    : /^\d{4}$/.test(plain)
      ? `${plain.slice(0, 2)}:${plain.slice(2)}`
      : plain;
  if (isEither(plain)) return asked(words, halves(plain));
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

/** A day as people write it; undefined if it is none, both days where it can be read two ways. */
function datesIn(text: string, today: string): readonly string[] {
  const words = text
    .toLowerCase()
    .replace(/[,.]/g, ' ')
    .replace(/\b(\d+)(st|nd|rd|th)\b/g, '$1')
    .trim();
  if (words === 'today') return [today];
  if (words === 'tomorrow') return [dayOf(today, 1)];
  const iso = /^(\d{4})-(\d{2})-(\d{2})$/.exec(words);
  if (iso) return some(exists(Number(iso[1]), Number(iso[2]), Number(iso[3])));
  const [, named = '', left = words] = /^([a-z]+)\s*(.*)$/.exec(words) ?? [];
  const weekday = starting(weekdays, named);
  if (weekday >= 0 && left === '') {
    const now = new Date(`${today}T00:00Z`).getUTCDay();
    return [dayOf(today, (weekday - now + 7) % 7)];
  }
  const found = numbered(weekday >= 0 ? left : words, today);
  // “Sat 12/5”: the day of the week says which it is.
  const fitting = found.filter((date) => new Date(`${date}T00:00Z`).getUTCDay() === weekday);
  return fitting.length === 1 ? fitting : found;
}

const some = (date: string | undefined): readonly string[] => (date === undefined ? [] : [date]);

/** "5 dec", "dec 5 2026", "5.12.": the day stands first; of "12/5" nobody knows. */
function numbered(words: string, today: string): readonly string[] {
  const found =
    /^(?<d>\d{1,2})\s+(?<m>[a-z]+)(?:\s+(?<y>\d{4}))?$/.exec(words) ??
    /^(?<m>[a-z]+)\s+(?<d>\d{1,2})(?:\s+(?<y>\d{4}))?$/.exec(words) ??
    /^(?<d>\d{1,2})(?<slash>[\s/])(?<m>\d{1,2})(?:[\s/](?<y>\d{4}))?$/.exec(words);
  if (!found?.groups) return [];
  const { d = '', m = '', y, slash } = found.groups;
  const month = /^\d/.test(m) ? Number(m) : starting(months, m) + 1;
  const day = Number(d);
  const of = (inYear: number, inMonth: number): readonly string[] =>
    inMonth < 1 || inMonth > 12
      ? []
      : some(y === undefined ? inNextYear(inMonth, inYear, today) : exists(Number(y), inMonth, inYear));
  const first = of(day, month);
  return slash === '/' && day !== month ? [...first, ...of(month, day)] : first;
}

/** The hours as words. */
const hourWords = Object.keys(numberWords).filter((word) => !/^an?$/.test(word));
const HOUR = String.raw`(\d{1,2}|${hourWords.join('|')})`;
const hourOf = (word: string): number => numberWords[word] ?? Number(word);
/** Which half of the day is meant. */
const partsOfDay: readonly (readonly [RegExp, 'am' | 'pm'])[] = [
  [/\b(?:in the |this )?(?:evening|afternoon)\b|\bat night\b/, 'pm'],
  [/\b(?:in the |this )?morning\b/, 'am'],
];

/**
 * What is said for a time, as figures: "half past six" is "6:30", "tonight at 7" "today 7 pm", "tomorrow morning at nine"
 * "tomorrow 9 am".
 */
function plainTime(text: string): string {
  let words = text.toLowerCase().replace(/\bo['’]?clock\b/g, '');
  let half = '';
  const lower = words.replace(/\btonight\b/, 'today');
  // “Tonight at 12” is neither noon nor the midnight that today began with.
  if (lower !== words && /\b(?:12|twelve)\s*$/.test(words)) return words.replace(/\bat\b/, '');
  if (lower !== words) half = 'pm';
  words = lower;
  for (const [pattern, of] of partsOfDay)
    if (half === '' && pattern.test(words)) {
      // “This morning” is today’s.
      words = words.replace(pattern, (found) => (found.startsWith('this') ? 'today' : ''));
      half = of;
    }
  words = words
    .replace(new RegExp(String.raw`\bhalf past ${HOUR}\b`), (_, hour: string) => `${hourOf(hour)}:30`)
    .replace(new RegExp(String.raw`\bquarter past ${HOUR}\b`), (_, hour: string) => `${hourOf(hour)}:15`)
    .replace(
      new RegExp(String.raw`\bquarter to ${HOUR}\b`),
      (_, hour: string) => `${(hourOf(hour) + 11) % 12 || 12}:45`,
    )
    .replace(new RegExp(String.raw`\b(${hourWords.join('|')})\b`), (_, hour: string) => String(hourOf(hour)));
  if (half !== '') {
    // “7 tonight”: what says the day stands first.
    words = words.replace(/^\s*(?:at )?(\d{1,2}(?:[:.h]\d{2})?)\s+(today|tomorrow)?\s*$/, '$2 $1');
    if (!/\b(?:am|pm|noon|midday|midnight)\b/.test(words))
      words = words.replace(/(\d{1,2})((?:[:.h]\d{2})?)\s*$/, (_, hour: string, minutes: string) =>
        Number(hour) > 12 ? `${hour}${minutes || ':00'}` : `${hour}${minutes} ${half}`,
      );
  }
  return words.replace(/\s+/g, ' ').trim();
}

/** "Tomorrow at 7": morning or evening? */
const EITHER = /^(.*?)\bat (1[0-2]|[1-9])$/;
const isEither = (words: string): boolean => EITHER.test(words);
const halves = (words: string): readonly string[] =>
  ['am', 'pm'].map((half) => `${words.replace(/\bat (?=\d+$)/, '')} ${half}`);

/**
 * A day with its time as people write it: "Sat 18:00", "5 Dec, 6 pm", "tomorrow noon", "2026-12-05 18:00", or a time
 * alone, which is then of the day that stood there, else of today.
 * @param before what stood there, "2026-12-05T18:00", or empty: what is left out is taken from it
 * @param today "2026-11-27"
 * @returns "2026-12-05T18:00", or a sentence with what was written
 */
export function readWall(text: string, before: string, today: string): TimeReading {
  const words = text.trim();
  const plain = plainTime(words);
  if (isEither(plain)) return asked(words, halves(plain));
  const bare = /^\d{1,2}$/.test(plain) ? `${plain}:00` : plain;
  const found = timeIn(bare);
  const dated = found ? found.rest : plain;
  const dates = dated === '' ? [before.slice(0, 10) || today] : datesIn(dated, today);
  const [date] = dates;
  if (date === undefined)
    return refused(`“${words}” is not a time; write it like Sat 18:00, or 5 Dec, 18:00.`);
  const time = found?.time ?? before.slice(11, 16);
  if (time === '') return refused(`“${words}” has no time of day; write it like Sat 18:00.`);
  if (dates.length > 1)
    return asked(
      words,
      dates.map((one) => writeWall(`${one}T${time}`, today)),
    );
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
