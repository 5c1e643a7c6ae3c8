import { act, cleanup, render, waitFor, type RenderResult } from '@testing-library/react';
import userEvent, { PointerEventsCheckLevel, type UserEvent } from '@testing-library/user-event';
import { cloneElement, isValidElement, type ReactElement, type ReactNode } from 'react';
import { expect } from 'vitest';
import NotFound from '@/app/(views)/not-found';
import { currentPreferences } from '@/i18n/server';
import { LetterKeys } from '@/ui/keys';
import { WithWords } from '../helpers/with-words';
import { at, PAGES } from './addresses';
import { here } from './next-navigation';

let shown: RenderResult | null = null;

/** Nothing of a page is left for the next test. */
export function leave(): void {
  cleanup();
  shown = null;
  window.localStorage.clear();
  window.sessionStorage.clear();
}

/** Opens a view by its address, as the server makes it and the browser wakes it. */
export async function open(path: string): Promise<UserEvent> {
  here.go = async (href) => show(new URL(href, window.location.href));
  here.again = async () => show(new URL(window.location.href));
  await last;
  cleanup();
  shown = null;
  await show(new URL(path, window.location.href));
  // It may have sent us on.
  await last;
  return hands();
}

/** As somebody does, who waits with a press until the button can be pressed. */
function hands(): UserEvent {
  // Whether something lies over a button is for the browser tests to say.
  const user = userEvent.setup({ pointerEventsCheck: PointerEventsCheckLevel.Never });
  const click = async (element: Element) => {
    await waitFor(() => expect(element).toBeEnabled());
    await user.click(element);
  };
  return { ...user, click };
}

/** The whole page anew: what was not saved is gone. */
export async function reload(): Promise<void> {
  await last;
  cleanup();
  shown = null;
  await show(new URL(window.location.href));
}

/** One page after the other: what an action changed may be on its way when the next is opened. */
let last: Promise<void> = Promise.resolve();
function show(url: URL): Promise<void> {
  last = last.catch(() => undefined).then(() => shownAt(url));
  return last;
}

async function shownAt(url: URL): Promise<void> {
  const { load, params } = at(PAGES, url.pathname);
  window.history.replaceState(null, '', url.href);
  const { default: page } = await load();
  const element = await page({ params: Promise.resolve(params), searchParams: Promise.resolve(asked(url)) }).catch(
    otherwise,
  );
  if (!element) return;
  const whole = await framed(await made(element));
  await act(async () => {
    if (shown) shown.rerender(whole);
    else shown = render(whole);
  });
}

/** The server's part of a page: components that wait for something are done waiting before the browser sees them. */
async function made(node: ReactNode): Promise<ReactNode> {
  if (!isValidElement<{ readonly children?: ReactNode }>(node)) return node;
  const { type, props } = node;
  if (typeof type === 'function' && type.constructor.name === 'AsyncFunction')
    return made(await (type as (given: object) => Promise<ReactNode>)(props));
  const { children } = props;
  if (children === undefined) return node;
  const all = await Promise.all([children].flat().map(made));
  return cloneElement(node, {}, ...all);
}

/** What Next does when a page says that it is not there, or that another is meant. */
async function otherwise(error: unknown): Promise<ReactElement | null> {
  const digest = error instanceof Error && 'digest' in error ? String(error.digest) : '';
  if (digest.startsWith('NEXT_HTTP_ERROR_FALLBACK;404')) return NotFound();
  if (!digest.startsWith('NEXT_REDIRECT')) throw error;
  void here.go(digest.split(';')[2]!);
  return null;
}

async function framed(children: ReactNode) {
  return (
    <WithWords preferences={await currentPreferences()}>
      <LetterKeys on>{children}</LetterKeys>
    </WithWords>
  );
}

function asked({ searchParams }: URL): Readonly<Record<string, string | string[]>> {
  return Object.fromEntries(
    [...new Set(searchParams.keys())].map((key) => {
      const all = searchParams.getAll(key);
      return [key, all.length === 1 ? all[0]! : all];
    }),
  );
}
