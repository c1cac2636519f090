let zone: string | undefined;
/** The zone of this browser. Asked for when the first plan is: at the start it took a tenth of all the time. */
const zoneHere = () => (zone ??= Intl.DateTimeFormat().resolvedOptions().timeZone);
const FIVE_MINUTES = 300_000;

/** The instant that all is reckoned at: it moves with the clock, but not with each of its ticks. */
export const instantOf = (now: number): number => Math.floor(now / FIVE_MINUTES) * FIVE_MINUTES;

/** What the day is asked at. */
export const planAt = (now: number, tries: number) => ({
  now: instantOf(now),
  tries,
  zone: zoneHere(),
});

/** The first plan, which is there at once; whoever asks for it shares the answer. */
export const firstPlan = (now: number) => planAt(now, 0);

/** Orders that the levelling tries for three batches: a second of them or so; tests that look at the page try fewer. */
export const levelling = { tries: 1500 };
/** More batches get fewer, since each takes longer. */
export const triesFor = (batches: number): number =>
  Math.round(levelling.tries / Math.max(1, batches / 3) ** 2);
