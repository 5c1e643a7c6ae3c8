'use client';

import type { Part } from '@/domain/parts';
import { Caution } from '@/features/fields/sheet';
import { useI18n } from '@/i18n/client';
import { KeyFoot } from '@/ui/key-foot';
import { groupKeys, useKeys, type KeyRow } from '@/ui/keys';
import { Link } from '@/ui/link';
import { ProgressLine } from '@/ui/progress-line';
import { FileView } from './jig-drawing';
import { useJig } from './use-jig';
import { Parts } from './jig-parts';
import { Filed, Found } from './jig-found';
import { Histogram, Landing } from './jig-drops';

const KEYS = [
  { action: 'drop', keys: ['d'], label: 'drop', atFoot: true },
  { action: 'search', keys: ['f'], label: 'search', atFoot: true },
  { action: 'take', keys: ['Enter'], label: 'take', atFoot: true },
  { action: 'take-two', keys: ['b'], label: 'take-two', atFoot: true },
  { action: 'unfile', keys: ['u'], label: 'unfile', atFoot: true },
  { action: 'hand', keys: ['h'], label: 'hand', atFoot: true },
] as const satisfies readonly KeyRow[];

const press = 'narrow min-h-9 border border-ink px-2.5 text-[14px] disabled:border-faint disabled:text-dim';
/** The jig lab: a head by its parts, a flat filed on it, and how it lands before and after. */
export function JigView({ box }: { readonly box: readonly Part[] }) {
  const { t } = useI18n();
  const jig = useJig();
  const run = (action: (typeof KEYS)[number]['action']) => {
    switch (action) {
      case 'drop':
        return jig.drop();
      case 'search':
        return jig.search();
      case 'take':
        return jig.takeOne();
      case 'take-two':
        return jig.takeTwo();
      case 'unfile':
        return jig.unfile();
      case 'hand':
        return jig.byHand();
      default:
        return action satisfies never;
    }
  };
  useKeys(KEYS, run, false);
  return (
    <main
      id="main"
      tabIndex={-1}
      className="mx-auto flex flex-col gap-2 px-2 pb-1 pt-2 outline-none sm:px-3 lg:h-[calc(100dvh-40px)] lg:min-h-[720px]"
    >
      <h1 className="sr-only">{t('jig.title')}</h1>
      <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] gap-2 lg:grid-cols-[250px_minmax(0,1fr)_360px]">
        <Parts jig={jig} box={box} />
        <div className="flex min-h-0 flex-col gap-2">
          <section aria-label={t('jig.onVice')} className="border border-ink bg-sheet">
            <FileView head={jig.after.head} standing={jig.after.standing} flat={jig.flat} onFlat={jig.setFlat} />
            <p className="semi-narrow flex flex-wrap gap-x-4 border-t border-faint px-2.5 py-1 text-[14px]">
              <Filed jig={jig} />
            </p>
          </section>
          <section
            aria-label={t('jig.drops')}
            className="flex min-h-0 flex-1 flex-col border border-ink bg-sheet px-2.5 py-1"
          >
            <div className="flex flex-wrap items-center gap-2">
              <button
                type="button"
                className={press}
                onClick={jig.drop}
                disabled={jig.after.stand.outcome === 'floats'}
              >
                {t('jig.key.drop')}
              </button>
              <button type="button" className={press} onClick={jig.search} disabled={jig.searching}>
                {t('jig.key.search')}
              </button>
              <button type="button" className={press} onClick={jig.takeOne} disabled={!jig.found?.one}>
                {t('jig.key.take')}
              </button>
              {jig.found?.two && (
                <button type="button" className={press} onClick={jig.takeTwo}>
                  {t('jig.key.take-two')}
                </button>
              )}
              <Link href="/tying" className="ml-auto text-[14px] underline underline-offset-2">
                {t('nav.tying')}
              </Link>
            </div>
            <Found jig={jig} />
            {jig.dropsProgress && jig.dropping && (
              <ProgressLine label={t('jig.dropping')} share={jig.dropsProgress.done / jig.dropsProgress.of} />
            )}
            {jig.searchProgress && jig.searching && (
              <ProgressLine label={t('jig.searching')} share={jig.searchProgress.done / jig.searchProgress.of} />
            )}
            <Histogram jig={jig} />
          </section>
        </div>
        <div className="flex min-h-0 flex-col gap-2 lg:overflow-y-auto">
          <Landing title={t('jig.before')} landed={jig.before} jig={null} />
          <Landing title={t('jig.after')} landed={jig.after} jig={jig} />
          <Caution>{t('jig.care')}</Caution>
        </div>
      </div>
      <footer className="narrow flex flex-wrap items-center gap-x-2.5 gap-y-1 text-[12.5px] text-dim">
        <KeyFoot
          groups={groupKeys(KEYS, true).map((group) => ({ ...group, label: t(`jig.key.${group.label}`) }))}
          onAction={run}
        />
      </footer>
    </main>
  );
}
