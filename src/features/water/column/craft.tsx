import type { Craft } from '@/core/tackle';
import type { ColumnScale } from './column-scale';

/** A hull to its length and freeboard; the stern at the rod's grip, the bow ahead. */
export function Hull({
  craft: { lengthM, freeboardM },
  scale: { x, y, perM },
  sternM,
}: {
  readonly craft: Craft;
  readonly scale: ColumnScale;
  readonly sternM: number;
}) {
  const drawn = Math.min(lengthM, 8);
  const draught = Math.min(0.4, freeboardM * 0.6) * perM;
  return (
    <path
      d={`M${x(sternM)},${y(-freeboardM)}L${x(sternM)},${y(0) + draught}H${x(sternM - 0.72 * drawn)}Q${x(sternM - 0.94 * drawn)},${y(0)} ${x(sternM - drawn)},${y(-freeboardM * 1.35)}z`}
      className="pen-hull"
    />
  );
}

export function Bank({
  scale: { x, y },
  edgeM,
  leftM,
  height,
}: {
  readonly scale: ColumnScale;
  readonly edgeM: number;
  readonly leftM: number;
  readonly height: number;
}) {
  return (
    <path
      d={`M${x(leftM)},${y(-0.25)}L${x(edgeM)},${y(-0.25)}L${x(edgeM + 0.6)},${y(0.6)}L${x(edgeM + 0.9)},${height}H${x(leftM)}z`}
      className="pen-hull"
    />
  );
}
