import react from '@vitejs/plugin-react';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));

export default defineConfig({
  root: at('.'),
  plugins: [
    react(),
    // The empty page is kept as the application is: both are measured at their second visit.
    VitePWA({
      injectRegister: 'script',
      manifest: false,
      workbox: { globPatterns: ['**/*.{js,css,html,woff2}'], clientsClaim: true, skipWaiting: true },
    }),
  ],
  resolve: { alias: { '@': at('../../src') } },
  worker: { format: 'es' },
  build: {
    outDir: at('../../node_modules/.cache/slow-spoon/speed'),
    emptyOutDir: true,
    target: 'es2023',
    assetsInlineLimit: 0,
    rolldownOptions: { input: [at('index.html'), at('worker.html')] },
  },
  css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import'] } } },
});
