const UNITS = ['bytes', 'kB', 'MB', 'GB', 'TB'] as const;

/** A number of bytes as people say it: "12 MB". */
export function sizeWords(bytes: number): string {
  const step = bytes < 1 ? 0 : Math.min(UNITS.length - 1, Math.floor(Math.log10(bytes) / 3));
  const value = bytes / 1000 ** step;
  return `${step > 0 && value < 10 ? value.toFixed(1) : Math.round(value)} ${UNITS[step] ?? ''}`;
}

const DAY_MS = 86_400_000;

/** How long ago something was, to the day: "today", "yesterday", "12 days ago". */
export function agoWords(then: number, now: number): string {
  const start = (moment: number) => new Date(moment).setHours(0, 0, 0, 0);
  const days = Math.round((start(now) - start(then)) / DAY_MS);
  return days <= 0 ? 'today' : days === 1 ? 'yesterday' : `${days} days ago`;
}

/** Some names and how many more: "Lunch, Supper and 12 more". */
export function namesWords(names: readonly string[], most = 4): string {
  const shown = names.slice(0, most).map((name) => name || 'a meal without a name');
  const more = names.length - shown.length;
  return more > 0 ? `${shown.join(', ')} and ${more} more` : shown.join(', ');
}
