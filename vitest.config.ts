import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));
const alias = { '@': at('./src'), 'server-only': at('./tests/helpers/empty.ts') };

// No test is timed: beside the others, on a busy machine, one takes what it takes.
const PATIENT = { testTimeout: 300_000, hookTimeout: 300_000 };

export default defineConfig({
  test: {
    projects: [
      {
        resolve: { alias },
        test: {
          name: 'unit',
          include: ['src/**/*.test.ts', 'tests/{cli,practice}/*.test.ts'],
          setupFiles: ['tests/helpers/seed.ts'],
          ...PATIENT,
          // No unit test puts anything in another's place, so the modules are read once a worker.
          isolate: false,
          maxWorkers: 2,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'hooks',
          // In place of a browser: documents, events and storage, and nothing that is seen.
          environment: 'happy-dom',
          // A file has its own modules in a context of its own, which is made in half the time of a process.
          pool: 'vmThreads',
          include: ['src/**/*.test.tsx'],
          setupFiles: ['tests/helpers/seed.ts'],
          ...PATIENT,
          maxWorkers: 2,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'views',
          environment: './tests/views/one-window.ts',
          include: ['tests/views/*.test.tsx'],
          setupFiles: ['tests/helpers/seed.ts', 'tests/views/in-one-process.ts'],
          fileParallelism: false,
          // Reading the whole application anew for each file took half the time.
          isolate: false,
          ...PATIENT,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'integration',
          include: ['tests/integration/*.test.ts'],
          setupFiles: ['tests/helpers/seed.ts', 'tests/helpers/in-a-request.ts'],
          fileParallelism: false,
          isolate: false,
          ...PATIENT,
        },
      },
      {
        resolve: { alias },
        test: {
          // A whole Ferula, started as anybody starts it, with a database of its own.
          name: 'kills',
          include: ['tests/kills/*.test.ts'],
          setupFiles: ['tests/helpers/seed.ts'],
          fileParallelism: false,
          ...PATIENT,
        },
      },
    ],
  },
});
