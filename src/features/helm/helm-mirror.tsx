'use client';

import type { Helm } from '@/domain/helm/helm';
import { standingOf } from '@/domain/helm/standing';
import { NO_TRACKS } from '@/domain/helm/tracks';
import { useLive } from '@/features/fields/use-live';
import { useI18n } from '@/i18n/client';
import { Beside } from './figures/beside';
import { LargeFigures } from './figures/large-figures';

/** The figures of a helm to look at, from a live line that only tells readings. */
export function HelmMirror({ helm: first, from }: { readonly helm: Helm | null; readonly from: string }) {
  const { t } = useI18n();
  const { heard, nowS, line } = useLive(from);
  const helm = heard?.helm?.document ?? first;
  if (!helm)
    return (
      <main id="main" className="semi-narrow px-4 py-6">
        {t('helm.lures.none')}
      </main>
    );
  const tracks = heard?.tracks ?? NO_TRACKS;
  const standing = standingOf(tracks, { helm, events: [], nowS });
  return (
    <main id="main" tabIndex={-1} data-testid="helm-mirror" data-state={line} className="flex flex-col outline-none">
      <h1 className="sr-only">{t('nav.helm')}</h1>
      <p className="narrow border-b border-faint bg-sheet px-4 py-0.5 text-[14px]">{t(`helm.line.${line}`)}</p>
      <div className="grid min-h-0 grid-cols-[minmax(0,1fr)] lg:h-[calc(100dvh-80px)] lg:grid-cols-[minmax(0,1fr)_232px]">
        <LargeFigures helm={helm} tracks={tracks} standing={standing} />
        <Beside channels={helm.beside} standing={standing} />
      </div>
    </main>
  );
}
