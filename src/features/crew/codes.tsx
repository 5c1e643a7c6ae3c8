'use client';

import { useI18n } from '@/i18n/client';

/** Recovery codes, the once that they are shown. */
export function Codes({ codes, onKept }: { readonly codes: readonly string[]; readonly onKept: () => void }) {
  const { t } = useI18n();
  return (
    <div className="border border-ink bg-sheet p-3" data-testid="codes">
      <p className="semi-narrow mb-2 font-semibold">{t('crew.codes.shown')}</p>
      <ul className="grid gap-x-6 gap-y-1 text-[17px] whitespace-nowrap tabular-nums sm:grid-cols-2">
        {codes.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </ul>
      <button type="button" onClick={onKept} className="semi-narrow mt-3 min-h-11 bg-hi px-4 font-semibold text-on-hi">
        {t('crew.codes.kept')}
      </button>
    </div>
  );
}
