import { afterFirstPaint } from '../browser/afterFirstPaint.ts';
import { isDemo } from '../browser/db.ts';
import { actsBefore, isStuck } from './queue.ts';
import { watched } from '../browser/watched.ts';

/*
 * The page's side of what keeps the application in the browser. A new version waits until it is asked to take over;
 * then every tab writes what waits and loads anew.
 */

/** The start is not held up by keeping what has just been loaded, ms. */
const REST_MS = 2_000;
const HOUR_MS = 3_600_000;

/** A version that waits to take over, to be watched; called, it takes over. */
export const newVersion = watched<(() => void) | undefined>(undefined);

/** Keeps the application in this browser, from a moment after its first picture on. */
export function keepOffline(): void {
  if (!import.meta.env.PROD || !('serviceWorker' in navigator)) return;
  void afterFirstPaint.then(() => {
    setTimeout(() => {
      // A browser that keeps no application, as in a private window, shows it as it always did.
      register().catch(() => undefined);
    }, REST_MS);
  });
}

async function register(): Promise<void> {
  if (await isOfAnotherServer()) return;
  const { Workbox } = await import('workbox-window');
  const { serviceWorker } = navigator;
  let isKept = serviceWorker.controller !== null;
  serviceWorker.addEventListener('message', answer);
  serviceWorker.startMessages();
  serviceWorker.addEventListener('controllerchange', () => {
    // The first one has only begun to keep the page that is here.
    if (isKept) void loadAnew();
    else sayLoaded();
    isKept = true;
  });
  const workbox = new Workbox('/sw.js');
  workbox.addEventListener('waiting', () => {
    newVersion.set(() => workbox.messageSkipWaiting());
  });
  await workbox.register();
  sayLoaded();
  setInterval(() => {
    // Without a server nothing is new.
    workbox.update().catch(() => undefined);
  }, HOUR_MS);
}

/** The page stands: what it has not loaded can be kept now, and what older builds left can go. */
function sayLoaded(): void {
  const { controller } = navigator.serviceWorker;
  if (!controller) return;
  const say = () => controller.postMessage({ type: 'LOADED' });
  // Not every browser says when it is idle.
  if ('requestIdleCallback' in window) requestIdleCallback(say);
  else setTimeout(say, REST_MS);
}

/** Says which build this page is of: the script that it began with. */
function answer({ data, ports }: MessageEvent<{ readonly type?: string } | undefined>): void {
  if (data?.type === 'WHICH')
    ports[0]?.postMessage(document.querySelector<HTMLScriptElement>('script[type=module]')?.src);
}

/** What waits is written first; what the store does not take stays on the page, with its way out. */
async function loadAnew(): Promise<void> {
  await actsBefore();
  if (!isStuck()) location.reload();
}

/**
 * The demo and one's own meals may be served from one address, one after the other: a page that was kept from the
 * other is let go, and the server's own comes.
 */
async function isOfAnotherServer(): Promise<boolean> {
  if (!navigator.serviceWorker.controller) return false;
  const hello = await helloOfServer();
  if (hello.program !== 'slow-spoon' || hello.data === (isDemo ? 'demo' : 'own')) return false;
  const registration = await navigator.serviceWorker.getRegistration();
  await registration?.unregister();
  for (const name of await caches.keys()) await caches.delete(name);
  await loadAnew();
  return true;
}

/** What the server says of itself; nothing where there is none, or where it only has the files. */
async function helloOfServer(): Promise<{ readonly program?: string; readonly data?: string }> {
  try {
    const response = await fetch('/api/hello', { cache: 'no-store' });
    // The server's own answer has this shape; whatever else comes has neither key.
    return response.ok ? ((await response.json()) as { program?: string; data?: string }) : {};
  } catch {
    return {};
  }
}
