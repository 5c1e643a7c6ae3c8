import { afterAll, vi } from 'vitest';
import { asked } from './request';

vi.mock('next/headers', () => import('./request'));
vi.mock('next/cache', () => ({ revalidatePath: () => undefined }));
vi.mock('next/server', async (real) => ({ ...(await real<object>()), connection: () => Promise.resolve() }));
vi.mock('next-intl/server', () => ({ getTranslations: () => Promise.resolve((key: string) => key) }));

// Files share their modules and one process: what a file set is gone when it is through.
const env = { ...process.env };
afterAll(() => {
  for (const name of Object.keys(process.env)) if (!(name in env)) delete process.env[name];
  Object.assign(process.env, env);
  asked.jar.clear();
  asked.headers = new Headers();
  for (const key of ['ferulaDb', 'ferulaAuth', 'ferulaHubs']) Reflect.deleteProperty(globalThis, key);
});
