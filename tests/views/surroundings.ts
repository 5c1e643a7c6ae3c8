import { format } from 'node:util';
import { configure } from '@testing-library/react';
import * as React from 'react';
import { vi } from 'vitest';
import { PATIENCE_MS } from '../helpers/patience';
import { at, ROUTES } from './addresses';
import { here } from './next-navigation';

// A figure that a worker is to find may take a while; and what CSS hides is not known here.
configure({
  // The page's words say more than its markup.
  getElementError: (message) => new Error(`${message}\nThe page says: ${document.body.textContent.slice(0, 800)}`),
  asyncUtilTimeout: PATIENCE_MS,
  defaultHidden: true,
});

// No style sheet is loaded, and working out for each element that it has none takes most of the time.
const unstyled = document.createElement('i').style;
window.getComputedStyle = () => unstyled;

// What a page logs as an error or a warning is one. React's act() minds that a page is refreshed while user-event presses; no
// browser does.
export const errors: string[] = [];
const note = (...given: readonly unknown[]) => {
  const text = format(...given);
  if (!/support act\(|an `act` scope/.test(text)) errors.push(text);
};
vi.spyOn(console, 'error').mockImplementation(note);
vi.spyOn(console, 'warn').mockImplementation(note);

// React notes where each element was made, for a browser's tools, until it did so ten thousand times in a second: an eighth of a test.
Object.defineProperty(
  (React as unknown as Record<string, object>)['__CLIENT_INTERNALS_DO_NOT_USE_OR_WARN_USERS_THEY_CANNOT_UPGRADE']!,
  'recentlyCreatedOwnerStacks',
  { get: () => 10_000, set() {} },
);

// Every page of Next begins with its doctype.
Object.defineProperty(document, 'compatMode', { value: 'CSS1Compat' });

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
