'use client';

import { commonSpeeds, fitChain, workingSpeeds } from '@/core/rig';
import { axisSteps } from '@/features/fields/nice-steps';
import { useI18n, type I18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import type { Part } from '@/domain/parts';
import { Note } from '@/features/fields/sheet';
import type { ToolProps } from './parts';
import { linear } from '@/ui/scale';

/** At which speeds the lures in the picture work, on one axis; the speeds that suit all, and the odd one out. */
export function SpeedsTool({ lines, scene }: ToolProps) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const known = lines.map(({ setup, name, number }) => ({
    name,
    windows: workingSpeeds(fitChain(setup)).map(({ partId, fromMps, toMps }) => ({
      name: `${name} ${number}: ${partTitle(i18n, setup.parts.find(({ id }) => id === partId) as Part)}`,
      fromMps,
      toMps,
    })),
  }));
  const windows = known.flatMap((each) => each.windows);
  const without = known.filter((each) => each.windows.length === 0);
  const { common, oddOne } = commonSpeeds(windows);
  const speeds = lines.flatMap(({ setup }) =>
    setup.presentation.kind === 'towed' ? [scene.speedMps ?? setup.presentation.speedMps] : [],
  );
  const most =
    Math.max(0.5, ...windows.map(({ fromMps, toMps }) => (Number.isFinite(toMps) ? toMps : fromMps + 1)), ...speeds) *
    1.15;
  const x = linear([0, most], [8, 592], 'clamped');
  return (
    <>
      {windows.length === 0 ? (
        <p>{t('water.speeds.none')}</p>
      ) : (
        <svg
          viewBox={`0 0 600 ${windows.length * 34 + 34}`}
          className="column block w-full"
          role="img"
          aria-label={t('water.speeds.title')}
        >
          {common && (
            <rect
              x={x(common.fromMps)}
              y={2}
              width={x(common.toMps) - x(common.fromMps)}
              height={windows.length * 34}
              className="temperature"
            />
          )}
          {windows.map(({ name, fromMps, toMps }, i) => (
            <g key={name} className="dims">
              <text x={8} y={i * 34 + 13}>
                {name}
                {name === oddOne ? ` · ${t('water.speeds.odd')}` : ''}
              </text>
              <path
                d={`M${x(fromMps)},${i * 34 + 22}H${x(toMps)}M${x(fromMps)},${i * 34 + 17}v10${Number.isFinite(toMps) ? `M${x(toMps)},${i * 34 + 17}v10` : ''}`}
                className="pen-towed-on"
              />
              <text x={Math.min(x(toMps) + 4, 520)} y={i * 34 + 30}>
                {format(fromMps, 'speed')}–{Number.isFinite(toMps) ? format(toMps, 'speed') : '…'}
              </text>
            </g>
          ))}
          {[...new Set(speeds)].map((speed) => (
            <path
              key={speed}
              d={`M${x(speed)},0V${windows.length * 34 + 4}`}
              className="pen-surface"
              strokeDasharray="4 3"
            />
          ))}
          <g className="axes">
            {axisSteps(most, most / 5, 'speed', i18n)
              .filter((mps) => mps <= most)
              .map((mps) => (
                <text key={mps} x={x(mps)} y={windows.length * 34 + 22} textAnchor="middle">
                  {format(mps, 'speed')}
                </text>
              ))}
          </g>
        </svg>
      )}
      <p data-testid="speeds" className="text-[15px]">
        {common
          ? commonText(i18n, common)
          : oddOne
            ? t('water.speeds.oddOne', { name: oddOne })
            : windows.length > 1
              ? t('water.speeds.noCommon')
              : ''}
      </p>
      {without.length > 0 && (
        <Note>{t('water.speeds.unknown', { names: without.map(({ name }) => name).join(', ') })}</Note>
      )}
    </>
  );
}

/** At which speeds all work; a window may have no upper end. */
function commonText(
  { t, format }: I18n,
  { fromMps, toMps }: { readonly fromMps: number; readonly toMps: number },
): string {
  const from = format(fromMps, 'speed');
  if (Number.isFinite(toMps)) return t('water.speeds.common', { from, to: format(toMps, 'speed') });
  return fromMps === 0 ? t('water.speeds.any') : t('water.speeds.from', { from });
}
