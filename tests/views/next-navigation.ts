/** Where a page leads: a test that opened it goes along. */
export const here: { go: (href: string) => Promise<void>; again: () => Promise<void> } = {
  go: () => Promise.reject(new Error('no page is open')),
  again: () => Promise.reject(new Error('no page is open')),
};

const router = {
  push: (href: string) => void here.go(href),
  replace: (href: string) => void here.go(href),
  refresh: () => void here.again(),
  back: () => window.history.back(),
  prefetch: () => undefined,
};

export const useRouter = () => router;
export const usePathname = () => window.location.pathname;
export const useSearchParams = () => new URLSearchParams(window.location.search);
