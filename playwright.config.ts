import { defineConfig } from '@playwright/test';
import { PATIENCE_MS } from './tests/helpers/patience';

/**
 * Two parts of about the same length, each with a server and a database of its own, so that they run side by side; and one at
 * which people sign in.
 */
const PARTS = [
  {
    name: 'first',
    port: 4199,
    database: process.env['END_TO_END_DATABASE_URL'] ?? '',
    files: ['bench', 'chains', 'first-tasks', 'integrity', 'log', 'quiver', 'speed', 'spread', 'trials'],
  },
  {
    name: 'second',
    port: 4198,
    database: process.env['END_TO_END_DATABASE_URL_2'] ?? '',
    files: ['box', 'every-view', 'from-nothing', 'helm', 'today', 'tying', 'water'],
  },
  {
    name: 'crew',
    port: 4197,
    database: process.env['END_TO_END_DATABASE_URL_3'] ?? '',
    files: ['crew'],
  },
] as const;

/** Who owns the bench at the server where people sign in. */
const OWNER = String.raw`Marta\na long enough word\n`;

export default defineConfig({
  testDir: 'tests/end-to-end',
  outputDir: 'test-results',
  globalSetup: './tests/end-to-end/keep-demo.ts',
  workers: 3,
  // No test is timed: a search or a solver on a machine that does something else besides takes what it takes.
  timeout: 300_000,
  expect: { timeout: PATIENCE_MS },
  reporter: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ? [['list'], ['json']] : 'list',
  use: {
    // Only the log works without signal, and readying a browser for that takes seconds.
    serviceWorkers: 'block',
    viewport: { width: 1280, height: 800 },
    trace: 'off',
    launchOptions: {
      executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium-headless-shell',
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
  projects: PARTS.map(({ name, port, database, files }) => ({
    name,
    // The files of a part share its bench, so they take turns.
    workers: 1,
    testMatch: files.map((file) => `${file}.spec.ts`),
    metadata: { database },
    // Passkeys are made for a name, and localhost is one.
    use: { baseURL: `http://${name === 'crew' ? 'localhost' : '127.0.0.1'}:${port}` },
  })),
  webServer: PARTS.map(({ name, port, database }) => ({
    command: `scripts/run.sh prepare --reset-demo && ${name === 'crew' ? `printf '${OWNER}' | scripts/run.sh crew on && ` : ''}exec node node_modules/next/dist/bin/next start --hostname 127.0.0.1 --port ${port}`,
    url: `http://127.0.0.1:${port}/ready`,
    env: {
      DATABASE_URL: database,
      BIND: `127.0.0.1:${port}`,
      NEXT_TELEMETRY_DISABLED: '1',
      ...(name === 'crew' && { CREW: 'on', PUBLIC_URL: `http://localhost:${port}`, FERULA_SECRET: 'x'.repeat(64) }),
    },
    // Three of them come up at once beside the other tests, each with a demo to load.
    timeout: 300_000,
  })),
});
