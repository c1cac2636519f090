import {
  type Batch,
  type DishKind,
  type Entry,
  type Kitchen,
  type Meal,
  usualBatch,
  type Verdict,
  verdicts,
} from '../meal/index.ts';
import { type Measure, midpoint, type Quantity, type readQuantity, TEXT_MOST } from '../quantity/index.ts';
import type { Reference } from '@/reference/types.ts';
import { cutsMeant } from '../meat/index.ts';

/** What a column of a table of past cooks can hold. */
export const csvColumns = [
  'date',
  'name',
  'cut',
  'raw weight',
  'cooked weight',
  'bone weight',
  'picked weight',
  'shred weight',
  'broth volume',
  'plates',
  'short or over',
  'notes',
] as const;
export type CsvColumn = (typeof csvColumns)[number];

/** Without these a row is no cook. */
export const csvNeeds: readonly CsvColumn[] = ['date', 'cut', 'raw weight'];

/** Column of a table to its place there; a column that is not mapped is not read. */
export type CsvMapping = Readonly<Partial<Record<CsvColumn, number>>>;

/** What a plain number is, where no unit stands beside it. */
export interface CsvUnits {
  readonly mass: 'g' | 'kg' | 'lb';
  readonly volume: 'ml' | 'l' | 'cups';
}

export interface PastMeal {
  readonly meal: Meal;
  readonly batches: readonly Batch[];
  readonly entries: readonly Entry[];
}

export interface CsvReading {
  readonly good: readonly PastMeal[];
  /** Rows that are left out, by their line in the file, with the reason. */
  readonly bad: readonly { readonly line: number; readonly why: NoPast }[];
  /** Texts that may mean several cuts: the cook is asked, once each. */
  readonly asks: readonly { readonly text: string; readonly among: readonly Named[] }[];
}

/** Why a row is no past cook. */
export type NoPast =
  | {
      readonly what: 'no day' | 'no cut' | 'too long' | 'no weight' | 'no plates' | 'no verdict';
      readonly text: string;
    }
  /** As the reading of a quantity says it. */
  | { readonly what: 'unread'; readonly error: string }
  | { readonly what: 'no raw weight' | 'teaches nothing' }
  /** It may mean any of these: the cook is asked. */
  | { readonly what: 'which cut'; readonly text: string; readonly among: readonly Named[] }
  /** “1.920” is two thousand here and two elsewhere. */
  | { readonly what: 'two readings'; readonly text: string }
  | { readonly what: 'parts are more'; readonly parts: string; readonly raw: string }
  | {
      readonly what: 'more than the meat';
      readonly text: string;
      readonly of: CsvColumn;
      readonly raw: string;
    };

const isWhy = (read: Quantity | PastMeal | NoPast | undefined): read is NoPast =>
  read !== undefined && 'what' in read;

/** The column that a heading most likely is. */
export function csvColumnFor(heading: string): CsvColumn | undefined {
  const words = heading.toLowerCase();
  const has = (...some: string[]) => some.some((word) => words.includes(word));
  if (has('date', 'when', 'day')) return 'date';
  if (has('shred', 'pulled')) return 'shred weight';
  if (has('pick', 'membrane', 'trim')) return 'picked weight';
  if (has('bone')) return 'bone weight';
  if (has('cooked', 'bench')) return 'cooked weight';
  if (has('raw', 'bought', 'purchase')) return 'raw weight';
  if (has('broth', 'stock', 'liquid', 'sauce')) return 'broth volume';
  if (has('plate', 'serving', 'portion', 'people', 'guest')) return 'plates';
  if (has('short', 'over', 'enough', 'verdict')) return 'short or over';
  if (has('cut', 'meat', 'kind')) return 'cut';
  if (has('note', 'remark', 'comment', 'lesson')) return 'notes';
  return has('name', 'meal', 'what', 'title') ? 'name' : undefined;
}

/** Noon, so that a day is the same day in every zone of the clock. */
const NOON = 12 * 3_600_000;

