/** Makes the pictures by which an installed Slow Spoon is known, from public/spoon.svg. */
import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { browserOptions } from '../e2e/chromium.ts';

const at = (name: string) => fileURLToPath(new URL(`../public/${name}`, import.meta.url));
const spoon = readFileSync(at('spoon.svg'), 'utf8');
const browser = await chromium.launch(browserOptions);

/** @param share of the picture that the spoon takes: what is masked may lose its rim */
async function draw(name: string, size: number, share: number, ground: string): Promise<void> {
  const page = await browser.newPage({ viewport: { width: size, height: size } });
  await page.setContent(
    `<style>body{margin:0;height:100vh;display:grid;place-items:center;background:${ground}}svg{width:${share * 100}%}</style>${spoon}`,
  );
  await page.screenshot({ path: at(name), omitBackground: ground === 'transparent' });
  await page.close();
}

try {
  await draw('spoon-192.png', 192, 0.96, 'transparent');
  await draw('spoon-512.png', 512, 0.96, 'transparent');
  await draw('spoon-mask.png', 512, 0.66, '#f5efe4');
} finally {
  await browser.close();
}
