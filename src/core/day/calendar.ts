import { MINUTE_MS } from '../quantity/index.ts';
import { createEvents, type EventAttributes } from 'ics';
import type { Line } from './line.ts';

/** What a calendar is made of. */
export interface CalendarAsk {
  readonly name: string;
  readonly serving: number;
  readonly lines: readonly Line[];
  /** What a line is called. */
  readonly words: (line: Line) => string;
  /** Names of the pots, by batch. */
  readonly pots: ReadonlyMap<string, string>;
  /** Names of those who cook, by id. */
  readonly names?: ReadonlyMap<string, string>;
  /** Of the meal: the events of a later file replace those of an earlier one. */
  readonly id: string;
  /** Epoch ms. */
  readonly now: number;
}

/**
 * The day as iCalendar (RFC 5545): one event for each task that needs hands and is not over, and one for the
 * serving; alarms on the looks, at the moment and five minutes before. Times are moments (UTC), so that they
 * ring rightly in any zone.
 */
export function calendarOf({
  name,
  serving,
  lines,
  words: wordsOf,
  pots,
  names,
  id,
  now,
}: CalendarAsk): string {
  const moment = (at: number) => ({ start: at, startInputType: 'utc', startOutputType: 'utc' }) as const;
  const events = lines
    .filter(({ hands, to }) => hands > 0 && to > now)
    .map((line): EventAttributes => {
      const { from, to, kind, batch, task, key } = line;
      const who = (line.who ?? []).flatMap((one) => names?.get(one) ?? []);
      const words = who.length > 0 ? `${who.join(', ')}: ${wordsOf(line)}` : wordsOf(line);
      const pot = batch === undefined ? undefined : pots.get(batch);
      return {
        ...moment(from),
        duration: { minutes: Math.max(5, Math.round((to - from) / MINUTE_MS)) },
        title: pot === undefined ? words : `${words} (${pot})`,
        uid: `${id}/${task}/${key}`.replaceAll(/[^\w/-]+/g, '-'),
        calName: name,
        ...(kind === 'look' && { alarms: [alarm(words, 0), alarm(words, 5)] }),
      };
    });
  const served: EventAttributes = {
    ...moment(serving),
    duration: { minutes: 30 },
    title: `Serve: ${name}`,
    uid: `${id}/serving`.replaceAll(/[^\w/-]+/g, '-'),
    alarms: [alarm(`Serve: ${name}`, 30)],
  };
  const { error, value } = createEvents([...events, served], { calName: name, productId: 'slow-spoon' });
  if (error) throw error;
  // A length of nothing is written without its unit by the library, which is no duration (RFC 5545, 3.3.6).
  return (value ?? '').replaceAll(/^TRIGGER:-?PT?\r?$/gm, 'TRIGGER:PT0S\r');
}

const alarm = (description: string, minutes: number) => ({
  action: 'display' as const,
  description,
  trigger: { minutes, before: true },
});