/** "2026-03-09", "9.3.2026", "09/03/2026": the day first where it is not the year; undefined if it is no day. */
function dayOf(text: string): number | undefined {
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})/.exec(text.trim());
  const other = /^(\d{1,2})[./-](\d{1,2})[./-](\d{4})$/.exec(text.trim());
  const [year, month, day] = iso ? iso.slice(1) : other ? [other[3], other[2], other[1]] : [];
  // A meal's day is of these two centuries, as in its file.
  if (year === undefined || month === undefined || day === undefined || !/^(19|20)/.test(year))
    return undefined;
  const at = Date.UTC(Number(year), Number(month) - 1, Number(day));
  const back = new Date(at);
  return back.getUTCMonth() === Number(month) - 1 && back.getUTCDate() === Number(day)
    ? at + NOON
    : undefined;
}

interface Named {
  readonly id: string;
  readonly name: string;
}

/**
 * Reads past cooks from a table: each good row is a meal with one closed batch and what was weighed of it; each bad one is
 * left out, with its reason.
 * @param rows without the heading; firstLine the line in the file of the first of them
 * @param newId gives an id that nothing has yet
 */
export function readPastRows(
  rows: readonly (readonly string[])[],
  mapping: CsvMapping,
  units: CsvUnits,
  {
    kitchen,
    reference,
    newId,
    zone,
    firstLine = 2,
    said = {},
    reader,
  }: {
    readonly kitchen: Kitchen;
    readonly reference: Reference;
    readonly newId: () => string;
    readonly zone: string;
    readonly firstLine?: number;
    /** What a text of the table means, as the cook has said: its cut's id. */
    readonly said?: Readonly<Record<string, string>>;
    readonly reader: typeof readQuantity;
  },
): CsvReading {
  const meant = new Map<string, readonly Named[]>();
  const cuts = (text: string) => {
    const found =
      meant.get(text) ??
      cutsMeant(text, [...kitchen.cuts, ...reference.cuts]).map(({ id, name }) => ({ id, name }));
    meant.set(text, found);
    return found;
  };
  const good: PastMeal[] = [];
  const bad: { line: number; why: NoPast }[] = [];
  for (const [i, row] of rows.entries()) {
    if (row.every((cell) => cell.trim() === '')) continue;
    const cell = (column: CsvColumn) => {
      const at = mapping[column];
      return at === undefined ? '' : (row[at] ?? '').trim();
    };
    const read = readRow(cell, units, { cuts, newId, zone, said, reader });
    if (isWhy(read)) bad.push({ line: firstLine + i, why: read });
    else good.push(read);
  }
  const asks = [...meant].flatMap(([text, among]) => (among.length > 1 ? [{ text, among }] : []));
  return { good, bad, asks };
}

const WEIGHED = {
  'cooked weight': 'cooked',
  'bone weight': 'bone',
  'picked weight': 'pickings',
  'shred weight': 'shred',
} as const;

/** Three signs behind a point: a thousand in tables of some countries, a fraction here. The comma is asked about wherever it is read. */
const THOUSANDS = /^[1-9]\d{0,2}\.\d{3}(?!\d)\s*(\p{L}*)/u;
/** A thousand of these is more than any pot: there it is a fraction. */
const LARGE = /^(k|lb|pound|l$|lit|cup)/i;
/** A number without a unit. */
const PLAIN = /^\d+(?:[.,]\d+)?$/;

interface Here {
  readonly cuts: (text: string) => readonly Named[];
  readonly newId: () => string;
  readonly zone: string;
  readonly said: Readonly<Record<string, string>>;
  readonly reader: typeof readQuantity;
}

