'use client';

import { useI18n } from '@/i18n/client';
import { Link } from '@/ui/link';

const PLACES = [
  ['log', '/log'],
  ['trips', '/log/trips'],
  ['ask', '/log/ask'],
  ['helm', '/helm'],
] as const;

/** Around the log: on the water, its trips, what they say together, and the instruments. */
export function LogNav({ open }: { readonly open: 'log' | 'trips' | 'ask' | 'day' }) {
  const { t } = useI18n();
  return (
    <nav
      aria-label={t('log.nav.label')}
      className="narrow flex gap-1 border-b border-faint px-2 text-[15px] print:hidden"
    >
      {PLACES.map(([name, href]) => (
        <Link
          key={name}
          href={href}
          aria-current={name === open ? 'page' : undefined}
          className={`flex min-h-11 items-center px-2 ${name === open ? 'border-b-2 border-ink font-semibold' : 'text-dim hover:text-ink'}`}
        >
          {name === 'helm' ? t('nav.helm') : t(`log.nav.${name}`)}
        </Link>
      ))}
    </nav>
  );
}
