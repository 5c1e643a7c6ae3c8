import crypto from 'node:crypto';
import { syncBuiltinESMExports } from 'node:module';
import type * as Passwords from 'better-auth/crypto';
import { afterAll, vi } from 'vitest';
import { stopHubs } from '@/server/live/live-hub';
import { asked } from './request';

vi.mock('next/headers', () => import('./request'));
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
vi.mock('next/server', async (real) => ({ ...(await real<object>()), connection: () => Promise.resolve() }));
vi.mock('next-intl/server', () => ({ getTranslations: () => Promise.resolve((key: string) => key) }));
// Making or checking one takes a tenth of a second, and nearly everybody here has the same password: each is worked out once.
vi.mock('better-auth/crypto', async (real) => {
  const passwords = await real<typeof Passwords>();
  const made = new Map<string, Promise<string>>();
  const hashPassword = (password: string) => {
    const hash = made.get(password) ?? passwords.hashPassword(password);
    made.set(password, hash);
    return hash;
  };
  return { ...passwords, hashPassword };
});
const { scrypt } = crypto;
const derived = new Map<string, Buffer>();
crypto.scrypt = ((password: string, salt: string, length: number, options: object, done: Derived) => {
  const of = JSON.stringify([password, salt, length, options]);
  const known = derived.get(of);
  if (known) return done(null, known);
  scrypt(password, salt, length, options, (error, key) => {
    if (!error) derived.set(of, key);
    done(error, key);
  });
}) as typeof scrypt;
syncBuiltinESMExports();
type Derived = (error: Error | null, key: Buffer) => void;

// Files share their modules and one process: what a file set is gone when it is through.
const env = { ...process.env };
afterAll(async () => {
  await stopHubs();
  for (const name of Object.keys(process.env)) if (!(name in env)) delete process.env[name];
  Object.assign(process.env, env);
  asked.jar.clear();
  asked.headers = new Headers();
  for (const key of ['ferulaDb', 'ferulaAuth']) Reflect.deleteProperty(globalThis, key);
});
