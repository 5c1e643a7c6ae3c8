import { getI18n } from '@/i18n/server';
import { PreferenceSwitches } from './preference-switches';
import { Views } from './views';

/** The way around: a ruler along the top, its words in the order of work. */
export async function Ruler({ benchName }: { readonly benchName: string }) {
  const { t } = await getI18n();
  return (
    <header className="relative flex h-10 items-start justify-between border-b border-ink bg-sheet print:hidden">
      <a
        href="#main"
        className="narrow absolute left-2 top-1 z-20 -translate-y-20 border border-ink bg-sheet px-2 py-1 focus:translate-y-0"
      >
        {t('nav.skip')}
      </a>
      <svg className="pointer-events-none absolute inset-x-0 bottom-0 h-2.5 w-full" aria-hidden="true">
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
      <Views />
      <div className="narrow relative flex shrink-0 items-center gap-4 pr-3 pt-1 text-[13px] text-dim">
        <PreferenceSwitches />
        <span className="hidden md:inline">{benchName}</span>
      </div>
    </header>
  );
}
