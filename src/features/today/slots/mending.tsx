'use client';

import type { Remedies } from '@/core/decide';
import { changeText } from '@/i18n/change-text';
import { useI18n, type I18n } from '@/i18n/client';
import { Link } from '@/ui/link';
import type { Mend } from '../plan/use-mend';
import type { SuitedSetup } from '../plan/use-suited';

/** One change from the Box that mends the chosen setup. */
export function Mending({ setup, mend }: { readonly setup: SuitedSetup; readonly mend: Mend | null }) {
  const i18n = useI18n();
  const { t } = i18n;
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 pl-[21px] text-[14px]">
      {mend !== null && (
        <p role="status" className="semi-narrow font-semibold">
          {mend === 'waiting'
            ? t('today.mending')
            : mend === 'failed'
              ? t('today.noMend')
              : mendText(i18n, mend, setup)}
        </p>
      )}
      <Link href={`/bench/${encodeURIComponent(setup.id)}`} className="narrow underline underline-offset-2">
        {t('today.key.open')}
      </Link>
    </div>
  );
}

/** The best single change that makes all sound, else the best that does, else the best single one. */
function mendText(i18n: I18n, { remedies }: Remedies, setup: SuitedSetup): string {
  const { t } = i18n;
  const single = remedies.filter(({ changes }) => changes.length === 1);
  const best =
    single.find(({ makesSound }) => makesSound) ?? remedies.find(({ makesSound }) => makesSound) ?? single[0];
  if (!best) return t('today.noMend');
  const said = best.changes.map((change) => {
    const { what, to, detail } = changeText(i18n, change, setup.today);
    return t('today.mends', { what, to, detail: detail === '' ? '' : ` (${detail})` });
  });
  return `${said.join(' ')}${best.makesSound ? ` ${t('today.thenSound')}` : ''}`;
}
