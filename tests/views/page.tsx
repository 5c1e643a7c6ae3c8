import {
  act,
  cleanup,
  configure,
  fireEvent,
  render,
  screen,
  waitFor,
  within,
  type RenderResult,
} from '@testing-library/react';
import userEvent, { PointerEventsCheckLevel, type UserEvent } from '@testing-library/user-event';
import { NextIntlClientProvider } from 'next-intl';
import { cloneElement, isValidElement, type ReactElement, type ReactNode } from 'react';
import { afterEach } from 'vitest';
import NotFound from '@/app/(views)/not-found';
import { catalogueOf } from '@/i18n/catalogue';
import { PreferencesProvider } from '@/i18n/client';
import { LetterKeys } from '@/ui/keys';
import { at, PAGES, ROUTES } from './addresses';
import { here } from './next-navigation';
import { currentPreferences } from './server-words';

// A figure that a worker is to find may take a while; and what CSS hides is not known here.
configure({
  // The page's words say more than its markup.
  getElementError: (message) => new Error(`${message}\nThe page says: ${document.body.textContent.slice(0, 800)}`),
  asyncUtilTimeout: 20_000,
  defaultHidden: true,
});

// No style sheet is loaded, and working out for each element that it has none takes most of the time.
const unstyled = document.createElement('i').style;
window.getComputedStyle = () => unstyled;

// Nothing is laid out here: a list that shows what fits takes this for its room.
Object.defineProperties(HTMLElement.prototype, {
  clientWidth: { configurable: true, get: () => 1280 },
  clientHeight: { configurable: true, get: () => 800 },
});

// A form that asks for a page, and whatever asks a route, gets it from the same process.
window.addEventListener('submit', (event) => {
  if (event.defaultPrevented) return;
  event.preventDefault();
  const form = event.target as HTMLFormElement;
  void here.go(`${form.action}?${new URLSearchParams([...new FormData(form)] as [string, string][])}`);
});
globalThis.fetch = async (asked, init) => {
  const request = new Request(new URL(String(asked), window.location.href), init);
  const { load, params } = at(ROUTES, new URL(request.url).pathname);
  const answer = (await load())[request.method];
  if (!answer) throw new TypeError(`No route takes ${request.method} ${request.url}`);
  return answer(request, { params: Promise.resolve(params) });
};

let shown: RenderResult | null = null;

afterEach(() => {
  cleanup();
  shown = null;
  window.localStorage.clear();
  window.sessionStorage.clear();
});

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
  // What lies over what is not known here: the browser tests press by mouse.
  return userEvent.setup({ pointerEventsCheck: PointerEventsCheckLevel.Never });
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
  if (Array.isArray(node)) return Promise.all(node.map(made));
  if (!isValidElement<{ readonly children?: ReactNode }>(node)) return node;
  const { type, props } = node;
  if (typeof type === 'function' && type.constructor.name === 'AsyncFunction')
    return made(await (type as (given: object) => Promise<ReactNode>)(props));
  return 'children' in props ? cloneElement(node, {}, await made(props.children)) : node;
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
  const preferences = await currentPreferences();
  return (
    <NextIntlClientProvider locale={preferences.locale} messages={catalogueOf(preferences.locale)} timeZone="UTC">
      <PreferencesProvider preferences={preferences}>
        <LetterKeys on>{children}</LetterKeys>
      </PreferencesProvider>
    </NextIntlClientProvider>
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

/** A key as it is named on the page: "ArrowDown", "Shift+U", "[". */
export function press(user: UserEvent, key: string): Promise<void> {
  const [last, ...held] = key === '+' ? ['+'] : key.split('+').reverse();
  const one = last!.length === 1 ? last!.replace(/[[{]/, '$&$&') : `{${last}}`;
  return user.keyboard(held.reduce((keys, name) => `{${name}>}${keys}{/${name}}`, one));
}

/** Writes into a field, in the place of what is there. */
export async function fill(field: HTMLElement, text: string): Promise<void> {
  await act(async () => field.focus());
  await act(async () => void fireEvent.input(field, { target: { value: text } }));
}

/** Chooses by what the choice says or is. */
export const choose = (user: UserEvent, field: HTMLElement, choice: string): Promise<void> =>
  user.selectOptions(field, choice);

/** The panel that is open, once what belongs into it has come. */
export async function dialog(): Promise<HTMLElement> {
  const found = await screen.findByRole('dialog');
  await waitFor(() => {
    if (found.childElementCount < 2) throw new Error('The panel is empty');
  });
  return found;
}

export { screen, waitFor, within };
