'use client';

import { useI18n } from '@/i18n/client';
import { Link } from '@/ui/link';

/** Between the ledger of trials and what fish say of the bench. */
export function TrialsNav({ open }: { readonly open: 'trials' | 'judge' }) {
  const { t } = useI18n();
  return (
    <nav
      aria-label={t('trials.nav.label')}
      className="narrow flex gap-1 border-b border-faint px-2 text-[15px] print:hidden"
    >
      {(['trials', 'judge'] as const).map((name) => (
        <Link
          key={name}
          href={name === 'trials' ? '/trials' : '/trials/judge'}
          aria-current={name === open ? 'page' : undefined}
          className={`flex min-h-11 items-center px-2 ${name === open ? 'border-b-2 border-ink font-semibold' : 'text-dim hover:text-ink'}`}
        >
          {t(`trials.nav.${name}`)}
        </Link>
      ))}
    </nav>
  );
}
