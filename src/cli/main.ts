import { readFileSync } from 'node:fs';
import { instrument } from './instrument';
import { run } from './run';

const [command, ...rest] = process.argv.slice(2);
if (command === 'instrument') process.exitCode = await instrument(rest);
else {
  const { status, stdout, stderr } = await run(process.argv.slice(2), () => readFileSync(0, 'utf8'));
  process.stdout.write(stdout);
  process.stderr.write(stderr);
  process.exitCode = status;
}
