import { readFile } from 'node:fs/promises';
import { expect, it } from 'vitest';
import { within } from './within';

const late = () => new Error('late');

it('gives what the work comes to, or its error', async () => {
  expect(await within(300, Promise.resolve(7), late)).toBe(7);
  await expect(within(300, Promise.reject(new Error('no')), late)).rejects.toThrow('no');
});

it('ends what takes longer, whatever becomes of it later', async () => {
  let fail: (error: Error) => void = () => undefined;
  const never = new Promise<void>((_, reject) => (fail = reject));
  await expect(within(200, never, late)).rejects.toThrow('late');
  fail(new Error('too late to be heard'));
});

it('reads what came while the process was busy before it counts as late', async () => {
  const work = within(200, readFile(import.meta.filename, 'utf8'), late);
  const until = performance.now() + 600;
  while (performance.now() < until);
  expect(await work).toContain('before it counts as late');
});
