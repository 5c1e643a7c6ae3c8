import { bottomUnder, type BottomProfile } from '@/core/rig';
import { useI18n } from '@/i18n/client';
import { bandDepths, type Scene } from '../scene';
import type { ColumnScale } from './column-scale';
import { Handle } from '@/features/fields/handle';
import type { WaterAction } from '../use-water';

export function Bottom({
  profile,
  scale: { x, y },
  width,
  height,
  rightM,
}: {
  readonly profile: BottomProfile;
  readonly scale: ColumnScale;
  readonly width: number;
  readonly height: number;
  readonly rightM: number;
}) {
  if (profile.length === 0) return null;
  const points = [
    { behindM: -500, depthM: bottomUnder(profile, -500)! },
    ...profile,
    { behindM: Math.max(rightM, 4000), depthM: bottomUnder(profile, 1e6)! },
  ];
  const line = points
    .map(
      ({ behindM, depthM }, i) =>
        `${i === 0 ? 'M' : 'L'}${Math.max(-10, Math.min(width + 10, x(behindM))).toFixed(1)},${y(depthM).toFixed(1)}`,
    )
    .join('');
  return (
    <g aria-hidden="true">
      <defs>
        <pattern id="ground" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0,0V7" className="hatch" />
        </pattern>
      </defs>
      <path d={`${line}L${width + 10},${height}L-10,${height}z`} fill="url(#ground)" />
      <path d={line} className="pen-bottom" />
    </g>
  );
}

/** The whole bottom moved so that its deepest point lies there. */
export function shifted(profile: BottomProfile, deepestM: number): BottomProfile {
  const by = deepestM - Math.max(...profile.map(({ depthM }) => depthM));
  return profile.map(({ behindM, depthM }) => ({ behindM, depthM: Math.max(0.3, depthM + by) }));
}

export function Band({
  scene: { temperatures, bandC },
  scale: { y },
  right,
}: {
  readonly scene: Scene;
  readonly scale: ColumnScale;
  readonly right: number;
}) {
  const { t, format } = useI18n();
  if (!bandC) return null;
  return bandDepths(temperatures, bandC).map(({ fromM, toM }) => (
    <g key={fromM}>
      <rect x={40} y={y(fromM)} width={right - 40} height={Math.max(2, y(toM) - y(fromM))} className="temperature" />
      <text x={right - 50} y={y(fromM) + 13} textAnchor="end">
        {t('water.bandAt', { from: format(bandC.fromC, 'temperature'), to: format(bandC.toC, 'temperature') })}
      </text>
    </g>
  ));
}

export function Currents({
  scene,
  scale,
  dispatch,
}: {
  readonly scene: Scene;
  readonly scale: ColumnScale;
  readonly dispatch: (action: WaterAction) => void;
}) {
  const { t, format } = useI18n();
  const PX_PER_MPS = 60;
  return scene.layers.map((layer, i) => {
    const y = scale.y(layer.depthM) + (layer.depthM === 0 ? 9 : 0);
    const from = 62;
    // Forward is the way the boat goes, to the left.
    const to = from - layer.alongMps * PX_PER_MPS;
    return (
      <g key={i}>
        <path d={`M${from},${y - 5}v10`} className="tick" />
        {Math.abs(to - from) > 2 && <Arrow from={[from, y]} to={[to, y]} />}
        <Handle
          label={t('water.currentAt', { depth: format(layer.depthM, 'depth') })}
          x={to}
          y={y}
          value={layer.alongMps}
          text={format(layer.alongMps, 'speed')}
          min={-3}
          max={3}
          step={0.05}
          perPx={-1 / PX_PER_MPS}
          axis="x"
          onValue={(alongMps) =>
            dispatch({
              kind: 'scene',
              change: { layers: scene.layers.map((each, k) => (k === i ? { ...each, alongMps } : each)) },
            })
          }
        />
      </g>
    );
  });
}

export function Arrow({
  from: [x0, y0],
  to: [x1, y1],
}: {
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
}) {
  const way = Math.sign(x1 - x0);
  return (
    <path
      d={`M${x0},${y0}L${x1},${y1}M${x1 - 6 * way},${y1 - 3}L${x1},${y1}L${x1 - 6 * way},${y1 + 3}`}
      className="pen-arrow"
    />
  );
}
