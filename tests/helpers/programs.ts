import { join } from 'node:path';

/** Runs a program that stands beside Next by its name: prepare, crew, front or cli. */
export const RUN = join(process.cwd(), 'scripts/run.sh');
