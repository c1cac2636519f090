/** A browser with a profile on the disk, which can be killed and opened again where it was. */
import { chromium, type BrowserContext, type Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { engineOptions } from '../../e2e/chromium.ts';
import { makeServer } from '../../server/app.ts';

export class House {
  readonly #profile = mkdtempSync(join(tmpdir(), 'slow-spoon-storm-'));
  readonly #server;
  #context: BrowserContext | undefined;
  #url = '';
  constructor(dist: string) {
    this.#server = makeServer({ dist, data: 'own' });
  }

  get url(): string {
    return this.#url;
  }

  async begin(): Promise<void> {
    await new Promise<void>((resolve) => this.#server.listen(0, '127.0.0.1', resolve));
    this.#url = `http://127.0.0.1:${(this.#server.address() as AddressInfo).port}`;
  }

  async open(path: string, script?: string): Promise<Page> {
    const context = await chromium.launchPersistentContext(this.#profile, {
      ...engineOptions,
      viewport: { width: 1280, height: 800 },
    });
    this.#context = context;
    if (script !== undefined) await context.addInitScript(script);
    const page = context.pages()[0] ?? (await context.newPage());
    await page.goto(this.#url + path);
    return page;
  }

  /** One more tab of the browser that is open. */
  async tab(path: string): Promise<Page> {
    if (!this.#context) throw new Error('no browser is open');
    const page = await this.#context.newPage();
    await page.goto(this.#url + path);
    return page;
  }

  /** As when the plug is pulled: every process of the browser at once. */
  async kill(): Promise<void> {
    try {
      execFileSync('pkill', ['-KILL', '-f', this.#profile]);
    } catch {
      // None was left.
    }
    await this.close();
  }

  async close(): Promise<void> {
    await this.#context?.close().catch(() => undefined);
    this.#context = undefined;
  }

  async end(): Promise<void> {
    await this.close();
    await new Promise((resolve) => this.#server.close(resolve));
    this.#server.closeAllConnections();
    rmSync(this.#profile, { recursive: true, force: true, maxRetries: 5 });
  }
}
