import type { ReactElement } from 'react';

type Params = Readonly<Record<string, string>>;

export type Page = (props: {
  readonly params: Promise<Params>;
  readonly searchParams: Promise<Readonly<Record<string, string | string[]>>>;
}) => Promise<ReactElement>;

export type Route = (request: Request, given: { readonly params: Promise<Params> }) => Promise<Response>;

/** Every view's page and every route by its folder, as Next finds them. */
export const PAGES = import.meta.glob<{ readonly default: Page }>('../../src/app/*/**/page.tsx');
export const ROUTES = import.meta.glob<Readonly<Partial<Record<string, Route>>>>('../../src/app/**/route.ts');

/** What answers at a path, with what stands in the path; throws where nothing does. */
export function at<T>(all: Readonly<Record<string, () => Promise<T>>>, path: string) {
  // What is written out goes before what stands for any.
  const inOrder = Object.entries(all).sort(([a], [b]) => (a.replaceAll('[', '~') < b.replaceAll('[', '~') ? -1 : 1));
  for (const [file, load] of inOrder) {
    const pattern = file
      .replace(/^.*\/src\/app/, '')
      .replace(/\/(page\.tsx|route\.ts)$/, '')
      .replaceAll(/\/\(\w+\)/g, '');
    const match = new RegExp(`^${pattern.replaceAll('.', '\\.').replaceAll(/\[(\w+)\]/g, '(?<$1>[^/]+)')}$`).exec(path);
    if (match) return { load, params: decoded(match.groups ?? {}) };
  }
  throw new Error(`Nothing answers at ${path}`);
}

const decoded = (params: Params): Params =>
  Object.fromEntries(Object.entries(params).map(([name, value]) => [name, decodeURIComponent(value)]));
