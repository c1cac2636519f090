import { wordsToNumbers } from './loose.ts';

const HOUR = String.raw`(?:hours?|hrs?|h)`;
const MINUTE = String.raw`(?:minutes?|mins?|min|m)`;
const PARTS: Readonly<Record<string, number>> = { half: 30, quarter: 15, 'three quarters': 45 };

/** What is said for a length of time, as the reader of sums knows it; most likely first. */
const said: readonly (readonly [RegExp, (found: RegExpExecArray) => string])[] = [
  // "2:30", "2.30 h" is two and three tenths and stays.
  [/^(\d{1,2}):([0-5]\d)(?: ?h)?$/, ([, h = '', m = '']) => `${h} h ${m} min`],
  // "2 h 30", "2h30".
  [new RegExp(String.raw`^(\d+) ?${HOUR} ?([0-5]?\d)$`), ([, h = '', m = '']) => `${h} h ${m} min`],
  // "half an hour", "three quarters of an hour", "a quarter of an hour".
  [
    /^(?:a )?(half|quarter|three quarters)(?: of)?(?: an?)? hour$/,
    ([, part = '']) => `${String(PARTS[part])} min`,
  ],
  // "an hour and a half", "two hours and three quarters", "1 hour and a quarter".
  [
    new RegExp(String.raw`^(\d+) ${HOUR} and (?:an? )?(half|quarter|three quarters)$`),
    ([, h = '', part = '']) => `${h} h ${String(PARTS[part])} min`,
  ],
  // "two and a half hours".
  [
    new RegExp(String.raw`^(\d+) and (?:an? )?(half|quarter|three quarters) ${HOUR}$`),
    ([, h = '', part = '']) => `${h} h ${String(PARTS[part])} min`,
  ],
  // "one hour twenty", "an hour twenty minutes".
  [
    new RegExp(String.raw`^(\d+) ${HOUR} (?:and )?([a-z-]+)(?: ${MINUTE})?$`),
    ([whole, h = '', m = '']) => (tens[m] === undefined ? whole : `${h} h ${String(tens[m])} min`),
  ],
  [
    new RegExp(String.raw`^([a-z-]+) ${MINUTE}$`),
    ([whole, m = '']) => (tens[m] === undefined ? whole : `${String(tens[m])} min`),
  ],
  [/^(\d+) days?$/, ([, days = '']) => `${String(24 * Number(days))} h`],
  // A night is a range (common practice, no source).
  [/^over ?night$/, () => '8–12 h'],
];

const tens: Readonly<Record<string, number>> = {
  ...{ five: 5, ten: 10, fifteen: 15, twenty: 20, thirty: 30, forty: 40, fifty: 50, sixty: 60, ninety: 90 },
  ...{ 'twenty-five': 25, 'thirty-five': 35, 'forty-five': 45, 'fifty-five': 55 },
};

/**
 * A length of time as cooks say it ("half an hour", "2 h 30", "2:30", "an hour and a half", "overnight") as parts with their
 * units; what is said otherwise comes back as it was.
 */
export function plainDuration(text: string): string {
  const lower = text.toLowerCase();
  const fronted = /^(?:a )?(?:half|quarter|three quarters)\b/.test(lower) ? lower : wordsToNumbers(lower);
  for (const [pattern, plain] of said) {
    const found = pattern.exec(fronted);
    if (found) return plain(found);
  }
  return fronted;
}
