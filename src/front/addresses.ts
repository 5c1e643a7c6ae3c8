import { networkInterfaces } from 'node:os';

/** Names and addresses under which a machine that listens on `host` is reached. */
export function namesOf(host: string, publicUrl: string): readonly string[] {
  const names = new Set<string>(['localhost', '127.0.0.1', '::1']);
  if (URL.canParse(publicUrl)) names.add(new URL(publicUrl).hostname.replace(/^\[|\]$/g, ''));
  const bare = host.replace(/^\[|\]$/g, '');
  if (bare === '0.0.0.0' || bare === '::')
    for (const all of Object.values(networkInterfaces()))
      for (const { address, internal } of all ?? []) if (!internal && !address.includes('%')) names.add(address);
  if (bare !== '0.0.0.0' && bare !== '::' && bare !== '') names.add(bare);
  return [...names];
}
