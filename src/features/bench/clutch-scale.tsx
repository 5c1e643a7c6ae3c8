import type { ClutchScale } from '@/core/clutch';
import type { I18n } from '@/i18n/client';

export interface ClutchScaleViewProps {
  readonly scales: readonly ClutchScale[];
  /** the present setting at a full spool [N]; null: locked */
  readonly clutchN: number | null;
  /** the light setting for a live or towed bait [N]; null: none is towed */
  readonly lightN: number | null;
  readonly i18n: I18n;
}

const WIDTH = 520;
const LEFT = 148;
const ROW = 24;

/** Settings at a full spool that are right, in the four states of spool and rod, on one scale with the present one. */
export function ClutchScaleView({ scales, clutchN, lightN, i18n }: ClutchScaleViewProps) {
  const { t, format, show } = i18n;
  const most = 1.15 * Math.max(...scales.flatMap(({ settingN }) => settingN), clutchN ?? 0, lightN ?? 0);
  const x = (force: number) => LEFT + ((WIDTH - LEFT - 8) * force) / most;
  const height = scales.length * ROW + 40;
  const pin = (force: number, label: string, at: number) => (
    <g>
      <line x1={x(force)} x2={x(force)} y1={6} y2={scales.length * ROW + 8} className="stroke-ink" strokeWidth="2" strokeDasharray={at === 0 ? undefined : '4 3'} />
      <text x={x(force)} y={scales.length * ROW + 20 + 13 * at} textAnchor={x(force) > WIDTH - 90 ? 'end' : 'middle'} className="narrow fill-ink text-[12px]">{label} {format(force, 'force')}</text>
    </g>
  );
  return (
    <svg viewBox={`0 0 ${WIDTH} ${height}`} className="w-full max-w-[640px]" role="img" aria-label={t('clutch.scaleLabel')}>
      {scales.map(({ fill, rod, settingN: [lo, hi] }, i) => {
        const y = 8 + i * ROW;
        const isOpen = lo <= hi;
        return (
          <g key={`${fill} ${rod}`}>
            <text x={LEFT - 8} y={y + 13} textAnchor="end" className="narrow fill-ink text-[12.5px]">{t(`clutch.state.${fill}-${rod}`)}</text>
            <line x1={LEFT} x2={WIDTH - 8} y1={y + 9} y2={y + 9} className="stroke-faint" />
            <rect x={x(Math.min(lo, hi))} y={y + 3} width={Math.max(1, Math.abs(x(hi) - x(lo)))} height="12" className={isOpen ? 'fill-ok stroke-ink' : 'fill-bad stroke-ink'} strokeDasharray={isOpen ? undefined : '3 2'} />
            <text x={x(Math.min(lo, hi)) - 4} y={y + 13} textAnchor="end" className="narrow fill-dim stroke-sheet text-[11.5px]" strokeWidth="4" paintOrder="stroke">{show(Math.min(lo, hi), 'force').number}</text>
            <text x={x(Math.max(lo, hi)) + 4} y={y + 13} className="narrow fill-dim stroke-sheet text-[11.5px]" strokeWidth="4" paintOrder="stroke">{show(Math.max(lo, hi), 'force').number}{isOpen ? '' : ` ${t('clutch.crossed')}`}</text>
          </g>
        );
      })}
      {clutchN !== null && pin(clutchN, t('clutch.now'), 0)}
      {lightN !== null && pin(lightN, t('clutch.light'), 1)}
    </svg>
  );
}
