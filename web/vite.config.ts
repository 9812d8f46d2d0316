import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: { outDir: 'target/classes/static', emptyOutDir: true, assetsInlineLimit: 0 },
  // A page that is laid out takes seconds where the machine has other work.
  test: { testTimeout: 30_000 },
  server: { proxy: { '/api': 'http://127.0.0.1:8765' } },
});
