import type { Running } from '@/core/rig';
import { useI18n } from '@/i18n/client';
import type { ColumnScale } from './column-scale';

/** The longest label of an angle [px]. */
const LABEL_WIDTH_PX = 235;
/** What the band that is wanted takes at the edge [px]. */
const WANTED_WIDTH_PX = 76;

/** A shorter depth has its figure below, where no handle lies on it [px]. */
const BESIDE_FROM_PX = 26;

/** Depth, way behind and the angle of the line in view, each from where it is measured. */
export function Dimensions({
  running,
  scale,
  width,
}: {
  readonly running: Running;
  readonly scale: ColumnScale;
  readonly width: number;
}) {
  const { t, format } = useI18n();
  const { x, y } = scale;
  const { depthM, behindM, surfaceAngleRad, airM } = running;
  if (depthM === null || behindM === null || surfaceAngleRad === null) return null;
  const right = Math.min(width - 50, x(behindM) + 62);
  const entryM = running.release ? running.release.behindM : airM * Math.cos(surfaceAngleRad);
  const atM = running.release ? running.release.depthM : 0;
  // Drawn at the angle that the picture shows, said as it is.
  const drawn = Math.atan2(Math.sin(surfaceAngleRad) * scale.stretch, Math.cos(surfaceAngleRad));
  const r = 44;
  const [ex, ey] = [x(entryM), y(atM)];
  const labelX = Math.max(4, Math.min(ex + 10, width - LABEL_WIDTH_PX - WANTED_WIDTH_PX));
  // A steep line leaves room beside its arc; a flat one before its entry, or, near the boat, under itself.
  const place =
    drawn > 0.35
      ? { x: ex + r + 8, y: ey + 15, anchor: 'start' as const }
      : ex > LABEL_WIDTH_PX + 90
        ? { x: ex - 6, y: ey + 15, anchor: 'end' as const }
        : { x: labelX, y: ey + (labelX - ex - 10 + LABEL_WIDTH_PX) * Math.tan(drawn) + 22, anchor: 'start' as const };
  const hasArc = running.outcome !== 'at-surface' && r < x(behindM) - ex + 30;
  return (
    <g className="dims">
      <path
        d={`M${right},${y(0)}V${y(depthM)}M${right - 4},${y(0)}h8M${right - 4},${y(depthM)}h8M${x(behindM) + 31},${y(depthM)}H${right - 6}`}
      />
      <text
        x={right - 6}
        y={y(depthM) - y(0) < BESIDE_FROM_PX ? y(depthM) + 22 : (y(0) + y(depthM)) / 2 + 4}
        textAnchor="end"
      >
        {format(depthM, 'depth')}
      </text>
      <path d={`M${x(0)},${y(0) - 22}H${x(behindM)}M${x(0)},${y(0) - 27}v10M${x(behindM)},${y(0) - 27}v10`} />
      <text x={(x(0) + x(behindM)) / 2} y={y(0) - 26} textAnchor="middle">
        {t('water.behind', { distance: format(behindM, 'distance') })}
      </text>
      {hasArc && (
        <>
          <path d={`M${ex + r},${ey}A${r},${r} 0 0 1 ${ex + r * Math.cos(drawn)},${ey + r * Math.sin(drawn)}`} />
          <path d={`M${ex},${ey}h${r + 8}`} strokeDasharray="2 2" />
          <text x={place.x} y={place.y} textAnchor={place.anchor}>
            {t(running.release ? 'water.angleAtRelease' : 'water.angle', {
              angle: format(surfaceAngleRad, 'angle'),
              plumb: format(Math.PI / 2 - surfaceAngleRad, 'angle'),
            })}
          </text>
        </>
      )}
    </g>
  );
}

/** The band in which it is to run, as a bracket at the edge. */
export function Wanted({
  band: { fromM, toM },
  scale: { y },
  width,
}: {
  readonly band: { readonly fromM: number; readonly toM: number };
  readonly scale: ColumnScale;
  readonly width: number;
}) {
  const { t } = useI18n();
  return (
    <g>
      <path d={`M${width - 12},${y(fromM)}h6V${y(toM)}h-6`} className="pen-surface" />
      <text x={width - 16} y={y(toM) + 14} textAnchor="end">
        {t('water.wanted')}
      </text>
    </g>
  );
}
