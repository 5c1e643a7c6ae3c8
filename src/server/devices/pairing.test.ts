import { describe, expect, it } from 'vitest';
import { codeHash, cookieOf, deviceOfCookie, needsPairing, newCode, pairingSecret } from './pairing';

const secret = 'x'.repeat(64);

describe('pairing', () => {
  it.each([
    [{}, false],
    [{ BIND: '127.0.0.1:4173' }, false],
    [{ BIND: '127.0.0.1:4173', PUBLIC_URL: 'https://127.0.0.1:4173' }, false],
    [{ BIND: '[::1]:4173', PUBLIC_URL: 'http://localhost:4173' }, false],
    [{ BIND: '0.0.0.0:4173', PUBLIC_URL: 'https://192.168.1.20:4173' }, true],
    [{ BIND: '192.168.1.20:4173' }, true],
    // A proxy of somebody else hands on to loopback.
    [{ BIND: '127.0.0.1:4173', PUBLIC_URL: 'https://boat.test' }, true],
    [{ BIND: '127.0.0.1:4173', PUBLIC_URL: 'https://127.0.0.1.evil.test' }, true],
  ])('of %o is needed: %s', (env, needed) => expect(needsPairing(env)).toBe(needed));

  it('knows its own cookie, and none that was changed', () => {
    const cookie = cookieOf('device-1', secret);
    expect(deviceOfCookie(cookie, secret)).toBe('device-1');
    for (const other of [
      undefined,
      '',
      '.',
      'device-1',
      `device-2${cookie.slice(8)}`,
      `${cookie}x`,
      cookieOf('device-1', 'y'.repeat(64)),
    ])
      expect(deviceOfCookie(other, secret)).toBeNull();
  });

  it('takes a code however its digits are grouped', () => {
    expect(newCode()).toMatch(/^\d{8}$/);
    expect(codeHash('1234 5678')).toBe(codeHash('12345678'));
    expect(codeHash('1234-5678')).not.toBe(codeHash('12345679'));
  });

  it('does without no secret', () => expect(() => pairingSecret({})).toThrow(/FERULA_SECRET/));
});
