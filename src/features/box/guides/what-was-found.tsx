import type { Found } from '@/domain/guides';
import type { Catalogue } from '@/i18n/catalogue';
import { useI18n } from '@/i18n/client';
import { FitPlot } from './fit-plot';

/** What the readings say, with the fitted curve and what would make it surer. */
export function WhatWasFound({ found }: { readonly found: Found }) {
  const { t, format } = useI18n();
  return (
    <output className="mt-3 block border-t border-ink pt-2">
      <dl>
        {found.results.map(({ name, value, measure, spread }) => (
          <div key={name} className="flex items-baseline justify-between gap-3 border-b border-faint py-0.5">
            <dt className="narrow text-[13px] text-dim">
              {t(`guide.result.${name as keyof Catalogue['guide']['result']}`)}
            </dt>
            <dd className="font-semibold">
              {format(value, measure)}
              {spread === undefined ? (
                ''
              ) : (
                <span className="narrow ml-1 text-[12px] font-normal text-dim">± {format(spread, 'share')}</span>
              )}
            </dd>
          </div>
        ))}
      </dl>
      {found.plot && <FitPlot plot={found.plot} label={t('guide.plot')} />}
      {found.hints.map((hint) => (
        <p key={hint} className="semi-narrow mt-1 text-[13px]">
          {t(`guide.hint.${hint as keyof Catalogue['guide']['hint']}`)}
        </p>
      ))}
    </output>
  );
}
