import { defineConfig } from '@playwright/test';

const PORT = Number(process.env['END_TO_END_PORT'] ?? 4199);

export default defineConfig({
  testDir: 'tests/end-to-end',
  outputDir: 'test-results',
  workers: 1,
  // No test is timed: a search or a solver on a machine that does something else besides takes what it takes.
  timeout: 120_000,
  expect: { timeout: 20_000 },
  reporter: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ? [['list'], ['json']] : 'list',
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
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
  webServer: {
    command: `node --import tsx src/db/prepare.ts --reset-demo && exec node node_modules/next/dist/bin/next start --hostname 127.0.0.1 --port ${PORT}`,
    url: `http://127.0.0.1:${PORT}/health`,
    env: { DATABASE_URL: process.env['END_TO_END_DATABASE_URL'] ?? '', BIND: `127.0.0.1:${PORT}`, NEXT_TELEMETRY_DISABLED: '1' },
    timeout: 60_000,
  },
});
