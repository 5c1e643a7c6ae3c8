import { readFileSync } from 'node:fs';
import { run } from './run';

const { status, stdout, stderr } = await run(process.argv.slice(2), () => readFileSync(0, 'utf8'));
process.stdout.write(stdout);
process.stderr.write(stderr);
process.exitCode = status;
