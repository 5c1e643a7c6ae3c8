'use client';

import { outsideForS } from '@/domain/helm/figure';
import type { Helm } from '@/domain/helm/helm';
import { LARGE } from '@/domain/helm/helm-limits';
import type { standingOf } from '@/domain/helm/standing';
import type { Tracks } from '@/domain/helm/tracks';
import { asRead } from '@/domain/helm/usual-helm';
import { LargeFigure } from './large-figure';

/** The figures that are read across the boat, as the helm names them. */
export function LargeFigures({
  helm,
  tracks,
  standing,
}: {
  readonly helm: Helm;
  readonly tracks: Tracks;
  readonly standing: ReturnType<typeof standingOf>;
}) {
  return (
    <div className="grid min-h-0 auto-rows-fr">
      {helm.figures.slice(0, LARGE).map((figure, i) => (
        <LargeFigure
          key={`${figure.channel} ${i}`}
          figure={figure}
          standing={standing[figure.channel]}
          smoothingS={helm.smoothingS}
          outsideS={
            figure.wanted
              ? outsideForS(tracks.of(figure.channel), asRead(helm, figure.channel, figure.wanted), helm.smoothingS)
              : 0
          }
          probe={figure.channel === 'probeMps' || figure.channel === 'probeC' ? standing.probeM : null}
        />
      ))}
    </div>
  );
}
