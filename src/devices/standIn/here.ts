import type { Command, Counter, CounterTold } from './counter.ts';

/** The stand-in counter as a page knows it: in the page itself, or at the server. */
export interface CounterLink {
  readonly where: 'here' | 'server';
  readonly listen: (hear: (told: CounterTold) => void) => () => void;
  readonly obey: (command: Command) => void;
}

/** Readings come so often, ms. */
export const EVERY_MS = 100;

/** A counter inside the page: for when there is no server. */
export const counterHere = (counter: Counter, now: () => number): CounterLink => ({
  where: 'here',
  listen: (hear) => {
    const timer = setInterval(() => hear(counter.tell(now())), EVERY_MS);
    return () => clearInterval(timer);
  },
  obey: (command) => counter.obey(command, now()),
});

/** The server's counter, told as server-sent events; the browser takes a lost stream up again by itself. */
export const counterAtServer = (): CounterLink => ({
  where: 'server',
  listen: (hear) => {
    const stream = new EventSource('/devices/events');
    let last: CounterTold | undefined;
    stream.onmessage = ({ data }: MessageEvent<string>) => {
      last = JSON.parse(data) as CounterTold;
      hear(last);
    };
    stream.onerror = () => {
      if (last) hear({ ...last, link: 'lost' });
    };
    return () => stream.close();
  },
  obey: (command) => {
    fetch('/devices/command', {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(command),
    }).catch(reportError);
  },
});

/** The stand-in’s scale as any scale is heard. */
export const scaleOf = ({ listen, obey }: CounterLink) => ({
  name: 'stand-in scale',
  stepG: 1,
  streams: true,
  listen: (hear: (told: { link: CounterTold['link']; reading: CounterTold['scale'] }) => void) =>
    listen(({ link, scale }) => hear({ link, reading: scale })),
  tare: () => obey({ do: 'tare' }),
});
