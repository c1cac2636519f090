/** A day as a label says it: "Fri 19 Dec". */
export const dayWords = (moment: number): string =>
  new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' }).format(moment);
