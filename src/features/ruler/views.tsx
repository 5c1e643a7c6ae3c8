'use client';

import Link, { useLinkStatus } from 'next/link';
import { usePathname } from 'next/navigation';
import { useI18n } from '@/i18n/client';

/** Views in the order of work; a word is there when its view is. */
const VIEWS = [
  'box',
  'bench',
  'water',
  'quiver',
  'tying',
  'today',
  'spread',
  'log',
  'helm',
  'trials',
  'rules',
] as const;

/** The words on the ruler; a notch stands under the one that is open. */
export function Views() {
  const { t } = useI18n();
  const path = usePathname();
  return (
    <nav
      aria-label={t('nav.label')}
      className="relative flex h-10 min-w-0 gap-3 overflow-x-auto overflow-y-hidden pl-2 pt-1 [scrollbar-width:none] sm:gap-5 sm:pl-6"
    >
      {VIEWS.map((view) => {
        const isOpen = path.startsWith(`/${view}`);
        return (
          <Link
            key={view}
            href={`/${view}`}
            aria-current={isOpen ? 'page' : undefined}
            className={`narrow relative inline-flex h-7 shrink-0 items-center text-[15px] ${isOpen ? 'font-semibold' : 'text-dim hover:text-ink'}`}
          >
            {t(`nav.${view}`)}
            <Pending label={t('common.loading')} />
            {isOpen && (
              <svg className="absolute left-1/2 top-[27px] -ml-2 text-ink" width="16" height="8" aria-hidden="true">
                <path d="M0,8L8,0L16,8z" fill="currentColor" />
              </svg>
            )}
          </Link>
        );
      })}
    </nav>
  );
}

/** A line under the word while its view comes. */
function Pending({ label }: { readonly label: string }) {
  const { pending } = useLinkStatus();
  return pending ? (
    <span role="status" className="absolute inset-x-0 bottom-0 h-0.5 animate-pulse bg-ink">
      <span className="sr-only">{label}</span>
    </span>
  ) : null;
}
