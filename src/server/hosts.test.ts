import { describe, expect, it } from 'vitest';
import { allowedHosts, isAllowedHost } from './hosts';

describe('hosts that are answered', () => {
  const on = (env: Record<string, string>, host: string | null) => isAllowedHost(host, allowedHosts(env));
  const alone = { BIND: '127.0.0.1:4173', PUBLIC_URL: 'http://127.0.0.1:4173' };
  const shared = { BIND: '0.0.0.0:4173', PUBLIC_URL: 'https://bench.example' };

  it.each(['127.0.0.1:4173', 'localhost:4173', 'LOCALHOST:4173', '[::1]:4173'])('on loopback: %s', (host) =>
    expect(on(alone, host)).toBe(true),
  );
  it.each(['evil.example', 'evil.example:4173', '127.0.0.1:80', '127.0.0.1.evil.example:4173', ''])(
    'not %j, whatever it leads to',
    (host) => expect(on(alone, host)).toBe(false),
  );
  it('none at all is none', () => expect(on(alone, null)).toBe(false));
  it('beyond loopback only the public address', () => {
    expect(on(shared, 'bench.example')).toBe(true);
    expect(on(shared, '127.0.0.1:4173')).toBe(false);
    expect(on(shared, '192.168.1.5:4173')).toBe(false);
  });
});
