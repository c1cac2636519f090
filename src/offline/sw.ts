/*
 * Keeps the whole application in the browser: it starts and does everything with the server gone. Each build has a
 * cache of its own, whose files it serves; a page of an older build that is still open finds its files in the older
 * cache, which goes once no page of that build is left.
 */
import { PrecacheController, type PrecacheEntry } from 'workbox-precaching';

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
const files = new PrecacheController({ cacheName });
files.addToCacheList(manifest);
const page = files.createHandlerBoundToURL(PAGE);

self.addEventListener('install', (event) => {
  event.waitUntil(files.install(event));
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
  const isPage = request.mode === 'navigate' && files.getCacheKeyForURL(request.url) === undefined;
  event.respondWith(isPage ? page({ event, request, url }) : fileFor(event));
});

/** A file of this build; or of an older one, for a page that is open still; or what the server has. */
async function fileFor(event: FetchEvent): Promise<Response> {
  const { request } = event;
  const key = files.getCacheKeyForURL(request.url);
  const kept = await caches.match(key ?? request);
  return kept ?? fetch(request);
}

self.addEventListener('message', (event) => {
  const { type } = event.data as { readonly type?: string };
  if (type === 'SKIP_WAITING') event.waitUntil(self.skipWaiting());
  if (type === 'LOADED') event.waitUntil(tidy());
});

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
