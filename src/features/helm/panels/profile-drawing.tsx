'use client';

import type { DropProfile } from '@/domain/helm/profile';
import { useI18n } from '@/i18n/client';
import { digitsOf } from '@/features/fields/readout';
import { linear } from '@/ui/scale';

const [WIDTH, HEIGHT] = [320, 220];
const [LEFT, TOP, RIGHT, BOTTOM] = [44, 22, 300, 206];

/** Temperature on the way down, with the break as a line across. */
export function ProfileDrawing({
  profile: { layers, breakM },
}: {
  readonly profile: Pick<DropProfile, 'layers' | 'breakM'>;
}) {
  const i18n = useI18n();
  const known = layers.flatMap(({ depthM, temperatureC }) =>
    temperatureC === null ? [] : [{ depthM, c: temperatureC }],
  );
  if (known.length < 2) return null;
  const [warm, cold] = [Math.max(...known.map(({ c }) => c)), Math.min(...known.map(({ c }) => c))];
  const deepest = known.at(-1)!.depthM;
  const x = linear([cold, Math.max(cold + 0.5, warm)], [LEFT, RIGHT]);
  const y = linear([0, deepest], [TOP, BOTTOM]);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="column block w-full max-w-[360px]"
      role="img"
      aria-label={i18n.t('helm.drop.drawing')}
    >
      <path d={`M${LEFT},${TOP}V${BOTTOM}M${LEFT},${TOP}H${RIGHT}`} className="tick" />
      <path
        d={known.map(({ c, depthM }, i) => `${i === 0 ? 'M' : 'L'}${x(c)},${y(depthM)}`).join('')}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.6"
      />
      {breakM !== null && (
        <path d={`M${LEFT},${y(breakM)}H${RIGHT}`} className="needle" strokeWidth="2" strokeDasharray="5 3" />
      )}
      {[cold, warm].map((c, i) => (
        <text key={i} x={x(c)} y={TOP - 7} textAnchor="middle" className="dim">
          {digitsOf(i18n, 'probeC', c)}
        </text>
      ))}
      {[0, deepest, ...(breakM === null ? [] : [breakM])].map((m, i) => (
        <text
          key={i}
          x={LEFT - 6}
          y={y(m) + 4}
          textAnchor="end"
          className={i === 2 ? '' : 'dim'}
          fontWeight={i === 2 ? 700 : 400}
        >
          {digitsOf(i18n, 'probeM', m)}
        </text>
      ))}
    </svg>
  );
}
