import { plainDuration } from './duration.ts';
import { withFractions } from './fractions.ts';
import { readLoose } from './loose.ts';
import { celsiusOfFahrenheit, unitNamed, type Measure } from './units.ts';
import { outOfBounds, quoted, TEXT_MOST } from './bounds.ts';
import type { Quantity } from './quantity.ts';

/** A text that could be meant two ways is asked about: each choice is a text that reads one way. */
export type Reading =
  | { readonly ok: true; readonly quantity: Quantity }
  | { readonly ok: false; readonly error: string; readonly choices?: readonly string[] };

const EXAMPLE: Readonly<Record<Measure, string>> = {
  mass: '1.4 kg or 2 lb 3 oz',
  volume: '500 ml or 2 cups',
  count: '24',
  temperature: '160 °C or 325 °F',
  duration: '2 h 30 min',
};
const A: Readonly<Record<Measure, string>> = {
  mass: 'a weight',
  volume: 'a volume',
  count: 'a number',
  temperature: 'a temperature',
  duration: 'a time',
};

const NUMBER = String.raw`(?:\d+ \d+\/\d+|\d+\/\d+|\d*[.,]?\d+(?:[.,]\d+)*)`;
const PART = new RegExp(String.raw`^(-?${NUMBER})\s*(fl\.? ?oz|fluid ounces?|[a-z°]+\.?)?\s*`, 'i');
const TIMES = new RegExp(String.raw`^(\d+)\s*[x×*]\s*(.+)$`, 'i');
/** "0", "0 g", "0,0 ml", "none". */
const NONE = /^(?:0+(?:[.,]0+)?\s*([a-z ]*)\.?|none|nothing)$/i;
const DASH = /\s*(?:–|—|-|\bto\b)\s*/;

/**
 * Reads a quantity of one measure as people write it: "2 lb 3 oz", "1,4 kg", "2½ lb",
 * "2 × 800 g", "3–4 lb", "325 °F". Whatever cannot be read gives one sentence with the text in it.
 * @param hint units offered for a bare number, e.g. ['kg', 'g']; a single one is taken
 * @param nought none of it is an amount too: "0", with or without a unit
 */
export function readQuantity(
  text: string,
  measure: Measure,
  hint: readonly string[] = [],
  nought = false,
): Reading {
  const shown = quoted(text);
  const fail = (why: string, choices?: readonly string[]): Reading => ({
    ok: false,
    error: why,
    ...(choices && { choices }),
  });
  if (text.length > TEXT_MOST) return fail(`${shown} is longer than ${TEXT_MOST} letters; write it shorter.`);
  const plain = measure === 'duration' ? plainDuration(tidy(text)) : tidy(text);
  if (plain === '') return fail(`Write ${A[measure]}, like ${EXAMPLE[measure]}.`);
  if (/^[-−]\s*[\d.,]/.test(plain)) return fail(`${shown} must be above 0; write ${A[measure]}.`);
  if (nought && isNone(plain, measure)) return { ok: true, quantity: { text, lo: 0, hi: 0 } };
  const loose = measure === 'volume' ? readLoose(plain) : undefined;
  if (loose) {
    const beyond = outOfBounds(shown, measure, loose.lo, loose.hi);
    return beyond === undefined ? { ok: true, quantity: { text, ...loose } } : fail(beyond);
  }
  const thousands = /^(.*?)(\d{1,3}),(\d{3})(?![\d.,])(.*)$/.exec(plain);
  if (thousands) {
    const [, before, whole, digits, after] = thousands;
    const choices = [`${before}${whole}.${digits}${after}`, `${before}${whole}${digits}${after}`];
    return fail(`${shown} can be read two ways: is it ${choices.join(' or ')}?`, choices);
  }

  const times = measure === 'count' ? null : TIMES.exec(plain);
  const count = times ? Number(times[1]) : undefined;
  const body = times?.[2] ?? plain;
  if (count === 0) return fail(`${shown} is no pieces at all; write how many there are.`);

  const ends = body.split(DASH);
  if (ends.length > 2) return fail(`${shown} has more than two ends; write a range like 3–4 lb.`);
  const last = ends.at(-1) ?? '';
  const readings: number[] = [];
  for (const end of ends) {
    // "3–4 lb": the unit written once, behind the second number, counts for both.
    const whole = ends.length === 2 && /^[\d .,/]+$/.test(end) ? `${end} ${unitIn(last)}` : end;
    const value = readSum(whole.trim(), measure, shown, hint);
    if (typeof value !== 'number') return value;
    readings.push(value * (count ?? 1));
  }
  const [first = 0, second = first] = readings;
  if (second < first) return fail(`${shown} is the wrong way round; put the smaller first.`);
  if (measure !== 'temperature' && first <= 0) return fail(`${shown} must be above 0; write ${A[measure]}.`);
  if (measure === 'count' && !Number.isInteger(first)) return fail(`${shown} is not a whole number.`);
  const beyond = outOfBounds(shown, measure, first, second);
  if (beyond !== undefined) return fail(beyond);
  return {
    ok: true,
    quantity: { text, lo: first, hi: second, ...(count !== undefined && { count }) },
  };
}

