import { defineConfig } from '@playwright/test';

/** Two halves of about the same length, each with a server and a database of its own, so that they run side by side. */
const HALVES = [
  {
    name: 'first',
    port: 4199,
    database: process.env['END_TO_END_DATABASE_URL'] ?? '',
    files: ['bench', 'chains', 'helm', 'integrity', 'log', 'spread'],
  },
  {
    name: 'second',
    port: 4198,
    database: process.env['END_TO_END_DATABASE_URL_2'] ?? '',
    files: ['box', 'decide', 'from-nothing', 'quiver', 'rigs', 'speed', 'today', 'trials', 'tying', 'water'],
  },
] as const;

export default defineConfig({
  testDir: 'tests/end-to-end',
  outputDir: 'test-results',
  workers: 2,
  // No test is timed: a search or a solver on a machine that does something else besides takes what it takes.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  reporter: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ? [['list'], ['json']] : 'list',
  use: {
    viewport: { width: 1280, height: 800 },
    trace: 'off',
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium',
      chromiumSandbox: false,
      args: [
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  projects: HALVES.map(({ name, port, database, files }) => ({
    name,
    // The files of a half share its bench, so they take turns.
    workers: 1,
    testMatch: files.map((file) => `${file}.spec.ts`),
    metadata: { database },
    use: { baseURL: `http://127.0.0.1:${port}` },
  })),
  webServer: HALVES.map(({ port, database }) => ({
    command: `node --import tsx src/db/prepare.ts --reset-demo && exec node node_modules/next/dist/bin/next start --hostname 127.0.0.1 --port ${port}`,
    url: `http://127.0.0.1:${port}/health`,
    env: { DATABASE_URL: database, BIND: `127.0.0.1:${port}`, NEXT_TELEMETRY_DISABLED: '1' },
    timeout: 60_000,
  })),
});
