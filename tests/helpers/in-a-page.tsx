import { act, cleanup, configure, renderHook, waitFor, type RenderHookResult } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach } from 'vitest';
import type { Preferences } from '@/i18n/preferences';
import { PATIENCE_MS } from './patience';
import { WithWords } from './with-words';

configure({ asyncUtilTimeout: PATIENCE_MS });
afterEach(cleanup);

const USUAL: Preferences = {
  locale: 'en',
  units: 'metric',
  lighting: 'day',
  speedUnit: 'usual',
  letterKeys: 'on',
};

/** A hook as a page has it: with words, units and language. */
export function inAPage<T, P>(
  hook: (props: P) => T,
  { props, ...preferences }: Partial<Preferences> & { readonly props?: P } = {},
): RenderHookResult<T, P> {
  const chosen = { ...USUAL, ...preferences };
  const wrapper = ({ children }: { readonly children: ReactNode }) => (
    <WithWords preferences={chosen}>{children}</WithWords>
  );
  return renderHook<T, P>(hook, { wrapper, initialProps: props as P });
}

/** Does something that changes what is shown, and waits until all that follows from it has happened. */
export const doing = (work: () => unknown): Promise<void> =>
  act(async () => {
    await work();
  });

export { waitFor };
