'use client';

import type { HelmFigure } from '@/domain/helm/helm';
import { placeIn } from '@/domain/helm/figure';
import type { Standing } from '@/domain/helm/standing';
import { kindOf } from '@/domain/instruments/channels';
import { useI18n, type I18n } from '@/i18n/client';
import { Mark } from '@/ui/mark';
import { ageText } from '../age';
import { digitsOf, readout, scatterText, unitOf } from '@/features/fields/readout';
import { TrendArrow, WayArrow } from './arrows';
import { WindowScale } from './window-scale';

/** One of the three figures that are read across the boat, with its window, its trend and its age. */
export function LargeFigure({
  figure: { channel, wanted },
  standing,
  smoothingS,
  outsideS,
  probe,
}: {
  readonly figure: HelmFigure;
  readonly standing: Standing;
  readonly smoothingS: number;
  /** how long it has been outside of what is wanted [s]; 0 while it is in */
  readonly outsideS: number;
  /** where the probe hangs, which stands beside all that it reads */
  readonly probe: Standing | null;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  const { value, isStale, ageS } = standing;
  const place = value !== null && !isStale && wanted ? placeIn(value, wanted) : null;
  const outside = place === 'below' || place === 'above';
  const digits = digitsOf(i18n, channel, value);
  return (
    <section
      aria-label={t(`helm.channel.${channel}`)}
      data-testid={`figure-${channel}`}
      data-state={value === null ? 'none' : isStale ? 'stale' : (place ?? 'fresh')}
      className="relative grid min-h-0 grid-cols-[minmax(0,1fr)] items-center border-b border-faint sm:grid-cols-[minmax(0,5fr)_minmax(0,4fr)]"
    >
      {outside && <span aria-hidden="true" className="absolute inset-y-0 left-0 w-2.5 helm-edge" />}
      <p className="flex min-w-0 items-center justify-end gap-2 overflow-hidden pl-4 pr-5 sm:pr-6">
        {outside && <WayArrow up={place === 'below'} />}
        <span
          className={`helm-digits whitespace-nowrap font-semibold ${isStale ? 'helm-stale' : ''}`}
          style={{ fontSize: `min(29.5vh, calc(var(--helm-room) / ${emsOf(digits)}))` }}
          data-testid={`digits-${channel}`}
        >
          {digits}
        </span>
      </p>
      <div className="flex min-w-0 flex-col gap-0.5 px-3 pb-1 sm:px-0 sm:pr-3">
        <h2 className="narrow flex items-center gap-2 text-[21px] font-semibold leading-tight">
          <Mark shape={value === null || isStale ? 'dotted' : outside ? 'half' : 'filled'} size={19} />
          <span className="min-w-0 flex-1">{t(`helm.channel.${channel}`)}</span>
          <span className="font-normal">{unitOf(i18n, channel)}</span>
        </h2>
        {value !== null && !isStale && !kindOf(channel).turns && (
          <WindowScale channel={channel} value={value} minute={standing.minute} wanted={wanted} />
        )}
        <p className="narrow text-[17px] leading-tight" data-testid={`sentence-${channel}`}>
          {sentence(i18n, { channel, wanted, standing, outsideS })}
        </p>
        <p className="narrower flex flex-wrap items-center gap-x-3 text-[15px] leading-tight text-dim">
          {standing.over30S && (
            <span className="flex items-center gap-1 text-ink">
              <TrendArrow trend={standing.over30S} label={t(`helm.trend.${standing.over30S}`)} />
              {t('helm.over30S')}
            </span>
          )}
          {standing.over5Min && (
            <span className="flex items-center gap-1 text-ink">
              <TrendArrow trend={standing.over5Min} label={t(`helm.trend.${standing.over5Min}`)} />
              {t('helm.over5Min')}
            </span>
          )}
          <span className="ml-auto">{under(i18n, { standing, smoothingS, probe, ageS })}</span>
        </p>
      </div>
    </section>
  );
}

/** How wide the digits are, in their own size: a figure has its width, a point less than half of it. */
const emsOf = (digits: string): number =>
  [...digits].reduce((sum, each) => sum + (/[0-9−–]/.test(each) ? 0.43 : 0.22), 0.04);

function sentence(
  i18n: I18n,
  {
    channel,
    wanted,
    standing: { value, isStale, ageS, minute },
    outsideS,
  }: {
    readonly channel: HelmFigure['channel'];
    readonly wanted: HelmFigure['wanted'];
    readonly standing: Standing;
    readonly outsideS: number;
  },
): string {
  const { t } = i18n;
  if (value === null) return t('helm.figure.never');
  if (isStale) return t('helm.figure.stale', { age: ageText(i18n, ageS ?? 0) });
  if (!wanted) return minute ? t('helm.figure.within', { sd: scatterText(i18n, channel, minute.sd) }) : '';
  const span = { from: digitsOf(i18n, channel, wanted.from), to: digitsOf(i18n, channel, wanted.to) };
  if (placeIn(value, wanted) !== 'in')
    return outsideS >= 60
      ? t('helm.figure.outsideFor', { ...span, age: ageText(i18n, outsideS) })
      : t('helm.figure.outside', span);
  return minute ? t('helm.figure.inWithin', { sd: scatterText(i18n, channel, minute.sd) }) : t('helm.figure.in');
}

function under(
  i18n: I18n,
  {
    standing,
    smoothingS,
    probe,
    ageS,
  }: {
    readonly standing: Standing;
    readonly smoothingS: number;
    readonly probe: Standing | null;
    readonly ageS: number | null;
  },
): string {
  const { t } = i18n;
  if (ageS === null) return '';
  const old = standing.isTyped
    ? t('helm.typedAgo', { age: ageText(i18n, ageS) })
    : t('helm.old', { age: ageText(i18n, ageS) });
  const at =
    probe && probe.value !== null
      ? t(probe.isTyped ? 'helm.probeSetAt' : 'helm.probeAt', { depth: readout(i18n, 'probeM', probe.value) })
      : null;
  const smoothed = smoothingS > 0 && !standing.isTyped ? t('helm.smoothed', { seconds: smoothingS }) : null;
  return [at, smoothed, old].filter((each) => each !== null).join(' · ');
}
