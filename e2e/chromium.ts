import { execFileSync } from 'node:child_process';

/** Debian's Chromium, headless as root, with every name but the loopback address cut off. */
const optionsOf = (programs: string) => ({
  executablePath: execFileSync('sh', ['-c', programs], { encoding: 'utf8' }).trim(),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--host-resolver-rules=MAP * ~NOTFOUND , EXCLUDE 127.0.0.1',
  ],
});

const WHOLE = 'command -v chromium';
/** The whole browser: what a cook has, what is measured, and what pictures are taken of. */
export const browserOptions = optionsOf(WHOLE);

/**
 * The same engine without the browser's own windows, which take a fifth of the tests' time. The check drives the
 * whole browser, as does a machine that has no other.
 */
export const engineOptions =
  process.env.SLOW_SPOON_CHECK === '1'
    ? browserOptions
    : optionsOf(`command -v chromium-headless-shell || ${WHOLE}`);
