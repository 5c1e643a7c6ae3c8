// Runs every check and every test and adds them up; the last line is the total.
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const reports = mkdtempSync(join(tmpdir(), 'ferula-reports-'));
const bin = (name) => join('node_modules', '.bin', name);

/** A check passes or fails as a whole. */
const CHECKS = [
  ['lint', [bin('eslint'), '.', '--max-warnings', '0']],
  ['import directions', [bin('depcruise'), 'src', '--config', '.dependency-cruiser.cjs', '--output-type', 'err']],
  ['unused code and packages', [bin('knip')]],
  ['types', [bin('tsc'), '--noEmit']],
  ['types of the tests', [bin('tsc'), '--noEmit', '-p', 'tests']],
];

/** A suite is counted test by test from its JSON report. */
const SUITES = [
  [
    'unit',
    (report) => [
      bin('vitest'),
      'run',
      '--project',
      'unit',
      '--project',
      'hooks',
      '--reporter=default',
      '--reporter=json',
      `--outputFile.json=${report}`,
    ],
    vitestCount,
  ],
  [
    'integration',
    (report) => [
      bin('vitest'),
      'run',
      '--project',
      'integration',
      '--reporter=default',
      '--reporter=json',
      `--outputFile.json=${report}`,
    ],
    vitestCount,
  ],
  ['end-to-end', () => [bin('playwright'), 'test'], playwrightCount],
];

let passed = 0;
let failed = 0;
/** What failed, said again at the end: there it is found. */
const failures = [];
const add = (name, count) => {
  passed += count.passed;
  failed += count.failed;
  if (count.failed > 0) failures.push(...(count.named?.length ? count.named : [name]));
  console.log(`${name}: ${count.passed} passed, ${count.failed} failed\n`);
};

// The checks use one core, unit and integration tests the others: they run side by side, and what the checks say comes after.
const browser = SUITES.at(-1);
const checking = inTurn(CHECKS);
for (const each of SUITES.slice(0, -1)) await suite(each);
for (const { name, output, status } of await checking) {
  console.log(`== ${name}`);
  process.stdout.write(output);
  add(name, status === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 });
}
await suite(browser);
rmSync(reports, { recursive: true, force: true });
for (const each of failures) console.log(`failed: ${each}`);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

async function suite([name, command, count]) {
  const report = join(reports, `${name}.json`);
  console.log(`== ${name}`);
  const { status } = await run(command(report), { env: { PLAYWRIGHT_JSON_OUTPUT_NAME: report } });
  add(name, counted(report, count, status));
}

async function inTurn(checks) {
  const results = [];
  for (const [name, command] of checks) results.push({ name, ...(await run(command, { quiet: true })) });
  return results;
}

/** Runs a command; quiet keeps what it says. */
function run([command, ...args], { env = {}, quiet = false } = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      stdio: quiet ? ['ignore', 'pipe', 'pipe'] : 'inherit',
      env: { ...process.env, ...env },
    });
    let output = '';
    child.stdout?.on('data', (chunk) => (output += chunk));
    child.stderr?.on('data', (chunk) => (output += chunk));
    child.once('error', (error) => resolve({ status: 1, output: `${error.message}\n` }));
    child.once('close', (status) => resolve({ status: status ?? 1, output }));
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
