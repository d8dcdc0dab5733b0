import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: { alias: { '@': new URL('./src', import.meta.url).pathname } },
  test: {
    globalSetup: './tests/compile.ts',
    maxWorkers: '100%',
    projects: [
      {
        extends: true,
        test: {
          name: 'core',
          // bodies, surfaces and compiled code are kept from file to file
          isolate: false,
          // the store looks for its database when it is first imported, by whichever file that is
          setupFiles: ['fake-indexeddb/auto'],
          include: ['src/**/*.test.ts', 'tests/reference/**/*.test.ts'],
          // whole computations on a busy machine: a limit against hanging, not a measure of speed
          testTimeout: 240_000,
        },
      },
      {
        extends: true,
        test: {
          name: 'e2e',
          globalSetup: './tests/e2e/warm.ts',
          include: ['tests/e2e/**/*.test.ts'],
          testTimeout: 240_000,
          hookTimeout: 120_000,
          maxWorkers: 2,
        },
      },
    ],
  },
});