/** The text with vulgar fractions as "1/2", one kind of minus, single spaces. */
function tidy(text: string): string {
  return withFractions(text)
    .replace(/[\u00a0\u202f\u2009\s]+/g, ' ')
    .replace(/−/g, '-')
    .replace(/º/g, '°')
    .trim();
}

const isNone = (plain: string, measure: Measure): boolean => {
  const found = NONE.exec(plain);
  const unit = found?.[1]?.trim() ?? '';
  return found !== null && (unit === '' || unitNamed(unit)?.measure === measure);
};

const unitIn = (text: string) => /[a-z°][a-z° ]*$/i.exec(text)?.[0] ?? '';

/** The sum of the parts of "2 lb 3 oz" in SI, or why it cannot be read. */
function readSum(text: string, measure: Measure, shown: string, hint: readonly string[]): number | Reading {
  const fail = (error: string, choices?: readonly string[]): Reading => ({
    ok: false,
    error,
    ...(choices && { choices }),
  });
  const unreadable = `${shown} is not ${A[measure]}; write it like ${EXAMPLE[measure]}.`;
  let rest = text.replace(/\band\b/gi, ' ').trim();
  let total = 0;
  let larger: { si: number; name: string } | undefined;
  while (rest !== '') {
    const part = PART.exec(rest);
    if (!part) return fail(unreadable);
    const value = readNumber(part[1] ?? '');
    const name = part[2]?.trim();
    if (!Number.isFinite(value)) return fail(unreadable);
    rest = rest.slice(part[0].length);
    if (measure === 'count') {
      if (name !== undefined || rest !== '') return fail(unreadable);
      return value;
    }
    if (measure === 'temperature')
      return rest === '' ? readDegrees(value, name, shown, hint) : fail(unreadable);
    if (name === undefined && hint.length === 1 && rest === '' && larger === undefined)
      return value * (unitNamed(hint[0] ?? '')?.si ?? NaN);
    if (name === undefined) {
      const choices = rest === '' && larger === undefined ? hint.map((unit) => `${part[1]} ${unit}`) : [];
      if (choices.length === 0) return fail(unreadable);
      return fail(`${shown} has no unit: is it ${choices.join(' or ')}?`, choices);
    }
    const unit = unitNamed(name);
    if (!unit)
      return fail(`${shown}: “${name}” is not a unit known here; write it like ${EXAMPLE[measure]}.`);
    if (unit.measure !== measure) return fail(`${shown} is ${A[unit.measure]}, not ${A[measure]}.`);
    if (larger && value * unit.si >= larger.si) {
      return fail(
        `${shown}: ${part[1]} ${name} is more than a ${larger.name}; write the ${larger.name} and what is over.`,
      );
    }
    total += value * unit.si;
    larger = { si: unit.si, name };
  }
  return total;
}

function readDegrees(
  value: number,
  name: string | undefined,
  shown: string,
  hint: readonly string[],
): number | Reading {
  // A kitchen has one kind of degrees: a bare number is of it.
  const bare = hint.length === 1 ? hint[0] : undefined;
  const unit = (name ?? bare)?.replace('°', '').toLowerCase() ?? '';
  if (unit === 'c') return value;
  if (unit === 'f') return celsiusOfFahrenheit(value);
  const choices = [`${value} °C`, `${value} °F`];
  return { ok: false, error: `${shown}: is it ${choices.join(' or ')}?`, choices };
}

/** "1,4", "1.4", "1,234.5", "1/2", "2 1/2" as a number; NaN if it is none. */
function readNumber(text: string): number {
  const mixed = /^(?:(\d+) )?(\d+)\/(\d+)$/.exec(text);
  if (mixed) return Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
  const grouped = /^\d{1,3}(,\d{3})+\.\d+$/.test(text) ? text.replace(/,/g, '') : text;
  return Number(grouped.replace(',', '.'));
}

export type AnyReading =
  | { readonly ok: true; readonly quantity: Quantity; readonly measure: Measure }
  | Extract<Reading, { ok: false }>;

/**
 * Reads a text that may be of several measures: "800 g", "2 cups" or "3" onions. If it is none of
 * them, the fault of the first is told.
 */
export function readAny(
  text: string,
  measures: readonly Measure[],
  hint: readonly string[] = [],
  nought = false,
): AnyReading {
  let fault: Extract<Reading, { ok: false }> | undefined;
  for (const measure of measures) {
    const reading = readQuantity(text, measure, measures.includes('count') ? [] : hint, nought);
    if (reading.ok) return { ...reading, measure };
    fault ??= reading;
  }
  return fault ?? { ok: false, error: 'Nothing can be written here.' };
}
