'use client';

import { useI18n } from '@/i18n/client';

export default function BenchError({ reset }: { readonly error: Error; readonly reset: () => void }) {
  const { t } = useI18n();
  return (
    <main id="main" tabIndex={-1} className="outline-none mx-auto max-w-xl px-3 py-8">
      <h1 className="narrow mb-2 text-[20px] font-semibold">{t('error.failedTitle')}</h1>
      <p className="mb-3">{t('error.failed')}</p>
      <button type="button" onClick={reset} className="narrow min-h-9 border border-ink px-3">{t('error.retry')}</button>
    </main>
  );
}
