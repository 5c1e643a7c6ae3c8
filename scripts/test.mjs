// Runs every check and every test and adds them up; the last line is the total.
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const reports = mkdtempSync(join(tmpdir(), 'ferula-reports-'));
const bin = (name) => join('node_modules', '.bin', name);

/** A check passes or fails as a whole. */
const BUILD = ['build', ['./ferula', 'build']];
const CHECKS = [
  ['lint', [bin('oxlint'), '--type-aware', '--deny-warnings']],
  ['import directions', [bin('depcruise'), 'src', '--config', '.dependency-cruiser.cjs', '--output-type', 'err']],
  ['unused code and packages', [bin('knip')]],
  // The tools that read types as a library still need the version before, so this one has a name of its own.
  ['types', ['node', join('node_modules', 'typescript-7', 'bin', 'tsc'), '--noEmit', '--singleThreaded']],
];

/** The tests of these projects of vitest.config.ts, counted one by one from their report. */
const vitest = (name, projects, env) => ({
  name,
  command: (report) => [
    bin('vitest'),
    'run',
    ...projects.flatMap((project) => ['--project', project]),
    '--reporter=default',
    '--reporter=json',
    `--outputFile.json=${report}`,
  ],
  count: vitestCount,
  env,
});

const UNIT = vitest('unit', ['unit']);
const HOOKS = vitest('hooks', ['hooks']);
const INTEGRATION = vitest('integration', ['integration']);
const KILLS = vitest('kills', ['kills']);
const VIEWS = vitest('views', ['views'], { INTEGRATION_DATABASE_URL: process.env.VIEWS_DATABASE_URL });
const BROWSER = { name: 'end-to-end', command: () => [bin('playwright'), 'test'], count: playwrightCount };

let passed = 0;
let failed = 0;
/** What failed, said again at the end: there it is found. */
const failures = [];
const out = process.stdout.write.bind(process.stdout);
const add = (name, count, seconds, say = out) => {
  passed += count.passed;
  failed += count.failed;
  if (count.failed > 0) failures.push(...(count.named?.length ? count.named : [name]));
  say(`${name}: ${count.passed} passed, ${count.failed} failed (${seconds} s)\n\n`);
};

// Three rows side by side, each about as long: with more of them two processors lose more to each other than they gain. One row
// speaks as it goes, the others when they are through.
const built = whole(BUILD);
const rows = [
  later(async (say) => {
    await suite(INTEGRATION, { say });
    if (await built) await suite(KILLS, { say });
    await suite(HOOKS, { say });
  }),
  later(async (say) => {
    await suite(UNIT, { say });
    await suite(VIEWS, { say });
  }),
];
if (await built) {
  await suite(BROWSER);
  // Some of them read the types that a build writes.
  for (const check of CHECKS) await whole(check);
}
for (const spoken of rows) await spoken();
rmSync(reports, { recursive: true, force: true });
for (const each of failures) console.log(`failed: ${each}`);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

async function suite({ name, command, count, env }, { say } = {}) {
  const report = join(reports, `${name}.json`);
  const { status, seconds } = await run(name, command(report), {
    env: { ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: report },
    say,
  });
  add(name, counted(report, count, status), seconds, say);
}

async function whole([name, command], { say } = {}) {
  const { status, seconds } = await run(name, command, { say });
  add(name, status === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 }, seconds, say);
  return status === 0;
}

/** Begins some work now, and gives a function that waits for it and prints all it said. */
function later(work) {
  let said = '';
  const done = work((text) => (said += text));
  return async () => {
    await done;
    process.stdout.write(said);
  };
}

/** Runs a command under its name; what it says goes to `say`, or straight out. */
function run(name, [command, ...args], { env = {}, say }) {
  (say ?? out)(`== ${name}\n`);
  const start = performance.now();
  const seconds = () => Math.round((performance.now() - start) / 1000);
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      stdio: say ? ['ignore', 'pipe', 'pipe'] : 'inherit',
      env: { ...process.env, ...env },
    });
    child.stdout?.on('data', (chunk) => say(String(chunk)));
    child.stderr?.on('data', (chunk) => say(String(chunk)));
    child.once('error', (error) => {
      console.error(error.message);
      resolve({ status: 1, seconds: seconds() });
    });
    child.once('close', (status) => resolve({ status: status ?? 1, seconds: seconds() }));
  });
}

/** A suite that fell over before it could report, or failed outside any test, is one failure more. */
function counted(report, count, status) {
  let result;
  try {
    result = count(JSON.parse(readFileSync(report, 'utf8')));
  } catch {
    return { passed: 0, failed: 1 };
  }
  return status !== 0 && result.failed === 0 ? { ...result, failed: 1 } : result;
}

function vitestCount({ numPassedTests, numFailedTests, numFailedTestSuites, testResults }) {
  const named = testResults.flatMap(({ name, message, assertionResults }) => {
    const own = assertionResults.filter(({ status }) => status === 'failed');
    return own.length === 0 && message
      ? [`${name}: ${firstLine(message)}`]
      : own.map(({ fullName, failureMessages }) => `${fullName}: ${firstLine(failureMessages[0])}`);
  });
  return { passed: numPassedTests, failed: Math.max(numFailedTests, numFailedTestSuites > 0 ? 1 : 0), named };
}

function playwrightCount({ stats, suites }) {
  const specs = ({ specs: own = [], suites: inner = [] }) => [...own, ...inner.flatMap(specs)];
  const named = suites.flatMap(specs).flatMap(({ ok, title, file }) => (ok ? [] : [`${file}: ${title}`]));
  return { passed: stats.expected + stats.flaky, failed: stats.unexpected, named };
}

function firstLine(text = '') {
  return text.split('\n', 1)[0].slice(0, 300);
}
