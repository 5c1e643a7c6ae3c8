import { readFileSync } from 'node:fs';

/** Processor time of a process so far [s]. */
export function processorS(pid: number): number {
  const fields = readFileSync(`/proc/${pid}/stat`, 'utf8').split(') ')[1]!.split(' ');
  return (Number(fields[11]) + Number(fields[12])) / 100;
}
