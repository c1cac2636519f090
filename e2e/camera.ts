import { writeFileSync } from 'node:fs';
import type { Locator } from '@playwright/test';
import { expect } from './test.ts';

/** Of the made video, px; each code stands still for so many pictures. */
const SIDE = 480;
const STILL = 4;
const PER_SECOND = 12;

/** What makes the browser see a made video in place of a camera. */
export const cameraOf = (video: string): readonly string[] => [
  '--use-fake-ui-for-media-stream',
  '--use-fake-device-for-media-stream',
  `--use-file-for-fake-video-capture=${video}`,
];

/** The squares of every code that is shown, each as it is drawn. */
export async function codesShown(shown: Locator): Promise<readonly string[]> {
  const picture = shown.getByRole('img', { name: /code \d+ of \d+/ });
  const name = (await picture.getAttribute('aria-label')) ?? '';
  const count = Number(/of (\d+)$/.exec(name)?.[1] ?? '1');
  // They turn by themselves until they are stopped: what is read off them would be of two.
  if (count > 1) await shown.getByRole('button', { name: 'Stop here' }).click();
  const paths = new Map<number, string>();
  while (paths.size < count) {
    const at = Number(await picture.getAttribute('data-code'));
    paths.set(at, (await picture.locator('path').getAttribute('d')) ?? '');
    if (count > 1) await shown.getByRole('button', { name: 'Next' }).click();
    if (count > 1) await expect(picture).not.toHaveAttribute('data-code', String(at));
  }
  return [...paths.values()];
}

/** A code in the middle of a grey picture, a little askew, as a hand holds it: its luminance. */
function frameOf(path: string): Buffer {
  const runs = [...path.matchAll(/M(\d+) (\d+)h(\d+)v1h-\d+z/g)].map(([, x, y, w]) => [
    Number(x),
    Number(y),
    Number(w),
  ]);
  const side = Math.max(...runs.map(([, y = 0]) => y)) + 1;
  const dark = new Set(
    runs.flatMap(([x = 0, y = 0, w = 0]) => Array.from({ length: w }, (_, i) => y * side + x + i)),
  );
  const luma = Buffer.alloc(SIDE * SIDE, 120);
  const module = (SIDE * 0.78) / (side + 8);
  const [cos, sin] = [Math.cos(0.06), Math.sin(0.06)];
  for (let v = 0; v < SIDE; v += 1)
    for (let u = 0; u < SIDE; u += 1) {
      const [dx, dy] = [u - SIDE / 2, v - SIDE / 2];
      const x = Math.floor((cos * dx + sin * dy) / module + side / 2);
      const y = Math.floor((cos * dy - sin * dx) / module + side / 2);
      if (x < -4 || y < -4 || x >= side + 4 || y >= side + 4) continue;
      const isDark = x >= 0 && y >= 0 && x < side && y < side && dark.has(y * side + x);
      luma[v * SIDE + u] = isDark ? 45 : 215;
    }
  return luma;
}

/** Writes codes as a video that comes round again (YUV4MPEG2, the fake device’s own open format), beginning in the middle. */
export function filmCodes(video: string, paths: readonly string[]): void {
  const grey = Buffer.alloc((SIDE * SIDE) / 2, 128);
  const from = Math.floor(paths.length / 2);
  const frames = [...paths.slice(from), ...paths.slice(0, from)].flatMap((path) => {
    const frame = [Buffer.from('FRAME\n'), frameOf(path), grey];
    return Array.from({ length: STILL }, () => frame).flat();
  });
  writeFileSync(
    video,
    Buffer.concat([Buffer.from(`YUV4MPEG2 W${SIDE} H${SIDE} F${PER_SECOND}:1 Ip C420\n`), ...frames]),
  );
}
