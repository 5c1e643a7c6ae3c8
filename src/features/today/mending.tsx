'use client';

import Link from 'next/link';
import { changeText } from '@/i18n/change-text';
import { useI18n } from '@/i18n/client';
import type { SuitedSetup, useToday } from './use-today';

/** One change that mends it, from what the Box holds, when it is asked for. */
export function Mending({
  setup,
  today,
}: {
  readonly setup: SuitedSetup;
  readonly today: ReturnType<typeof useToday>;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  const { mending, mends, mendWaits } = today;
  const all = mends?.remedies ?? [];
  const single = all.filter(({ changes }) => changes.length === 1);
  const best = single.find(({ makesSound }) => makesSound) ?? all.find(({ makesSound }) => makesSound) ?? single[0];
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 py-1 text-[14px]">
      {setup.standing !== 'suits' && mending !== setup.id && (
        <button
          type="button"
          onClick={() => today.mend(setup.id)}
          className="narrow min-h-9 border border-current px-2.5 lg:min-h-7"
        >
          {t('today.key.mend')}
        </button>
      )}
      {mending === setup.id && (
        <p role="status" className="semi-narrow">
          {mendWaits
            ? t('today.mending')
            : best
              ? best.changes
                  .map((change) => {
                    const { what, to, detail } = changeText(i18n, change, setup.today);
                    return t('today.mends', { what, to, detail: detail === '' ? '' : ` (${detail})` });
                  })
                  .join(' ') + (best.makesSound ? ` ${t('today.thenSound')}` : '')
              : t('today.noMend')}
        </p>
      )}
      <Link
        href={`/bench/${encodeURIComponent(setup.id)}`}
        prefetch={false}
        className="narrow underline underline-offset-2"
      >
        {t('today.key.open')}
      </Link>
    </div>
  );
}
