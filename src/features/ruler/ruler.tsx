import { getI18n } from '@/i18n/server';
import type { Frame } from '@/server/queries/frame';
import { Link } from '@/ui/link';
import { PreferenceSwitches } from './preference-switches';
import { Views } from './views';

/** The way around: a ruler along the top, its words in the order of work. */
export async function Ruler({ frame }: { readonly frame: Frame | null }) {
  const { t } = await getI18n();
  return (
    <header
      data-bench={frame?.benchId}
      className="relative flex items-start justify-between border-b border-ink bg-sheet sm:h-10 print:hidden"
    >
      <a
        href="#main"
        className="narrow absolute left-2 top-1 z-20 -translate-y-20 border border-ink bg-sheet px-2 py-1 focus:translate-y-0"
      >
        {t('nav.skip')}
      </a>
      <svg className="pointer-events-none absolute inset-x-0 bottom-0 hidden h-2.5 w-full sm:block" aria-hidden="true">
        <defs>
          <pattern id="ruler" width="80" height="10" patternUnits="userSpaceOnUse">
            <path
              d="M0.5,10V0M8.5,10V6M16.5,10V6M24.5,10V6M32.5,10V6M40.5,10V3M48.5,10V6M56.5,10V6M64.5,10V6M72.5,10V6"
              className="stroke-faint"
            />
          </pattern>
        </defs>
        <rect width="100%" height="10" fill="url(#ruler)" />
      </svg>
      <Views role={frame?.role ?? 'owner'} />
      <div className="narrow relative flex shrink-0 items-center gap-4 pr-1 pt-1 text-[13px] text-dim sm:pr-3">
        <PreferenceSwitches crew={t('nav.crew')} />
        <Link
          href="/crew"
          className="hidden min-h-7 max-w-44 items-center truncate hover:text-ink hover:underline md:inline-flex"
        >
          {[frame?.benchName, frame?.userName].filter(Boolean).join(' · ') || t('nav.crew')}
        </Link>
      </div>
    </header>
  );
}
