import { Balloon } from '@/features/fields/balloon';
import { gripBackM } from './grip';
import { Fall } from './fall';
import type { LineProps } from './line-props';
import { STROKES } from './strokes';

export function LineInWater({ line, index, scale: { x, y }, selected, onSelect }: LineProps) {
  const path = (points: readonly (readonly [number, number])[]) =>
    points.map(([px, pz], i) => `${i === 0 ? 'M' : 'L'}${x(px).toFixed(1)},${y(pz).toFixed(1)}`).join('');
  const stroke = STROKES[index % STROKES.length];
  const pen = selected ? 'pen-towed-on' : 'pen-towed';
  if (line.run) {
    const { running } = line.run;
    const end = running.shape.at(-1)!;
    const rodFrom: readonly [number, number] = [-gripBackM(line, running), -line.setup.presentation.handHeightM];
    return (
      <g
        data-line={line.id}
        data-outcome={running.outcome}
        data-depth={running.depthM ?? ''}
        data-behind={running.behindM ?? ''}
        onClick={onSelect}
        className="cursor-pointer"
      >
        <path d={path([rodFrom, [0, -running.tipHeightM]])} className="pen-rod" />
        {running.release && (
          <path
            d={path([
              [0, -running.tipHeightM],
              [running.release.behindM, running.release.depthM],
            ])}
            className="pen-towed"
            strokeDasharray="1 3"
          />
        )}
        {running.release?.cable && (
          <>
            <path d={path(running.release.cable.shape)} className="pen-cable" />
            <circle cx={x(running.release.behindM)} cy={y(running.release.depthM) + 5} r={5} className="pen-ball" />
          </>
        )}
        {running.release && !running.release.cable && (
          <path d={`M${x(running.release.behindM) - 7},${y(0) - 4}h14l-3,7h-9z`} className="pen-ball" />
        )}
        <path d={path(running.shape)} className={pen} strokeDasharray={stroke} />
        <path d={`M${x(end[0])},${y(end[1])}l9,-3v6z`} className="pen-lure" />
        <Balloon x={x(end[0]) + 20} y={y(end[1])} text={String(index + 1)} on={selected} />
      </g>
    );
  }
  if (line.fall && line.setup.presentation.kind === 'cast')
    return <Fall line={line} index={index} scale={{ x, y }} selected={selected} onSelect={onSelect} />;
  return null;
}
