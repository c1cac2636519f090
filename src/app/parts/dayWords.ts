/**
 * A day as a label says it: "Fri 19 Dec".
 * @param zone by whose calendar; absent: of where it is read
 */
export const dayWords = (moment: number, zone?: string): string =>
  new Intl.DateTimeFormat('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    ...(zone !== undefined && { timeZone: zone }),
  }).format(moment);
