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
  build: { target: 'es2023', assetsInlineLimit: 0, chunkSizeWarningLimit: 700 },
  css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import'] } } },
  server: { host: '127.0.0.1', strictPort: true },
});
