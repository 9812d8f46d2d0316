import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

const EVERY = 'src/**/*.test.{ts,tsx}';
const ALONE = 'src/**/*.alone.test.{ts,tsx}';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: { outDir: 'target/classes/static', emptyOutDir: true, assetsInlineLimit: 0 },
  test: {
    // A page that is laid out takes seconds where the machine has other work.
    testTimeout: 30_000,
    projects: [
      // One process reads the modules once for many files; what a file puts in a module's place would stay there for
      // the next, so that those that do have a process each.
      { extends: true, test: { name: 'together', include: [EVERY], exclude: [ALONE], isolate: false } },
      { extends: true, test: { name: 'alone', include: [ALONE] } },
    ],
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8765' } },
});
