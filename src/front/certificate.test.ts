import { X509Certificate } from 'node:crypto';
import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { namesOf } from './addresses';
import { certificateFor } from './certificate';

const folder = mkdtempSync(join(tmpdir(), 'ferula-tls-'));
afterAll(() => rmSync(folder, { recursive: true }));

describe('the certificate of this machine', () => {
  it('is signed by its own authority, for its names and addresses, and shorter than phones refuse', async () => {
    const { chain, authority } = await certificateFor(folder, ['boat.test', '192.168.1.20']);
    const own = new X509Certificate(chain);
    const by = new X509Certificate(authority);
    expect(own.checkIssued(by) && own.verify(by.publicKey)).toBe(true);
    expect([own.checkHost('boat.test'), own.checkIP('192.168.1.20'), own.checkHost('other.test')]).toEqual([
      'boat.test',
      '192.168.1.20',
      undefined,
    ]);
    expect((Date.parse(own.validTo) - Date.parse(own.validFrom)) / 86_400_000).toBeLessThanOrEqual(398);
    expect([own.ca, by.ca]).toEqual([false, true]);
  });

  it('stays while its names do, and is made anew by the same authority when they change or it nears its end', async () => {
    const first = await certificateFor(folder, ['boat.test']);
    expect(await certificateFor(folder, ['boat.test', 'boat.test'])).toEqual(first);
    const other = await certificateFor(folder, ['boat.test', '10.0.0.2']);
    expect(other.chain).not.toBe(first.chain);
    const late = await certificateFor(folder, ['boat.test', '10.0.0.2'], new Date(Date.now() + 380 * 86_400_000));
    expect(late.chain).not.toBe(other.chain);
    expect([other.authority, late.authority]).toEqual([first.authority, first.authority]);
  });

  it('keeps its keys to itself', () => {
    for (const name of ['authority.key', 'server.key']) expect(statSync(join(folder, name)).mode & 0o077).toBe(0);
  });

  it('names loopback, the address that people type, and what is listened on', () => {
    expect(namesOf('127.0.0.1', 'https://boat.test:4173')).toEqual(['localhost', '127.0.0.1', '::1', 'boat.test']);
    expect(namesOf('[fd00::2]', '')).toContain('fd00::2');
  });
});
