import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { makeApp } from './app.ts';
import { whoHolds } from './ports.ts';

let server: Server;
let stranger: Server;
let home = '';
const port = (of: Server) => (of.address() as AddressInfo).port;

beforeAll(async () => {
  const dist = mkdtempSync(join(tmpdir(), 'slow-spoon-'));
  mkdirSync(join(dist, 'assets'));
  writeFileSync(join(dist, 'index.html'), '<meta name="slow-spoon-data" content="own" />');
  server = createServer(makeApp({ dist, data: 'demo' }));
  stranger = createServer((_, response) => response.end('hello'));
  for (const each of [server, stranger]) {
    await new Promise<void>((resolve) => each.listen(0, '127.0.0.1', () => resolve()));
  }
  home = `http://127.0.0.1:${port(server)}`;
});
afterAll(() => {
  server.close();
  stranger.close();
});

test('any address of the app is its page, with the kind of data it shows', async () => {
  const page = await fetch(`${home}/meals/x/batches/y/pot`);
  expect(await page.text()).toContain('content="demo"');
  expect(page.headers.get('content-security-policy')).toContain("default-src 'self'");
  expect(page.headers.get('content-security-policy')).not.toContain('unsafe');
});

test('a file that is not there is not the page', async () => {
  const missing = await fetch(`${home}/assets/gone.js`);
  expect(missing.status).toBe(404);
  expect(await missing.text()).toBe('That is not here.');
});

test('a body is refused beyond its limit', async () => {
  const large = await fetch(`${home}/api/hello`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify('x'.repeat(20_000)),
  });
  expect(large.status).toBe(413);
});

test('who holds a port is told apart', async () => {
  expect(await whoHolds('127.0.0.1', port(server))).toEqual({ program: 'slow-spoon', data: 'demo' });
  expect(await whoHolds('127.0.0.1', port(stranger))).toBe('other');
  const free = createServer();
  await new Promise<void>((resolve) => free.listen(0, '127.0.0.1', () => resolve()));
  const was = port(free);
  await new Promise((resolve) => free.close(resolve));
  expect(await whoHolds('127.0.0.1', was)).toBe('free');
});
