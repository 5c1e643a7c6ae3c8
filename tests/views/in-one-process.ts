import '@testing-library/jest-dom/vitest';
import { afterEach, expect, vi } from 'vitest';
import { leave } from './page';
import { errors } from './surroundings';

// What Next and the browser put between a page and its server stands in one process here: the page's own function, its view, its
// actions and the database are the real ones.
vi.mock('next/headers', () => import('../helpers/request'));
vi.mock('next/server', async (original) => ({ ...(await original<object>()), connection: () => Promise.resolve() }));
// What an action changed, the page shows anew.
vi.mock('next/cache', async () => {
  const { here } = await import('./next-navigation');
  return { revalidatePath: () => void setTimeout(() => void here.again()) };
});
vi.mock('@/ui/link', () => import('./page-link'));
vi.mock('next/dynamic', () => import('./next-dynamic'));
vi.mock('next/navigation', async (original) => ({
  ...(await original<object>()),
  ...(await import('./next-navigation')),
}));
vi.mock('next-intl/server', () => import('./next-intl-server'));
vi.mock('@/workers/browser-pool', () => import('./page-pool'));

// Files share their modules, and each has its own hooks.
afterEach(() => {
  leave();
  expect(errors.splice(0), 'what the page logged').toEqual([]);
});
