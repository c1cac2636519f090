import react from '@vitejs/plugin-react';
import { fileURLToPath } from 'node:url';
import { defineConfig, type Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { licences } from './scripts/licences.ts';

/** `SLOW_SPOON_DATA=demo vite` shows the demo, as the server does for the built app. */
const dataMode: Plugin = {
  name: 'slow-spoon-data',
  transformIndexHtml: (html) =>
    process.env.SLOW_SPOON_DATA === 'demo' ? html.replace('content="own"', 'content="demo"') : html,
};

/** The application as one that can be installed, and the worker that keeps its files. */
const offline = VitePWA({
  strategies: 'injectManifest',
  srcDir: 'src/offline',
  filename: 'sw.ts',
  // The page registers it itself, once its first picture stands.
  injectRegister: false,
  injectManifest: {
    globPatterns: ['**/*.{js,css,html,woff2,woff,ttf,svg,png,txt,webmanifest,wasm}'],
    // Their names change with what is in them.
    dontCacheBustURLsMatching: /^assets\//,
    maximumFileSizeToCacheInBytes: 5_000_000,
  },
  manifest: {
    id: '/',
    name: 'Slow Spoon',
    short_name: 'Slow Spoon',
    description: 'From a raw roast to measured plates.',
    lang: 'en',
    start_url: '/',
    display: 'standalone',
    background_color: '#f5efe4',
    theme_color: '#2a1f1b',
    icons: [
      { src: '/spoon-192.png', sizes: '192x192', type: 'image/png' },
      { src: '/spoon-512.png', sizes: '512x512', type: 'image/png' },
      { src: '/spoon-mask.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
      { src: '/spoon.svg', sizes: 'any', type: 'image/svg+xml' },
    ],
  },
});

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));
const WORKER = at('./src/workers/core.worker.ts');
/** The sheet that a first visit opens. */
const FIRST = ['stages/meat/Meat', 'figures/strands/Ribbons', 'stages/clock/timers/Ringing'].map((name) =>
  at(`./src/app/${name}.tsx`),
);
/** All that the worker's program draws on. */
const ofWorker = new Set([WORKER]);
/** What it loads once it is asked for more than figures. */
const ofWorkerLater = new Set([at('./src/core/answers/questions.ts'), at('./src/workers/digests.ts')]);

const STARTS = '/src/workers/start.ts';
/**
 * The worker's program as one more entry of the page's build: what both use, the core, is one file that is sent, kept and
 * compiled once. Built by itself, as `new URL` has it, the worker would hold a core of its own.
 */
const oneCore: Plugin = {
  name: 'slow-spoon-one-core',
  apply: 'build',
  enforce: 'pre',
  transform: {
    filter: { id: /\/src\/workers\/start\.ts$/ },
    handler(code) {
      const worker = this.emitFile({
        type: 'chunk',
        id: WORKER,
        name: 'core.worker',
      });
      const written = "new URL('./core.worker.ts', import.meta.url)";
      if (!code.includes(written)) this.error(`${STARTS} no longer says ${written}`);
      return code.replace(written, `import.meta.ROLLUP_FILE_URL_${worker}`);
    },
  },
  buildEnd() {
    // A set is walked to its end, whatever is added on the way.
    for (const ids of [ofWorker, ofWorkerLater])
      for (const id of ids)
        for (const next of this.getModuleInfo(id)?.importedIds ?? []) if (!ofWorker.has(next)) ids.add(next);
  },
};

/**
 * Nearly all functions of what loads first are called at the start: marked so, they are compiled at once and beside
 * the page's own thread, not one after the other when they are called.
 */
const compiledAtOnce: Plugin = {
  name: 'slow-spoon-compiled-at-once',
  generateBundle: {
    // Only as the first line of the file it counts.
    order: 'post',
    handler(_, bundle) {
      for (const chunk of Object.values(bundle))
        if (chunk.type === 'chunk' && (chunk.isEntry || chunk.name === 'libraries'))
          chunk.code = `//# allFunctionsCalledOnLoad\n${chunk.code}`;
    },
  },
};

export default defineConfig({
  plugins: [react(), dataMode, oneCore, compiledAtOnce, offline, licences()],
  resolve: {
    alias: {
      '@': at('./src'),
      // Its sources, of which only what is used is taken along: what it builds of them comes whole.
      'ml-matrix': at('./node_modules/ml-matrix/src/index.js'),
      // Its build for engines of today, without the helpers of older ones.
      dexie: at('./node_modules/dexie/dist/modern/dexie.mjs'),
      // What the library for paper would load to draw whole pages of HTML: nothing here does.
      ...Object.fromEntries(
        ['html2canvas', 'canvg', 'dompurify'].map((name) => [
          name,
          fileURLToPath(new URL('./src/app/paper/nothing.ts', import.meta.url)),
        ]),
      ),
    },
  },
  worker: { format: 'es' },
  // A small font or picture must not become a data: address, which the policy refuses.
  build: {
    target: 'es2023',
    assetsInlineLimit: 0,
    // A thread has no document to announce anything to.
    modulePreload: {
      resolveDependencies: (_, files, { hostId }) => (/\/core-/.test(hostId) ? [] : files),
    },
    rolldownOptions: {
      output: {
        // What main.tsx reaches without a lazy import loads first, in two files rather than twenty: each
        // costs a slow machine time. Whatever can wait is imported lazily; no list says so a second time.
        codeSplitting: {
          groups: [
            // What the worker draws on goes by itself, since it has no page: what a first visit's page needs of it too, and the rest.
            {
              name: 'core',
              tags: ['$initial'],
              test: (id) => ofWorker.has(id) || ofWorkerLater.has(id),
              priority: 5,
            },
            // What cooks call their cuts, which the first sheet and the thread both read: alone, or the one would load all of the other's.
            { name: 'cuts', test: /\/core\/meat\/(?:cutNames|namedCuts|cutsMeant)\.ts$/, priority: 4.7 },
            // No page's own module may lie in a file that the thread loads: it has no document.
            { name: 'later', test: (id) => ofWorkerLater.has(id), priority: 4.5 },
            { name: 'libraries', tags: ['$initial'], test: /node_modules/, priority: 4 },
            { name: 'app', tags: ['$initial'], priority: 3 },
            // The sheet that a first visit opens, with all that it alone draws on: one file rather than thirty.
            {
              name: 'first',
              test: (id) => FIRST.includes(id),
              includeDependenciesRecursively: true,
              priority: 2,
            },
            // What several sheets share, by who uses it: files of a kilobyte cost more in round trips and headers
            // than in what they hold.
            {
              name: 'shared',
              test: /\/src\//,
              minShareCount: 2,
              entriesAware: true,
              entriesAwareMergeThreshold: 6_000,
              priority: 1,
            },
          ],
        },
      },
    },
  },
  css: {
    modules: { localsConvention: 'camelCaseOnly' },
    preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import'] } },
  },
  server: { host: '127.0.0.1', strictPort: true },
});
