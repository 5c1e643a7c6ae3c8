'use client';

import type { FigureName } from '@/domain/helm/helm-limits';
import type { Standing } from '@/domain/helm/standing';
import type { ChannelName } from '@/domain/instruments/channels';
import { useI18n } from '@/i18n/client';
import { ageText } from '../age';
import { digitsOf, readout, unitOf } from '@/features/fields/readout';

/** The other figures, down the side: smaller, each with its age. */
export function Beside({
  channels,
  standing,
}: {
  readonly channels: readonly FigureName[];
  readonly standing: Readonly<Record<ChannelName, Standing>>;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  /** Where the probe hangs stands beside all that it reads. */
  const atProbe = (channel: ChannelName): string | null => {
    const { value, isTyped } = standing.probeM;
    if ((channel !== 'probeC' && channel !== 'probeMps') || value === null) return null;
    return t(isTyped ? 'helm.probeSetAt' : 'helm.probeAt', { depth: readout(i18n, 'probeM', value) });
  };
  return (
    <ul className="grid min-h-0 grid-cols-2 overflow-hidden border-ink bg-sheet lg:flex lg:flex-col lg:border-l">
      {channels.map((channel) => {
        const { value, isStale, ageS, isTyped } = standing[channel];
        return (
          <li
            key={channel}
            data-testid={`beside-${channel}`}
            data-state={value === null ? 'none' : isStale ? 'stale' : 'fresh'}
            className="flex min-h-0 flex-1 flex-col justify-center border-b border-faint px-3.5 py-1"
          >
            <span className="narrow text-[16px] leading-tight">
              {channel === 'currentMps' && standing.probeM.value !== null
                ? t('helm.currentAt', {
                    depth: `${digitsOf(i18n, 'probeM', standing.probeM.value)} ${unitOf(i18n, 'probeM')}`,
                  })
                : t(`helm.channel.${channel}`)}
            </span>
            <span className="flex items-baseline gap-1.5 leading-none">
              <span
                className={`narrower text-[clamp(28px,5.6vh,48px)] font-semibold leading-[1.05] ${isStale && value !== null ? 'helm-stale' : ''}`}
              >
                {digitsOf(i18n, channel, value)}
              </span>
              <span className="text-[17px] text-dim">{unitOf(i18n, channel)}</span>
            </span>
            {ageS !== null && (
              <span
                className={`narrow self-start text-[14px] leading-tight ${isStale ? 'border border-dashed border-ink px-1' : 'text-dim'}`}
              >
                {[
                  atProbe(channel),
                  isStale
                    ? t('helm.stale', { age: ageText(i18n, ageS) })
                    : t(isTyped ? 'helm.typedAgo' : 'helm.old', { age: ageText(i18n, ageS) }),
                ]
                  .filter((each) => each !== null)
                  .join(' · ')}
              </span>
            )}
          </li>
        );
      })}
    </ul>
  );
}
