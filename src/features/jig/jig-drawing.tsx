'use client';

import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { JIG_PARTS } from '@/core/tackle/defaults/jig-classes';
import { cutOf, reachOf, type Flat, type Head, type HeadStanding, type Pose, type XY } from '@/core/make';
import { useI18n } from '@/i18n/client';

/** From metres of the head to the page: pixels a metre, and where its middle stands. */
interface View {
  readonly perM: number;
  readonly cx: number;
  readonly cy: number;
  /** turned by this, so that a pose's down is down [rad] */
  readonly turnRad: number;
}

const placed = ({ perM, cx, cy, turnRad }: View, [x, y]: XY): XY => [
  cx + perM * (x * Math.cos(turnRad) - y * Math.sin(turnRad)),
  cy - perM * (x * Math.sin(turnRad) + y * Math.cos(turnRad)),
];
const pathOf = (view: View, points: readonly XY[], closed: boolean) =>
  `M${points
    .map((point) =>
      placed(view, point)
        .map((value) => value.toFixed(1))
        .join(','),
    )
    .join('L')}${closed ? 'Z' : ''}`;

/** Hook, head, eye and bait, from the side. */
function Shapes({
  head,
  standing,
  view,
}: {
  readonly head: Head;
  readonly standing: HeadStanding;
  readonly view: View;
}) {
  const { hook, bait, collarM } = head;
  const bend = hook.gapM / 2;
  const bendAt = (rad: number): XY => [hook.shankM + bend * Math.sin(rad), bend - bend * Math.cos(rad)];
  const wire: readonly XY[] = [
    [0, 0],
    [hook.shankM, 0],
    ...Array.from({ length: 12 }, (_, i) => bendAt((Math.PI * (i + 1)) / 12)),
    [standing.pointM[0] + 0.002, hook.gapM],
    [standing.pointM[0], hook.gapM + 0.0012],
  ];
  const from = standing.radiiM[0];
  const { radiusM: thick } = JIG_PARTS.collar;
  const body = bait
    ? ([
        [from, -0.0045],
        [from + 0.7 * bait.lengthM, -0.004],
        [from + bait.lengthM, 0],
        [from + 0.7 * bait.lengthM, 0.004],
        [from, 0.0045],
      ] as const)
    : [];
  return (
    <>
      {bait && <path d={pathOf(view, body, true)} className="jig-bait" />}
      <path d={pathOf(view, wire, false)} className="jig-hook" />
      {collarM > 0 && (
        <path
          d={pathOf(
            view,
            [
              [from, -thick],
              [from + collarM, -thick],
              [from + collarM, thick],
              [from, thick],
            ],
            true,
          )}
          className="jig-head"
        />
      )}
      <path d={pathOf(view, standing.outline, true)} className="jig-head" />
      <circle cx={placed(view, standing.eyeM)[0]} cy={placed(view, standing.eyeM)[1]} r={3.5} className="jig-eye" />
    </>
  );
}

/** A head as it rests in a pose, on its floor. */
export function RestingJig({
  head,
  standing,
  pose,
  label,
}: {
  readonly head: Head;
  readonly standing: HeadStanding;
  readonly pose: Pose;
  readonly label: string;
}) {
  const view: View = { perM: 1450, cx: 78, cy: 74, turnRad: -Math.PI / 2 - pose.downRad };
  const floor = Math.max(...standing.profile.map((point) => placed(view, point)[1]));
  // A soft bait lies on the floor; what would reach into it is left out.
  return (
    <svg viewBox="0 0 240 150" className="jig block w-full" role="img" aria-label={label}>
      <Shapes head={head} standing={standing} view={view} />
      <rect x="0" y={floor} width="240" height={150 - floor} className="jig-ground" />
      <path d={`M4,${floor}H236`} className="jig-floor" />
      {Array.from({ length: 24 }, (_, i) => (
        <path key={i} d={`M${8 + i * 10},${floor}l-5,6`} className="jig-hatch" />
      ))}
    </svg>
  );
}

const WIDTH = 560;
const HEIGHT = 300;

export interface FileViewProps {
  readonly head: Head;
  readonly standing: HeadStanding;
  readonly flat: Flat;
  readonly onFlat: (flat: Flat) => void;
}

/** The head on the vice: the flat is dragged round and in by its edge, or moved by keys. */
export function FileView({ head, standing, flat, onFlat }: FileViewProps) {
  const { t, format } = useI18n();
  const isDragging = useRef(false);
  const box = useRef<SVGSVGElement>(null);
  const { radiiM } = standing;
  const reachM = Math.max(0.09, radiiM[0] + (head.bait?.lengthM ?? 0.05));
  const view: View = { perM: Math.min(9000, (WIDTH - 110) / reachM), cx: 100, cy: HEIGHT / 2 + 10, turnRad: 0 };
  const cut = cutOf(flat, radiiM);
  const along: XY = [-Math.sin(flat.normalRad), Math.cos(flat.normalRad)];
  const edge = ([-1, 1] as const).map((side): XY => [
    cut.atM[0] + side * radiiM[1] * 1.3 * along[0],
    cut.atM[1] + side * radiiM[1] * 1.3 * along[1],
  ]);
  const [hx, hy] = placed(view, cut.atM);
  const put = ({ normalRad, depth }: Flat) =>
    onFlat({
      normalRad: Math.atan2(Math.sin(normalRad), Math.cos(normalRad)),
      depth: Math.min(0.6, Math.max(0, depth)),
    });
  const drag = (event: PointerEvent) => {
    if (!isDragging.current || !box.current) return;
    const { left, top, width } = box.current.getBoundingClientRect();
    const scale = WIDTH / width;
    const [x, y] = [
      ((event.clientX - left) * scale - view.cx) / view.perM,
      -((event.clientY - top) * scale - view.cy) / view.perM,
    ];
    const normalRad = Math.atan2(y, x);
    put({ normalRad, depth: 1 - Math.hypot(x, y) / reachOf(radiiM, normalRad) });
  };
  const onKey = (event: KeyboardEvent) => {
    const step = { ArrowLeft: [0.035, 0], ArrowRight: [-0.035, 0], ArrowUp: [0, 0.01], ArrowDown: [0, -0.01] }[
      event.key
    ];
    if (!step) return;
    event.preventDefault();
    event.stopPropagation();
    put({ normalRad: flat.normalRad + step[0]!, depth: flat.depth + step[1]! });
  };
  return (
    <svg
      ref={box}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="jig block w-full touch-none select-none"
      role="group"
      aria-label={t('jig.onVice')}
      onPointerMove={drag}
      onPointerUp={() => {
        isDragging.current = false;
      }}
    >
      <Shapes head={head} standing={standing} view={view} />
      <path d={pathOf(view, edge, false)} className="jig-file" />
      <g
        role="slider"
        tabIndex={0}
        aria-label={t('jig.flat')}
        aria-valuemin={0}
        aria-valuemax={60}
        aria-valuenow={Math.round(100 * flat.depth)}
        aria-valuetext={t('jig.flatIs', { angle: format(flat.normalRad, 'angle'), depth: format(flat.depth, 'share') })}
        className="jig-handle"
        onKeyDown={onKey}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          isDragging.current = true;
        }}
      >
        <circle cx={hx} cy={hy} r={16} className="grab" />
        <circle cx={hx} cy={hy} r={7} className="knob" />
      </g>
    </svg>
  );
}
