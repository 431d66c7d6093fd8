import path from 'node:path';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: {
    alias: {
      '@': path.resolve(import.meta.dirname, 'src'),
      'server-only': path.resolve(import.meta.dirname, 'tests/empty.ts'),
    },
  },
  test: {
    include: [
      'src/**/*.test.ts',
      'src/**/*.test.tsx',
      'bin/**/*.test.ts',
      'tests/**/*.test.ts',
      'scripts/**/*.test.ts',
    ],
    globalSetup: ['tests/threads.ts'],
    benchmark: { include: ['src/**/*.bench.ts'] },
    // Given up on as hung: no bound of the product. A test of twelve seconds may take thirty on a machine that does much else.
    testTimeout: 240_000,
    hookTimeout: 240_000,
  },
});
