'use client';

import type { WantedWindow } from '@/domain/helm/figure';
import type { ChannelName } from '@/domain/instruments/channels';
import { useI18n } from '@/i18n/client';
import { digitsOf } from '@/features/fields/readout';
import { linear } from '@/ui/scale';

const WIDTH = 318;
const [LEFT, RIGHT] = [10, WIDTH - 10];

/** A figure on its scale: what is wanted between two posts, the last minute as a thick stroke, now as the needle. */
export function WindowScale({
  channel,
  value,
  minute,
  wanted,
}: {
  readonly channel: ChannelName;
  readonly value: number;
  readonly minute: { readonly mean: number; readonly sd: number } | null;
  readonly wanted: WantedWindow | null;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  const points = [
    value,
    ...(minute ? [minute.mean - minute.sd, minute.mean + minute.sd] : []),
    ...(wanted ? [wanted.from, wanted.to] : []),
  ];
  const [least, most] = [Math.min(...points), Math.max(...points)];
  const around = Math.max((most - least) * 0.25, Math.abs(most) * 0.04, 0.05);
  const [from, to] = [least - around, most + around];
  const x = linear([from, to], [LEFT, RIGHT]);
  // Labels stand at the ends of what is wanted; without it at the ends of the scale.
  const labels = wanted ? [wanted.from, wanted.to] : [from + 0.08 * (to - from), to - 0.08 * (to - from)];
  return (
    <svg viewBox={`0 0 ${WIDTH} 62`} className="column block w-full max-w-[340px]" aria-hidden="true">
      {wanted && (
        <>
          <rect x={x(wanted.from)} y={10} width={x(wanted.to) - x(wanted.from)} height={24} fill="var(--ok)" />
          <path d={`M${x(wanted.from)},4v36M${x(wanted.to)},4v36`} stroke="var(--ink)" strokeWidth="2" />
        </>
      )}
      <path d={`M${LEFT},40.5H${RIGHT}`} stroke="var(--ink)" fill="none" />
      {minute && (
        <path
          d={`M${x(minute.mean - minute.sd)},22H${Math.max(x(minute.mean - minute.sd) + 3, x(minute.mean + minute.sd))}`}
          stroke="var(--ink)"
          strokeWidth="9"
        />
      )}
      <path d={`M${x(value)},2V40`} className="needle" strokeWidth="4" />
      {!wanted && <path d={labels.map((at) => `M${x(at)},40v5`).join('')} stroke="var(--ink)" fill="none" />}
      {labels.map((at, i) => (
        <text key={i} x={x(at)} y={58} textAnchor="middle" style={{ fontSize: 15 }} className="dim">
          {digitsOf(i18n, channel, at)}
        </text>
      ))}
      {minute && labels.every((at) => Math.abs(x(at) - WIDTH / 2) > 46) && (
        <text x={WIDTH / 2} y={58} textAnchor="middle" style={{ fontSize: 12.5 }} className="dim">
          {t('helm.minute')}
        </text>
      )}
    </svg>
  );
}
