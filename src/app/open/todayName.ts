/** The usual name of a meal: the day, as the browser's language writes it. */
export const todayName = () =>
  new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long' }).format(new Date());
