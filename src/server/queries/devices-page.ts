import 'server-only';
import { createHash, X509Certificate } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { listDevices } from '@/db/repo';
import { needsPairing } from '../devices/pairing';
import { pageQuery } from '../page-query';

export interface DevicesPage {
  /** the address that others open; null while Ferula is open on this machine only */
  readonly address: string | null;
  /** of the certificate of this machine's own authority; null without one */
  readonly fingerprint: string | null;
  readonly devices: readonly { readonly id: string; readonly name: string; readonly pairedAt: string }[];
}

/** How a phone comes in, and which have. */
export async function getDevicesPage(): Promise<DevicesPage> {
  return pageQuery(async (db) => ({
    address: needsPairing(process.env) ? (process.env['PUBLIC_URL'] ?? null) : null,
    fingerprint: await authorityFingerprint(process.env['FERULA_AUTHORITY']),
    devices: (await listDevices(db)).map(({ id, name, pairedAt }) => ({ id, name, pairedAt: pairedAt.toISOString() })),
  }));
}

async function authorityFingerprint(path: string | undefined): Promise<string | null> {
  const pem = path ? await readFile(path, 'utf8').catch(() => null) : null;
  if (!pem) return null;
  const hash = createHash('sha256').update(new X509Certificate(pem).raw).digest('hex').toUpperCase();
  return hash.match(/../g)!.join(':');
}
