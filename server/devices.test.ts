import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { mkdtempSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { makeApp } from './app.ts';

let server: Server;
let home = '';
beforeAll(async () => {
  server = createServer(makeApp({ dist: mkdtempSync(`${tmpdir()}/slow-spoon-`), data: 'demo' }));
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', () => resolve()));
  home = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => {
  server.closeAllConnections();
  server.close();
});

const command = (body: unknown, origin: string | undefined = home) =>
  fetch(`${home}/devices/command`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', ...(origin !== '' && { Origin: origin }) },
    body: JSON.stringify(body),
  });

/** What the stream says until something is true of it. */
async function until(is: (told: { link: string; scale: { grams: number; stable: boolean } }) => boolean) {
  const end = new AbortController();
  const stream = await fetch(`${home}/devices/events`, { signal: end.signal });
  expect(stream.headers.get('content-type')).toContain('text/event-stream');
  const reader = stream.body?.pipeThrough(new TextDecoderStream()).getReader();
  let text = '';
  for (;;) {
    const { value = '', done = true } = (await reader?.read()) ?? {};
    text += value;
    const told = text
      .split('\n\n')
      .slice(0, -1)
      .map((event) => JSON.parse(event.replace('data: ', '')) as Parameters<typeof is>[0]);
    const found = told.find(is);
    if (found || done) {
      end.abort();
      return found;
    }
  }
}

test('what is put on the scale is told as it settles, and a cut link is said once', async () => {
  expect((await command({ do: 'put', grams: 500 })).status).toBe(204);
  const settled = await until(({ scale: { grams, stable } }) => stable && grams > 400);
  expect(Math.abs((settled?.scale.grams ?? NaN) - 500)).toBeLessThanOrEqual(3);
  await command({ do: 'cut the link' });
  expect(await until(({ link }) => link === 'lost')).toBeDefined();
  await command({ do: 'mend the link' });
  expect(await until(({ link }) => link === 'on')).toBeDefined();
}, 15_000);

test.each(['', 'http://127.0.0.1:9', 'null'])(
  'a command from “%s” is refused, and moves nothing',
  async (origin) => {
    expect((await command({ do: 'put', grams: 900 }, origin)).status).toBe(403);
  },
);

test.each([{ do: 'explode' }, { do: 'put', grams: 'much' }, []])(
  'a command that is none, %j, is refused',
  async (body) => {
    expect((await command(body)).status).toBe(400);
  },
);
