'use client';

import { depthAtSpeed } from '@/domain/log/then-at';
import type { DayLine, DayPoint, LogDay } from '@/server/queries/log-day';
import { axisStep } from '@/features/fields/nice-steps';
import { useI18n } from '@/i18n/client';
import { linear } from '@/ui/scale';

const W = 300;
const H = 300;
const LEFT = 44;

/** The column under the boat at one moment: lures that fish, the probe, the bottom. */
export function Column({
  lines,
  spells,
  point,
  atS,
}: {
  readonly lines: readonly DayLine[];
  readonly spells: LogDay['spells'];
  readonly point: DayPoint | null;
  readonly atS: number;
}) {
  const { t, format, number, inUnit } = useI18n();
  const mps = point?.waterMps ?? point?.sogMps ?? null;
  const fishing = lines.flatMap((line) => {
    const isIn = spells.some(
      (spell) =>
        spell.line === line.line && spell.state === 'fishing' && spell.fromS <= atS && atS < (spell.toS ?? Infinity),
    );
    const depthM = isIn && mps !== null ? depthAtSpeed(line.depthsAt, mps) : null;
    return depthM === null ? [] : [{ ...line, depthM }];
  });
  const bottomM = point?.bottomM ?? null;
  const deepest = Math.max(5, bottomM ?? 0, ...fishing.map(({ depthM }) => depthM * 1.2), (point?.probeM ?? 0) * 1.2);
  const y = linear([0, deepest], [16, H - 24]);
  const stepM = axisStep(deepest / 6, 'depth', { inUnit });
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className="drawing block w-full"
      role="img"
      aria-label={t('log.day.column')}
      data-testid="column"
    >
      <line x1={LEFT} x2={W} y1={y(0)} y2={y(0)} stroke="var(--ink)" />
      {Array.from({ length: Math.floor(deepest / stepM) + 1 }, (_, i) => i * stepM).map((depthM) => (
        <text key={depthM} x={LEFT - 6} y={y(depthM) + 4} fontSize="12" textAnchor="end" fill="var(--dim)">
          {number(inUnit(depthM, 'depth'), 0)}
        </text>
      ))}
      {bottomM !== null && (
        <>
          <path d={`M${LEFT},${y(bottomM)}H${W}M${LEFT},${y(bottomM) + 4}H${W}`} stroke="var(--metal)" />
          <text x={W - 4} y={y(bottomM) - 5} fontSize="12" textAnchor="end" fill="var(--ink)">
            {t('log.day.bottomAt', { depth: format(bottomM, 'depth') })}
          </text>
        </>
      )}
      {point?.probeM !== null && point?.probeM !== undefined && (
        <>
          <path d={`M${LEFT + 16},${y(0)}V${y(point.probeM)}`} stroke="var(--ink)" strokeDasharray="3 3" />
          <rect x={LEFT + 11} y={y(point.probeM) - 5} width="10" height="10" fill="var(--hi)" stroke="var(--ink)" />
          <text x={LEFT + 26} y={y(point.probeM) + 4} fontSize="12" fill="var(--ink)">
            {format(point.probeC, 'temperature')}
          </text>
        </>
      )}
      {fishing.map(({ line, number: own, depthM }, i) => {
        const x = LEFT + 84 + (i * (W - LEFT - 110)) / Math.max(1, fishing.length - 1 || 1);
        return (
          <g key={line}>
            <path d={`M${x},${y(0)}V${y(depthM) - 10}`} stroke="var(--ink)" strokeWidth="0.8" />
            <circle cx={x} cy={y(depthM)} r="9" fill="var(--sheet)" stroke="var(--ink)" />
            <text x={x} y={y(depthM) + 4} fontSize="12" textAnchor="middle" fill="var(--ink)">
              {own}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
