'use client';

import { classesWith } from '@/core/tackle/defaults/classes';
import { axisStep } from '@/features/fields/nice-steps';
import type { House } from '@/domain/house';
import { useI18n } from '@/i18n/client';
import { Mark } from '@/ui/mark';
import { readout, digitsOf } from '@/features/fields/readout';
import type { Lures } from '../use-lures';
import { linear } from '@/ui/scale';

const WIDTH = 460;
const [LEFT, RIGHT] = [32, 396];

/** All lures in the water on one scale of speed through it: thick it runs well, thin it runs; the needle is now. */
export function LureWindows({
  lures: { lures, common },
  speedMps,
  house,
}: {
  readonly lures: Lures;
  /** through the water at the lures; null: not known */
  readonly speedMps: number | null;
  readonly house: House;
}) {
  const i18n = useI18n();
  const { t, inUnit, number } = i18n;
  const { edge } = classesWith(house.classes).checks.workingSpeed;
  const row = Math.min(17, Math.max(10, 122 / Math.max(1, lures.length)));
  const bottom = 8 + lures.length * row;
  const known = lures.flatMap(({ works }) => (works ? [works] : []));
  const ends = known.flatMap(({ fromMps, toMps }) => [
    fromMps * (1 - edge),
    Number.isFinite(toMps) ? toMps * (1 + edge) : fromMps + 1,
  ]);
  const least = Math.max(0, Math.min(speedMps ?? Infinity, ...ends, 0.6) - 0.05);
  const most = Math.max(speedMps ?? 0, ...ends, 1.2) + 0.05;
  const x = linear([least, most], [LEFT, RIGHT], 'clamped');
  const step = axisStep((44 * (most - least)) / (RIGHT - LEFT), 'speed', i18n);
  const ticks = Array.from({ length: Math.floor(most / step) + 1 }, (_, i) => i * step).filter((mps) => mps >= least);
  const placed = lures.map(({ works, ...lure }) => ({
    ...lure,
    works,
    place:
      !works || speedMps === null
        ? ('dotted' as const)
        : speedMps >= works.fromMps && speedMps <= works.toMps
          ? ('filled' as const)
          : speedMps >= works.fromMps * (1 - edge) && speedMps <= works.toMps * (1 + edge)
            ? ('half' as const)
            : ('crossed' as const),
  }));
  const poor = placed.filter(({ place }) => place === 'half' || place === 'crossed').map(({ number: n }) => n);
  return (
    <section
      aria-label={t('helm.lures.title')}
      className="flex min-w-0 flex-1 flex-col bg-sheet px-2.5 py-1"
      data-testid="lures"
    >
      <p className="narrow text-[15px] font-semibold leading-tight" data-testid="lures-sentence">
        {speedMps === null
          ? t('helm.lures.noSpeed', { count: lures.length })
          : poor.length > 0
            ? t('helm.lures.poor', {
                count: poor.length,
                speed: readout(i18n, 'probeMps', speedMps),
                numbers: new Intl.ListFormat(i18n.preferences.locale).format(poor.map(String)),
              })
            : t('helm.lures.well', { count: lures.length, speed: readout(i18n, 'probeMps', speedMps) })}
      </p>
      <svg
        viewBox={`0 0 ${WIDTH} ${bottom + 22}`}
        className="column min-h-0 w-full flex-1"
        role="img"
        aria-label={t('helm.lures.title')}
      >
        {common && Number.isFinite(common.toMps) && (
          <rect
            x={x(common.fromMps)}
            y={3}
            width={Math.max(2, x(common.toMps) - x(common.fromMps))}
            height={bottom - 3}
            className="common"
          />
        )}
        {placed.map(({ id, number: n, works, place, depthM }, i) => {
          const y = 8 + i * row;
          return (
            <g key={id}>
              <text x={LEFT - 8} y={y + row / 2} textAnchor="end" fontWeight="700">
                {n}
              </text>
              {works && (
                <>
                  <rect
                    x={x(works.fromMps * (1 - edge))}
                    y={y + row / 2 - 4.5}
                    width={x(works.toMps * (1 + edge)) - x(works.fromMps * (1 - edge))}
                    height={4}
                    className="thin"
                  />
                  <rect
                    x={x(works.fromMps)}
                    y={y + row / 2 - 7}
                    width={x(works.toMps) - x(works.fromMps)}
                    height={9}
                    className="thick"
                  />
                </>
              )}
              <svg x={RIGHT + 6} y={y + row / 2 - 8} width={12} height={12}>
                <Mark shape={place} size={12} />
              </svg>
              <text x={WIDTH - 2} y={y + row / 2 + 2} textAnchor="end" className="dim">
                {depthM === null ? '–' : `${digitsOf(i18n, 'probeM', depthM)} ${i18n.unitLabel('depth')}`}
              </text>
            </g>
          );
        })}
        <path d={`M${LEFT},${bottom}H${RIGHT}`} className="tick" />
        {ticks.map((mps) => (
          <g key={mps}>
            <path d={`M${x(mps)},${bottom}v4`} className="tick" />
            <text x={x(mps)} y={bottom + 17} textAnchor="middle" className="dim">
              {number(inUnit(mps, 'speed'), 2)}
            </text>
          </g>
        ))}
        {speedMps !== null && <path d={`M${x(speedMps)},2V${bottom}`} className="needle" strokeWidth="4" />}
      </svg>
    </section>
  );
}
