import { createReadStream, existsSync, statSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { extname, join, normalize } from 'node:path';
import { hostHeaders } from '../server/policy.ts';
import { expect, test, threeEntries } from './test.ts';

const TYPES: Readonly<Record<string, string>> = {
  '.html': 'text/html',
  '.js': 'text/javascript',
  '.css': 'text/css',
  '.svg': 'image/svg+xml',
  '.png': 'image/png',
  '.woff2': 'font/woff2',
  '.woff': 'font/woff',
  '.wasm': 'application/wasm',
  '.webmanifest': 'application/manifest+json',
  '.txt': 'text/plain',
};

test('on a plain file host with the headers of the README every sheet opens, and sharing out works', async ({
  page,
}) => {
  const host = createServer((request, response) => {
    const path = normalize(decodeURIComponent(new URL(request.url ?? '/', 'http://127.0.0.1').pathname));
    const asked = join('dist', path);
    const file = existsSync(asked) && statSync(asked).isFile() ? asked : 'dist/index.html';
    response.writeHead(200, {
      ...hostHeaders,
      'Content-Type': TYPES[extname(file)] ?? 'application/octet-stream',
    });
    createReadStream(file).pipe(response);
  });
  await new Promise<void>((resolve) => host.listen(0, '127.0.0.1', () => resolve()));
  try {
    const at = `http://127.0.0.1:${String((host.address() as AddressInfo).port)}/`;
    await threeEntries(page, '3 kg', 'Beef brisket, whole', '12', at);
    await expect(page.getByText(/^\d+ in 100$/).first()).toBeVisible();
    const meal = page.url();
    for (const stage of ['order', 'pot', 'clock', 'bench', 'broth', 'keep', 'plates']) {
      await page.goto(meal.replace(/\w+$/, stage));
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    }
    // Shared out by the solver, which is WebAssembly.
    await expect(page.getByText(/Every plate gets its portion/)).toBeVisible();
  } finally {
    host.closeAllConnections();
    host.close();
  }
});
