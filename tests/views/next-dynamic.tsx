import { lazy, Suspense, type ComponentType, type ReactNode } from 'react';

/** A part of a page that comes once it is shown. */
export default function dynamic<P extends object>(
  load: () => Promise<ComponentType<P>>,
  { loading }: { readonly loading?: () => ReactNode } = {},
): ComponentType<P> {
  const Lazy = lazy(() => load().then((part) => ({ default: part })));
  return function Dynamic(props: P) {
    return (
      <Suspense fallback={loading?.() ?? null}>
        <Lazy {...props} />
      </Suspense>
    );
  };
}
