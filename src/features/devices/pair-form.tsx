'use client';

import { useI18n } from '@/i18n/client';

/** The question that a device sees before it is let in: the code from the console. */
export function PairForm({
  wrong,
  hasAuthority,
}: {
  readonly wrong: 'code' | 'form' | null;
  readonly hasAuthority: boolean;
}) {
  const { t } = useI18n();
  const field = 'min-h-12 w-full border border-ink bg-sheet px-3 text-[20px]';
  return (
    <main id="main" className="mx-auto flex max-w-[420px] flex-col gap-4 px-4 py-8" data-testid="pair">
      <h1 className="narrow text-[22px] font-semibold">{t('devices.pair.title')}</h1>
      <p className="semi-narrow">{t('devices.pair.hint')}</p>
      {wrong && (
        <p role="alert" className="semi-narrow border border-ink bg-sheet px-3 py-2">
          {t(wrong === 'code' ? 'devices.pair.wrongCode' : 'devices.pair.wrongForm')}
        </p>
      )}
      <form method="post" action="/pair/code" className="flex flex-col gap-3">
        <label className="semi-narrow">
          {t('devices.pair.code')}
          <input name="code" required inputMode="numeric" autoComplete="one-time-code" className={field} />
        </label>
        <label className="semi-narrow">
          {t('devices.pair.name')}
          <input name="name" required maxLength={60} defaultValue={t('devices.pair.usual')} className={field} />
        </label>
        <button type="submit" className="semi-narrow min-h-12 bg-hi text-[18px] font-semibold text-on-hi">
          {t('devices.pair.go')}
        </button>
      </form>
      {hasAuthority && (
        <a className="semi-narrow underline" href="/pair/authority.crt" download>
          {t('devices.pair.authority')}
        </a>
      )}
    </main>
  );
}
