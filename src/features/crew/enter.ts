import { takeOwnPreferences } from '@/server/actions/choose-preference';
import { ask, type Asked } from './ask';

/** Loads the page in full: somebody else, or another bench, must see nothing of what was there before. */
export function beginAt(path: string): void {
  location.href = new URL(path, location.origin).href;
}

export const signIn = (name: string, password: string): Promise<Asked<unknown>> =>
  ask('auth/sign-in/username', { username: name, password });

/** Signed in: preferences come along, and the page begins anew as whoever that is. */
export async function enter(): Promise<void> {
  await takeOwnPreferences().catch(() => undefined);
  beginAt('/');
}

/** Signed out; pages that this browser kept for having no server are somebody's, so they go. */
export async function leave(): Promise<void> {
  await ask('auth/sign-out', {});
  for (const name of 'caches' in window ? await caches.keys() : [])
    if (name.startsWith('ferula-pages')) await caches.delete(name);
  beginAt('/crew/sign-in');
}
