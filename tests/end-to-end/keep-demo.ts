import type { FullConfig } from '@playwright/test';
import { asLoaded } from '../helpers/as-loaded';

/** The servers have just loaded the demo: it is kept as it stands, for tests that put it back. */
export default async function keepDemo({ projects }: FullConfig): Promise<void> {
  for (const { metadata } of projects) await asLoaded(String(metadata['database']));
}
