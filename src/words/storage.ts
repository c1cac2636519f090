/** What is wrong with the store, and what to do about it. */
const said = {
  full: {
    what: 'No room is left where this browser keeps things.',
    todo: 'Make room on this device, or take meals out that are saved as files; then try again.',
  },
  refused: {
    what: 'This browser does not let the page keep anything.',
    todo: 'Leave the private window, or allow this address to store data in the browser’s settings; then try again.',
  },
  blocked: {
    what: 'Another tab with an older Slow Spoon is open and holds the meals.',
    todo: 'Close or reload that tab: this page goes on by itself then.',
  },
  newer: {
    what: 'The meals here were last written by a newer Slow Spoon.',
    todo: 'Bring this one up to date, or reload the page if it has been already; nothing has been changed.',
  },
  outdated: {
    what: 'A newer Slow Spoon has been opened in another tab.',
    todo: 'Reload this page to go on with it.',
  },
  cleared: {
    what: 'What this browser kept of your meals has been cleared.',
    todo: 'This page still has the meal: put it back, or save it as a file.',
  },
  broken: {
    what: 'The disk does not answer as it should.',
    todo: 'Try again; if that does not help, restart the browser. What was saved before is safe.',
  },
} as const;

export type StorageFaultWord = keyof typeof said;

/** A fault of the store in two sentences: what it is, and what to do. */
export const storageWords = (fault: StorageFaultWord): { readonly what: string; readonly todo: string } =>
  said[fault];

/** What stands on the page alone: "3 changes are on this page only." */
export const unkeptWords = (count: number): string =>
  count === 1
    ? 'One change is on this page only and is not kept yet.'
    : `${count} changes are on this page only and are not kept yet.`;
