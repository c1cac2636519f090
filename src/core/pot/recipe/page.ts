import { Parser } from 'htmlparser2';

/**
 * The JSON-LD that stands in a page, script by script. The page is walked through once, and nothing is made of it: however it
 * is written it takes no longer than it is long.
 */
export function scriptsIn(page: string): readonly string[] {
  const found: string[] = [];
  let isInside = false;
  const parser = new Parser({
    onopentag: (name, { type = '' }) => {
      isInside = name === 'script' && /ld\+json/i.test(type);
      if (isInside) found.push('');
    },
    ontext: (text) => {
      if (isInside) found[found.length - 1] = (found.at(-1) ?? '') + text;
    },
    onclosetag: () => {
      isInside = false;
    },
  });
  parser.write(page);
  parser.end();
  return found;
}

/** The words of a text that may hold marks and named signs: "1&frac12; <b>onions</b>" is "1½ onions". */
export function plainWords(text: string): string {
  let words = '';
  const parser = new Parser(
    {
      ontext: (some) => {
        words += some;
      },
      onopentag: () => {
        words += ' ';
      },
    },
    { decodeEntities: true },
  );
  parser.write(text);
  parser.end();
  return words.replaceAll('\u00a0', ' ').replaceAll('\u2019', '’').replaceAll(/\s+/g, ' ').trim();
}
