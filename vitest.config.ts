import { availableParallelism } from 'node:os';
import path from 'node:path';
import { defineConfig } from 'vitest/config';
import { noPostgres } from './scripts/postgres.mjs';
import { BUNDLED, SHARED } from './scripts/units.mjs';
import { LATE } from './scripts/wasm.mjs';

/** Tests that run on the embedded database, and a second time on a PostgreSQL server. */
const ON_BOTH = [
  'src/db/{db,jobs,logbook,machines,pictures,practice}.test.ts',
  'src/server/{server,access}.test.ts',
];
/** Tests of what only a server has. */
const ON_SERVER = ['tests/dbServer.test.ts'];
const FILES = [
  'src/**/*.test.ts',
  'src/**/*.test.tsx',
  'bin/**/*.test.ts',
  'tests/**/*.test.ts',
  'scripts/**/*.test.ts',
];
/** What computes, writes and draws, and keeps nothing, and the database, each file on one of its own: files share their loaded modules. */
const CORE = ['src/core/**/*.test.ts'];
const PURE = ['src/{db,formats,features,ui}/**/*.test.{ts,tsx}'];
/** Of a whole run (scripts/test.mjs), which bundles them first. */
const bundled = process.env['UPWIND_BUNDLED_UNITS'] === '1';

export default defineConfig({
  resolve: {
    alias: {
      '@': path.resolve(import.meta.dirname, 'src'),
      'server-only': path.resolve(import.meta.dirname, 'tests/empty.ts'),
    },
  },
  test: {
    execArgv: [LATE],
    // Left to itself it keeps one processor free, half of a small machine.
    maxWorkers: availableParallelism(),
    globalSetup: ['tests/threads.ts', 'tests/postgres.ts', 'tests/folders.ts'],
    projects: [
      {
        extends: true,
        test: {
          name: 'core',
          include: bundled ? [`${BUNDLED}/**/*.test.js`] : CORE,
          isolate: false,
          server: { deps: { external: [SHARED] } },
        },
      },
      { extends: true, test: { name: 'pure', include: PURE, isolate: false } },
      { extends: true, test: { name: 'unit', include: FILES, exclude: [...CORE, ...PURE, ...ON_SERVER] } },
      ...(noPostgres()
        ? []
        : [
            {
              extends: true as const,
              test: {
                name: 'server',
                include: [...ON_BOTH, ...ON_SERVER],
                isolate: false,
                env: { UPWIND_ON_SERVER: '1' },
              },
            },
          ]),
    ],
    benchmark: { include: ['src/**/*.bench.ts'] },
    // Given up on as hung: no bound of the product. A test of twelve seconds may take thirty on a machine that does much else.
    testTimeout: 240_000,
    hookTimeout: 240_000,
  },
});
