import { useI18n } from '@/i18n/client';
import { Balloon } from '@/features/fields/balloon';
import type { LineProps } from './line-props';
import { STROKES } from './strokes';

/** A line of text takes so much of the picture. */
const LABEL_PX = 15;

/** A cast rig: straight down on slack line with its seconds, and the arc of a tight one. */
export function Fall({ line, index, scale: { x, y }, selected, onSelect }: LineProps) {
  const { format } = useI18n();
  const { presentation } = line.setup;
  if (presentation.kind !== 'cast' || !line.fall) return null;
  const { distanceM, depthM } = presentation;
  const rows = line.fall.countdowns[0]!.table.filter(({ timeS }) => timeS !== null);
  const deepest = rows.at(-1)?.depthM ?? 0;
  const reachM = Math.hypot(distanceM, depthM);
  const arc = line.fall.tight.table
    .filter(({ timeS }) => timeS !== null)
    .map(
      ({ depthM: z }) =>
        `L${x(Math.sqrt(Math.max(0, reachM ** 2 - z ** 2)) - (reachM - distanceM)).toFixed(1)},${y(z).toFixed(1)}`,
    );
  // Labels that would print over each other are left out; the wanted depth keeps its own.
  const labelled = rows.reduce<typeof rows>((kept, row) => {
    const isClear = (at: number) => Math.abs(y(row.depthM) - y(at)) >= LABEL_PX;
    const last = kept.at(-1)?.depthM;
    return row.depthM === depthM || (isClear(depthM) && (last === undefined || isClear(last))) ? [...kept, row] : kept;
  }, []);
  return (
    <g
      data-line={line.id}
      data-outcome={line.fall.countdowns[0]!.outcome}
      onClick={onSelect}
      className="cursor-pointer"
    >
      <path
        d={`M${x(-1.6)},${y(-presentation.handHeightM)}L${x(0)},${y(-presentation.handHeightM - 1.3)}`}
        className="pen-rod"
      />
      <path
        d={`M${x(0)},${y(-presentation.handHeightM - 1.3)}Q${x(distanceM / 2)},${y(-1)} ${x(distanceM)},${y(0)}`}
        className="pen-towed"
        strokeDasharray={STROKES[index]}
      />
      <path
        d={`M${x(distanceM)},${y(0)}V${y(deepest)}`}
        className={selected ? 'pen-towed-on' : 'pen-towed'}
        strokeDasharray={STROKES[index]}
      />
      <path d={`M${x(distanceM)},${y(0)}${arc.join('')}`} className="pen-cable" strokeDasharray="4 3" />
      {rows.map(({ depthM: z }) => (
        <path key={z} d={`M${x(distanceM) - 4},${y(z)}h8`} className="pen-towed-on" />
      ))}
      {labelled.map(({ depthM: z, timeS }) => (
        <text key={z} x={x(distanceM) + 8} y={y(z) + 4} className={z === depthM ? 'wanted' : ''}>
          {format(timeS, 'time')}
        </text>
      ))}
      <Balloon x={x(distanceM) - 18} y={y(depthM)} text={String(index + 1)} on={selected} />
    </g>
  );
}
