import type * as Crypto from 'better-auth/crypto';
import { afterAll, vi } from 'vitest';
import { stopHubs } from '@/server/live/live-hub';
import { asked } from './request';

vi.mock('next/headers', () => import('./request'));
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
vi.mock('next/server', async (real) => ({ ...(await real<object>()), connection: () => Promise.resolve() }));
vi.mock('next-intl/server', () => ({ getTranslations: () => Promise.resolve((key: string) => key) }));
// Making one takes a tenth of a second, and nearly everybody here has the same password.
vi.mock('better-auth/crypto', async (real) => {
  const crypto = await real<typeof Crypto>();
  const made = new Map<string, Promise<string>>();
  const hashPassword = (password: string) => {
    const hash = made.get(password) ?? crypto.hashPassword(password);
    made.set(password, hash);
    return hash;
  };
  return { ...crypto, hashPassword };
});

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
