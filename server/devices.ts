import express, { type Router } from 'express';
import { readCommand, standInCounter, type CounterTold } from '../src/devices/standIn/counter.ts';

/** Readings go out so often, ms. */
const EVERY_MS = 100;
/** More pages than these listen to no one counter. */
const MOST_LISTENERS = 20;

/**
 * The stand-in scale and probes as server-sent events, and what is put on them. Nothing of a meal passes here. What a
 * lost link would not bring is not sent.
 */
export function devices(now: () => number = Date.now): Router {
  const counter = standInCounter(Math.random);
  const listeners = new Set<(told: CounterTold) => void>();
  let timer: NodeJS.Timeout | undefined;
  const tick = () => {
    const told = counter.tell(now());
    for (const hear of listeners) hear(told);
  };
  const router = express.Router();
  router.get('/events', (request, response) => {
    if (listeners.size >= MOST_LISTENERS) {
      response.status(503).type('text').send('Too many pages listen to the scale.');
      return;
    }
    // Not to be compressed: a reading would wait for the next to fill a block.
    response.writeHead(200, {
      'Content-Type': 'text/event-stream',
      'Cache-Control': 'no-store, no-transform',
    });
    let lost = false;
    const hear = (told: CounterTold) => {
      // That the link went is said once; then there is silence.
      if (told.link === 'on' || !lost) response.write(`data: ${JSON.stringify(told)}\n\n`);
      lost = told.link !== 'on';
    };
    listeners.add(hear);
    timer ??= setInterval(tick, EVERY_MS);
    request.on('close', () => {
      listeners.delete(hear);
      if (listeners.size > 0) return;
      clearInterval(timer);
      timer = undefined;
    });
  });
  router.post('/command', (request, response) => {
    // A page from elsewhere must not put anything on the scale; a browser says where its page is from.
    if (request.get('origin') !== `${request.protocol}://${request.get('host') ?? ''}`) {
      response.status(403).type('text').send('Only a page of Slow Spoon works the stand-in scale.');
      return;
    }
    const command = readCommand(request.body);
    if (!command) {
      response.status(400).type('text').send('That is nothing the stand-in scale can do.');
      return;
    }
    counter.obey(command, now());
    response.status(204).end();
  });
  return router;
}
