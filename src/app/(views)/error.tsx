'use client';

import { useRouter } from 'next/navigation';
import { startTransition, useEffect } from 'react';
import { useI18n } from '@/i18n/client';

/** How often the page asks whether the database is back [ms]. */
const ASK_EVERY_MS = 3000;

const REASONS = ['database-away', 'disk-full', 'busy', 'failed'] as const;
const isReason = (digest: string | undefined): digest is (typeof REASONS)[number] =>
  (REASONS as readonly (string | undefined)[]).includes(digest);

/** The page could not be made; it makes itself again as soon as the application says that all is up. */
export default function ViewError({
  error,
  reset,
}: {
  readonly error: Error & { readonly digest?: string };
  readonly reset: () => void;
}) {
  const { t } = useI18n();
  const router = useRouter();
  useEffect(() => {
    const timer = setInterval(() => {
      fetch('/ready').then(
        (answer) => {
          if (!answer.ok) return;
          startTransition(() => {
            router.refresh();
            reset();
          });
        },
        () => undefined,
      );
    }, ASK_EVERY_MS);
    return () => clearInterval(timer);
  }, [reset, router]);
  return (
    <main id="main" tabIndex={-1} className="outline-none mx-auto max-w-xl px-3 py-8">
      <h1 className="narrow mb-2 text-[20px] font-semibold">{t('error.failedTitle')}</h1>
      <p className="mb-3" role="status">
        {t(`error.reason.${isReason(error.digest) ? error.digest : 'failed'}`)}
      </p>
      <button type="button" onClick={reset} className="narrow min-h-9 border border-ink px-3">
        {t('error.retry')}
      </button>
    </main>
  );
}
