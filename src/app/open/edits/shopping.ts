import { change } from '../memory.ts';

/** The shopping list. */

/** Ticks a line of the shopping list off, or on again. */
export function tickOff(line: string): void {
  change(undefined, { words: 'ticking off the list' }, (edits) => {
    const row = edits.get('kept', 'shopping');
    const got = row?.id === 'shopping' ? row.got : [];
    const next = got.includes(line) ? got.filter((other) => other !== line) : [...got, line];
    edits.put('kept', { ...(row?.id === 'shopping' && row), id: 'shopping', got: next });
  });
}

/** Puts a line of the cook's own on the shopping list, or takes it off. */
export function listLine(line: string, on: boolean): void {
  change(undefined, { words: on ? `${line} on the list` : `${line} off the list` }, (edits) => {
    const row = edits.get('kept', 'shopping');
    const [got, lines] = row?.id === 'shopping' ? [row.got, row.lines ?? []] : [[], []];
    const others = lines.filter((other) => other !== line);
    edits.put('kept', { id: 'shopping', got, lines: on ? [...others, line] : others });
  });
}
