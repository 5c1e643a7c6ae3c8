import { useI18n } from '@/i18n/client';

/** Under the candidates while one is tried on. */
export function FitButtons({ onFit, onPutBack }: { readonly onFit: () => void; readonly onPutBack: () => void }) {
  const { t } = useI18n();
  return (
    <div className="flex gap-2 border-x border-b border-ink bg-sheet p-1.5">
      <button
        type="button"
        className="narrow min-h-8 flex-1 border border-ink bg-hi font-semibold text-on-hi"
        onClick={onFit}
      >
        {t('key.fit')}
      </button>
      <button type="button" className="narrow min-h-8 flex-1 border border-ink" onClick={onPutBack}>
        {t('key.putBack')}
      </button>
    </div>
  );
}