/** A row as a meal, or why it is none. */
function readRow(
  cell: (column: CsvColumn) => string,
  units: CsvUnits,
  { cuts, newId, zone, said, reader }: Here,
): PastMeal | NoPast {
  const at = dayOf(cell('date'));
  if (at === undefined) return { what: 'no day', text: cell('date') };
  const meant = cuts(cell('cut'));
  const cut =
    meant.find(({ id }) => id === said[cell('cut')])?.id ?? (meant.length === 1 ? meant[0]?.id : undefined);
  if (cut === undefined)
    return meant.length === 0
      ? { what: 'no cut', text: cell('cut') }
      : { what: 'which cut', text: cell('cut'), among: meant };
  const amount = (
    column: CsvColumn,
    measure: Extract<Measure, 'mass' | 'volume'>,
  ): Quantity | NoPast | undefined => {
    const text = cell(column);
    if (text === '') return undefined;
    if (text.length > TEXT_MOST) return { what: 'too long', text };
    const thousand = THOUSANDS.exec(text);
    if (thousand && !LARGE.test(thousand[1] || units[measure])) return { what: 'two readings', text };
    const reading = reader(PLAIN.test(text) ? `${text} ${units[measure]}` : text, measure, [units[measure]]);
    return reading.ok ? reading.quantity : { what: 'unread', error: reading.error };
  };
  const raw = amount('raw weight', 'mass');
  if (raw === undefined) return { what: 'no raw weight' };
  if (isWhy(raw)) return raw;
  const rawG = midpoint(raw) ?? 0;
  if (rawG <= 0) return { what: 'no weight', text: cell('raw weight') };
  const batchId = newId();
  const entries: Entry[] = [];
  for (const [column, flow] of Object.entries(WEIGHED) as [
    keyof typeof WEIGHED,
    (typeof WEIGHED)[keyof typeof WEIGHED],
  ][]) {
    const value = amount(column, 'mass');
    if (value === undefined) continue;
    if (isWhy(value)) return value;
    if ((midpoint(value) ?? 0) > rawG)
      return { what: 'more than the meat', text: cell(column), of: column, raw: cell('raw weight') };
    entries.push({
      id: newId(),
      at,
      batch: batchId,
      measures: { what: 'sum', flow },
      value,
      measure: 'mass',
      source: 'typed',
    });
  }
  const parts = ['bone weight', 'picked weight', 'shred weight'] as const;
  const sum = parts.reduce((all, column) => {
    const part = amount(column, 'mass');
    return all + (part === undefined || isWhy(part) ? 0 : (midpoint(part) ?? 0));
  }, 0);
  if (sum > rawG)
    return {
      what: 'parts are more',
      parts: parts
        .map(cell)
        .filter((text) => text !== '')
        .join(' + '),
      raw: cell('raw weight'),
    };
  const broth = amount('broth volume', 'volume');
  if (isWhy(broth)) return broth;
  if (broth)
    entries.push({
      id: newId(),
      at,
      batch: batchId,
      measures: { what: 'sum', flow: 'liquid' },
      value: broth,
      measure: 'volume',
      source: 'typed',
    });
  const plates = cell('plates') === '' ? undefined : Number(cell('plates'));
  if (plates !== undefined && !(Number.isInteger(plates) && plates > 0 && plates <= 20_000))
    return { what: 'no plates', text: cell('plates') };
  const verdict = verdictOf(cell('short or over'));
  if (cell('short or over') !== '' && verdict === undefined)
    return { what: 'no verdict', text: cell('short or over') };
  if (entries.length === 0 && (verdict === undefined || plates === undefined))
    return { what: 'teaches nothing' };
  const mealId = newId();
  const meal: Meal = {
    id: mealId,
    name:
      cell('name') === '' ? `${meant[0]?.name ?? cell('cut')}, ${cell('date')}` : cell('name').slice(0, 200),
    serving: { local: new Date(at).toISOString().slice(0, 16), zone },
    dishes:
      plates === undefined
        ? []
        : [{ id: newId(), kind: DISH, count: { text: String(plates), lo: plates, hi: plates } }],
    batches: [batchId],
    ...(cell('notes') !== '' && { notes: cell('notes').slice(0, 4000) }),
  };
  const batch: Batch = {
    ...usualBatch(batchId, 'Pot one'),
    lots: [{ id: newId(), kind: 'meat', cut, weight: raw }],
    closed: { at, ...(verdict && { verdict }) },
  };
  return { meal, batches: [batch], entries };
}
const DISH: DishKind = 'taco';

function verdictOf(text: string): Verdict | undefined {
  const said = text.toLowerCase();
  return (
    verdicts.find((one) => said === one || said.startsWith(one.split(' ')[0] ?? one)) ??
    (said === 'enough' ? 'just enough' : undefined)
  );
}

/** A table to fill in: the headings, and a row as an example. */
export const csvTemplate: readonly (readonly string[])[] = [
  csvColumns,
  [
    '2026-03-09',
    'Crew lunch',
    'beef shank',
    '2.6 kg',
    '1.92 kg',
    '845 g',
    '90 g',
    '985 g',
    '820 ml',
    '18',
    'just enough',
    'Peel it warm.',
  ],
];
