/** Pages that a phone has without a server: what is used on the water. */
export const KEPT_PAGES = ['/log', '/log/trips', '/log/ask', '/helm', '/spread', '/today', '/today/cards'] as const;

/** Where their newest answers lie. */
export const PAGES_CACHE = 'ferula-pages-1';

/** Under which address a page is kept: the log is one, whatever it was opened from. */
export function keptUnder(url: URL): string | null {
  const path = url.pathname.replace(/\/$/, '') || '/';
  if (path === '/log/day') return path + url.search;
  return (KEPT_PAGES as readonly string[]).includes(path) ? (path === '/log' ? path : path + url.search) : null;
}
