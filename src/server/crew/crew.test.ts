import { describe, expect, it } from 'vitest';
import { isCrewOn, requireSafe, secretOf } from './mode';
import { isReachedFromOutside, takesPasskeys } from './reach';
import { newRecoveryCodes, newSecret, recoveryHash } from './secrets';

const FERULA_SECRET = 'x'.repeat(64);

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
])('%o is reached from outside: %s', (env, reached) => {
  expect(isReachedFromOutside(env)).toBe(reached);
  // There nobody is let in without signing in.
  if (reached) expect(() => requireSafe(env)).toThrow(/crew on/);
  else expect(() => requireSafe(env)).not.toThrow();
  expect(() => requireSafe({ PUBLIC_URL: 'https://boat.test', ...env, CREW: 'on', FERULA_SECRET })).not.toThrow();
});

it('signs no cookies without a secret', () => {
  expect(() => secretOf({})).toThrow(/FERULA_SECRET/);
  expect(() => requireSafe({ CREW: 'on' })).toThrow(/FERULA_SECRET/);
  expect(() => requireSafe({ CREW: 'on', FERULA_SECRET })).toThrow(/PUBLIC_URL/);
  expect([isCrewOn({}), isCrewOn({ CREW: 'yes' }), isCrewOn({ CREW: 'on' })]).toEqual([false, false, true]);
});

it.each([
  ['https://boat.home.arpa', true],
  ['http://localhost:4173', true],
  ['http://boat.home.arpa', false],
  ['https://192.168.1.20:4173', false],
  ['https://[fd00::2]:4173', false],
  ['', false],
])('passkeys at %s: %s', (PUBLIC_URL, taken) => expect(takesPasskeys({ PUBLIC_URL })).toBe(taken));

describe('secrets', () => {
  it('never come twice, and can stand in an address', () => {
    const made = new Set(Array.from({ length: 200 }, newSecret));
    expect(made.size).toBe(200);
    for (const secret of made) expect(secret).toMatch(/^[\w-]{32}$/);
  });
  it('recovery codes are known however they are copied', () => {
    const codes = newRecoveryCodes();
    expect(new Set(codes).size).toBe(8);
    for (const code of codes) {
      expect(code).toMatch(/^[A-Z2-9]{4}-[A-Z2-9]{4}-[A-Z2-9]{4}$/);
      expect(recoveryHash(code.toLowerCase().replaceAll('-', ' '))).toBe(recoveryHash(code));
    }
  });
});
