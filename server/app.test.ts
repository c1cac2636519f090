import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { createServer, get, type IncomingMessage, type Server } from 'node:http';
import { type AddressInfo, connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { makeApp, makeServer } from './app.ts';
import { whoHolds } from './ports.ts';

let server: Server;
let stranger: Server;
let home = '';
const port = (of: Server) => (of.address() as AddressInfo).port;

beforeAll(async () => {
  const dist = mkdtempSync(join(tmpdir(), 'slow-spoon-'));
  mkdirSync(join(dist, 'assets'));
  writeFileSync(join(dist, 'assets', 'large.js'), '// '.padEnd(5000, 'x'));
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
  // The solver's WebAssembly, and nothing else.
  const policy = page.headers.get('content-security-policy')?.replace("'wasm-unsafe-eval'", '');
  expect(policy).not.toContain('unsafe');
});

test('a file that is not there is not the page', async () => {
  const missing = await fetch(`${home}/assets/gone.js`);
  expect(missing.status).toBe(404);
  expect(await missing.text()).toBe('That is not here.');
});

/** Asks with headers that fetch does not let anybody set. */
const asked = (path: string, headers: Record<string, string>) =>
  new Promise<IncomingMessage>((resolve, reject) => {
    get(`${home}${path}`, { headers }, resolve).on('error', reject);
  });

test.each(['evil.example', 'evil.example:80', '127.0.0.1.evil.example'])(
  'it does not answer to “%s”',
  async (host) => {
    const response = await asked('/', { host });
    expect([400, 421]).toContain(response.statusCode);
    response.resume();
  },
);

test('it answers to the names of the loopback address', async () => {
  for (const host of ['localhost', 'localhost:8310', '127.0.0.1', '[::1]:8310']) {
    const response = await asked('/', { host });
    expect(response.statusCode).toBe(200);
    response.resume();
  }
});

test('every method but reading is told that nothing is there', async () => {
  for (const method of ['POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS']) {
    const response = await fetch(`${home}/meals`, { method });
    expect([method, response.status, await response.text()]).toEqual([method, 404, 'That is not here.']);
  }
});

test('its files come compressed', async () => {
  const response = await asked('/assets/large.js', { 'accept-encoding': 'gzip' });
  expect(response.headers['content-encoding']).toBe('gzip');
  response.resume();
});

test('whoever dawdles over the headers or the body is ended', async () => {
  const quick = makeServer({ dist: tmpdir(), data: 'own' }, 200);
  await new Promise<void>((resolve) => quick.listen(0, '127.0.0.1', () => resolve()));
  for (const begun of [
    'GET / HTTP/1.1\r\nHost: localhost\r\n',
    'POST /api/hello HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\nContent-Length: 99\r\n\r\n{',
  ]) {
    const socket = connect(port(quick), '127.0.0.1');
    socket.write(begun);
    const said = await new Promise<string>((resolve) => {
      let all = '';
      socket.on('data', (part) => {
        all += part.toString();
      });
      socket.on('close', () => resolve(all));
    });
    expect(said).toMatch(/^HTTP\/1\.1 408/);
  }
  quick.close();
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
