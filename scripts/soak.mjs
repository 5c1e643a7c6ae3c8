// Long tests by hand: npm run soak -- NAME [options]. The suite runs a seeded part of each.
import { spawnSync } from 'node:child_process';
import { readdirSync } from 'node:fs';

const NAMES = ['fuzz', 'helm', 'kill', 'large', 'live', 'load', 'outbox', 'trials'].filter((name) =>
  readdirSync('tests/soak').includes(`${name}.ts`),
);
const [name, ...options] = process.argv.slice(2);
if (!NAMES.includes(name)) {
  console.error(`npm run soak -- NAME, where NAME is one of ${NAMES.join(', ')}`);
  process.exit(1);
}
process.exit(
  spawnSync('node', ['--import', 'tsx', `tests/soak/${name}.ts`, ...options], { stdio: 'inherit' }).status ?? 1,
);
