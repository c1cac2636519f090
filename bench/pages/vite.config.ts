import react from '@vitejs/plugin-react';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));

export default defineConfig({
  root: at('.'),
  plugins: [react()],
  resolve: { alias: { '@': at('../../src') } },
  worker: { format: 'es' },
  build: {
    outDir: at('../../node_modules/.cache/slow-spoon/bench'),
    emptyOutDir: true,
    target: 'es2023',
    assetsInlineLimit: 0,
    rolldownOptions: { input: [at('index.html'), at('worker.html')] },
  },
  css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import'] } } },
});
