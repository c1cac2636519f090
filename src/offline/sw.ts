/*
 * Keeps the whole application in the browser: it starts and does everything with the server gone. Each build has a
 * cache of its own, whose files it serves; a page of an older build that is still open finds its files in the older
 * cache, which goes once no page of that build is left.
 */
import { PrecacheController, type PrecacheEntry } from 'workbox-precaching';
import { AT_ONCE } from './atOnce.ts';

declare const self: ServiceWorkerGlobalScope;

const PREFIX = 'slow-spoon ';
const PAGE = '/index.html';
/** A page that does not answer by then is asleep, and may still be an old one, ms. */
const PATIENCE_MS = 5_000;

// The build puts the list of its files in the place of this name.
const manifest = self.__WB_MANIFEST.filter((entry): entry is PrecacheEntry => typeof entry !== 'string');
// The page names all that it loads, by names that change with what is in them: its own revision is the build's.
const build = manifest.find(({ url }) => url === 'index.html')?.revision ?? '';
const cacheName = PREFIX + build;
const listOf = (entries: readonly PrecacheEntry[]) => {
  const controller = new PrecacheController({ cacheName });
  controller.addToCacheList([...entries]);
  return controller;
};
const files = listOf(manifest.filter(({ url }) => AT_ONCE.test(url)));
/** All else comes while nobody waits: after one visit every sheet and every paper is made without the server. */
const rest = listOf(manifest.filter(({ url }) => !AT_ONCE.test(url)));
const keyOf = (url: string) => files.getCacheKeyForURL(url) ?? rest.getCacheKeyForURL(url);
const page = files.createHandlerBoundToURL(PAGE);

self.addEventListener('install', (event) => {
  // A version that takes over from another must not do less without the server than that one did.
  const whole = self.registration.active !== null;
  event.waitUntil(files.install(event).then(() => (whole ? rest.install(event) : undefined)));
});

self.addEventListener('activate', (event) => {
  event.waitUntil(self.clients.claim());
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin || url.pathname.startsWith('/api/'))
    return;
  // An address is the application's, unless it names a file.
  const isPage = request.mode === 'navigate' && keyOf(request.url) === undefined;
  event.respondWith(isPage ? page({ event, request, url }) : fileFor(event));
});

/** A file of this build; or of an older one, for a page that is open still; or what the server has. */
async function fileFor(event: FetchEvent): Promise<Response> {
  const { request } = event;
  const key = keyOf(request.url);
  const kept = await caches.match(key ?? request);
  return kept ?? fetch(request);
}

self.addEventListener('message', (event) => {
  const { type } = event.data as { readonly type?: string };
  if (type === 'SKIP_WAITING') event.waitUntil(self.skipWaiting());
  if (type === 'LOADED') event.waitUntil(Promise.all([fill(), tidy()]));
});

/** Keeps what is not kept yet, one file after the other; what fails, or is cut off, is tried at the next page. */
async function fill(): Promise<void> {
  const cache = await caches.open(cacheName);
  for (const [url, key] of rest.getURLsToCacheKeys()) {
    if (await cache.match(key)) continue;
    const response = await fetch(url, { cache: 'no-cache' });
    if (response.ok) await cache.put(key, response);
  }
}

/** Lets the files of older builds go, once every page that is open says that it is of this one. */
async function tidy(): Promise<void> {
  // The other cache may be that of a newer build, which waits.
  const newerWaits = () => Boolean(self.registration.waiting ?? self.registration.installing);
  if (newerWaits()) return;
  const pages = await self.clients.matchAll({ type: 'window', includeUncontrolled: true });
  const entries = await Promise.all(pages.map(entryOf));
  const own = new Set(manifest.map(({ url }) => new URL(url, self.location.origin).href));
  if (!entries.every((entry) => entry !== undefined && own.has(entry))) return;
  if (newerWaits()) return;
  const names = await caches.keys();
  await Promise.all(
    names.filter((name) => name.startsWith(PREFIX) && name !== cacheName).map((name) => caches.delete(name)),
  );
}

/** The script that a page began with: each build has another. */
function entryOf(client: Client): Promise<string | undefined> {
  return new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = ({ data }: MessageEvent<string>) => resolve(data);
    setTimeout(() => resolve(undefined), PATIENCE_MS);
    client.postMessage({ type: 'WHICH' }, [port2]);
  });
}
