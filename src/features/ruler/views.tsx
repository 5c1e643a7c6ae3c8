'use client';

import { useLinkStatus } from 'next/link';
import { usePathname } from 'next/navigation';
import { may, type Need, type Role } from '@/domain/crew/roles';
import { useI18n } from '@/i18n/client';
import { Link } from '@/ui/link';

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

/** What a view needs to be there for somebody, where it is not reading the bench. */
const NEEDED: Readonly<Partial<Record<(typeof VIEWS)[number], Need>>> = { log: 'log', helm: 'helm' };

/** The words on the ruler; a notch stands under the one that is open. A phone has them all in two rows, the open one underlined. */
export function Views({ role }: { readonly role: Role }) {
  const { t } = useI18n();
  const path = usePathname();
  return (
    <nav
      aria-label={t('nav.label')}
      className="relative flex min-w-0 flex-wrap gap-x-3.5 pl-2 sm:h-10 sm:flex-nowrap sm:gap-5 sm:overflow-x-auto sm:overflow-y-hidden sm:pl-6 sm:pt-1 sm:[scrollbar-width:none]"
    >
      {linksOf(role).map(([view, href]) => {
        const isOpen = path.startsWith(href);
        return (
          <Link
            key={view}
            href={href}
            aria-current={isOpen ? 'page' : undefined}
            className={`narrow relative inline-flex h-9 shrink-0 items-center text-[15px] sm:h-7 ${isOpen ? 'font-semibold max-sm:underline max-sm:decoration-2 max-sm:underline-offset-4' : 'text-dim hover:text-ink'}`}
          >
            {t(`nav.${view}`)}
            <Pending label={t('common.loading')} />
            {isOpen && (
              <svg
                className="absolute left-1/2 top-[27px] -ml-2 hidden text-ink sm:block"
                width="16"
                height="8"
                aria-hidden="true"
              >
                <path d="M0,8L8,0L16,8z" fill="currentColor" />
              </svg>
            )}
          </Link>
        );
      })}
    </nav>
  );
}

/** Whoever does not read the bench has the cards of the day all the same. */
function linksOf(role: Role) {
  const views = VIEWS.filter((view) => may(role, NEEDED[view] ?? 'bench')).map((view) => [view, `/${view}`] as const);
  return may(role, 'bench') ? views : [...views, ['cards', '/today/cards'] as const];
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
