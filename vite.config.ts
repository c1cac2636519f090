import react from '@vitejs/plugin-react';
import { fileURLToPath } from 'node:url';
import { defineConfig, type Plugin } from 'vite';

/** `SLOW_SPOON_DATA=demo vite` shows the demo, as the server does for the built app. */
const dataMode: Plugin = {
  name: 'slow-spoon-data',
  transformIndexHtml: (html) =>
    process.env.SLOW_SPOON_DATA === 'demo' ? html.replace('content="own"', 'content="demo"') : html,
};

export default defineConfig({
  plugins: [react(), dataMode],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  worker: { format: 'es' },
  // A small font or picture must not become a data: address, which the policy refuses.
  build: {
    target: 'es2023',
    assetsInlineLimit: 0,
    rolldownOptions: {
      output: {
        // What main.tsx reaches without a lazy import loads first, in two files rather than twenty: each
        // costs a slow machine time. Whatever can wait is imported lazily; no list says so a second time.
        codeSplitting: {
          groups: [
            { name: 'libraries', tags: ['$initial'], test: /node_modules/ },
            { name: 'app', tags: ['$initial'] },
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
