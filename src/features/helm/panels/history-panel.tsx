'use client';

import { useEffect, useState } from 'react';
import { wayTo } from '@/domain/helm/current-here';
import { FIGURES, type FigureName } from '@/domain/helm/helm-limits';
import type { ChannelName } from '@/domain/instruments/channels';
import type { DrawnPoint } from '@/domain/instruments/drawn';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { clockText, readout } from '@/features/fields/readout';
import { benchHeader } from '@/features/fields/page-bench';
import { linear } from '@/ui/scale';

type Drawn = Partial<Record<ChannelName, readonly DrawnPoint[]>>;

const SPANS = [900, 3600, 6 * 3600, 12 * 3600] as const;
const [WIDTH, HEIGHT] = [660, 250];
const [LEFT, RIGHT, TOP, BOTTOM] = [56, 650, 12, 224];
const MOST_CROSSINGS = 6;

/** A channel against time as it was kept, with the crossings of the temperature break and the way back to each. */
export function HistoryPanel({
  breakC,
  onBreak,
}: {
  readonly breakC: number | null;
  readonly onBreak: (breakC: number | null) => void;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  const [channel, setChannel] = useState<FigureName>('probeC');
  const [spanS, setSpan] = useState<number>(SPANS[0]);
  const [found, setFound] = useState<
    { readonly drawn: Drawn; readonly fromS: number; readonly toS: number } | 'failed' | null
  >(null);
  useEffect(() => {
    const giveUp = new AbortController();
    const ask = async () => {
      const toS = Math.ceil(Date.now() / 1000);
      const fromS = toS - spanS;
      try {
        const response = await fetch(`/live/readings?from=${fromS}&to=${toS}&only=${channel},latDeg,lonDeg`, {
          headers: benchHeader(),
          signal: giveUp.signal,
        });
        if (!response.ok) throw new Error(String(response.status));
        const { channels } = (await response.json()) as { readonly channels: Drawn };
        setFound({ drawn: channels, fromS, toS });
      } catch {
        if (!giveUp.signal.aborted) setFound('failed');
      }
    };
    void ask();
    const again = setInterval(() => void ask(), 10_000);
    return () => {
      clearInterval(again);
      giveUp.abort();
    };
  }, [spanS, channel]);
  const points = found && found !== 'failed' ? (found.drawn[channel] ?? []) : [];
  const crossings =
    found && found !== 'failed' && channel === 'probeC' && breakC !== null ? crossingsOf(found.drawn, breakC) : [];
  return (
    <div className="flex flex-col gap-3" data-testid="history">
      <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        <ChoiceField
          label={t('helm.history.channel')}
          value={channel}
          options={FIGURES.map((value) => ({ value, label: t(`helm.channel.${value}`) }))}
          onValueChange={setChannel}
        />
        <ChoiceField
          label={t('helm.history.span')}
          value={String(spanS)}
          options={SPANS.map((value) => ({
            value: String(value),
            label:
              value < 3600 ? t('helm.age.minutes', { age: value / 60 }) : t('helm.age.hours', { age: value / 3600 }),
          }))}
          onValueChange={(value) => setSpan(Number(value))}
        />
        <QuantityField
          label={t('helm.breakC')}
          measure="temperature"
          value={breakC}
          limits={{ min: -5, max: 40 }}
          emptyMeans={t('helm.none')}
          onValueChange={onBreak}
        />
      </div>
      {found === 'failed' ? (
        <p role="alert" className="semi-narrow text-[14px]">
          {t('helm.history.failed')}
        </p>
      ) : points.length < 2 ? (
        <p className="semi-narrow text-[14px]">{found === null ? t('common.loading') : t('helm.history.nothing')}</p>
      ) : (
        <Drawing
          channel={channel}
          points={points}
          fromS={(found as { fromS: number }).fromS}
          toS={(found as { toS: number }).toS}
          breakC={channel === 'probeC' ? breakC : null}
          crossings={crossings.map(({ atS }) => atS)}
        />
      )}
      {channel === 'probeC' && breakC !== null && (
        <ul className="semi-narrow text-[15px]" data-testid="crossings">
          {crossings.length === 0 && <li>{t('helm.history.noCrossing')}</li>}
          {crossings.map(({ atS, colder, way }) => (
            <li key={atS}>
              {t(colder ? 'helm.history.colder' : 'helm.history.warmer', { time: clockText(i18n, atS) })}{' '}
              {way &&
                t('helm.moved.back', {
                  distance: i18n.format(Math.round(way.distanceM / 10) * 10, 'distance'),
                  bearing: readout(i18n, 'cogRad', way.bearingRad),
                })}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

function Drawing({
  channel,
  points,
  fromS,
  toS,
  breakC,
  crossings,
}: {
  readonly channel: ChannelName;
  readonly points: readonly DrawnPoint[];
  readonly fromS: number;
  readonly toS: number;
  readonly breakC: number | null;
  readonly crossings: readonly number[];
}) {
  const i18n = useI18n();
  const lows = points.map(([, least]) => least);
  const highs = points.map(([, , , most]) => most);
  const [least, most] = [Math.min(...lows, breakC ?? Infinity), Math.max(...highs, breakC ?? -Infinity)];
  const x = linear([fromS, toS], [LEFT, RIGHT]);
  const y = linear([least, most], [BOTTOM, TOP]);
  const stepS = Math.max(5, (3 * (toS - fromS)) / 600);
  const pieces: DrawnPoint[][] = [];
  points.forEach((point, i) => {
    if (i === 0 || point[0] - points[i - 1]![0] > stepS) pieces.push([]);
    pieces.at(-1)!.push(point);
  });
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="column block w-full"
      role="img"
      aria-label={i18n.t(`helm.channel.${channel}`)}
    >
      <path d={`M${LEFT},${TOP}V${BOTTOM}H${RIGHT}`} className="tick" />
      {pieces.map((piece, i) => (
        <g key={i}>
          <path
            d={`M${piece.map(([t, low]) => `${x(t)},${y(low)}`).join('L')}L${[...piece]
              .reverse()
              .map(([t, , , high]) => `${x(t)},${y(high)}`)
              .join('L')}Z`}
            fill="var(--faint)"
            opacity="0.7"
          />
          <path
            d={`M${piece.map(([t, , mean]) => `${x(t)},${y(mean)}`).join('L')}`}
            fill="none"
            stroke="var(--ink)"
            strokeWidth="1.3"
          />
        </g>
      ))}
      {breakC !== null && (
        <path d={`M${LEFT},${y(breakC)}H${RIGHT}`} className="needle" strokeWidth="1.5" strokeDasharray="6 4" />
      )}
      {crossings.map((at) => (
        <circle key={at} cx={x(at)} cy={y(breakC ?? 0)} r="5" fill="var(--hi)" stroke="var(--ink)" />
      ))}
      {[least, most].map((v, i) => (
        <text key={i} x={LEFT - 6} y={y(v) + 4} textAnchor="end" className="dim">
          {readout(i18n, channel, v)}
        </text>
      ))}
      {[fromS, (fromS + toS) / 2, toS].map((t, i) => (
        <text
          key={t}
          x={x(t)}
          y={HEIGHT - 8}
          textAnchor={i === 0 ? 'start' : i === 1 ? 'middle' : 'end'}
          className="dim"
        >
          {clockText(i18n, t)}
        </text>
      ))}
    </svg>
  );
}

interface Crossing {
  readonly atS: number;
  readonly colder: boolean;
  readonly way: { readonly distanceM: number; readonly bearingRad: number } | null;
}

/** Where the probe's temperature passed the break, the newest first, and the way back there. */
function crossingsOf(drawn: Drawn, breakC: number): readonly Crossing[] {
  const temperatures = drawn.probeC ?? [];
  const at = (channel: 'latDeg' | 'lonDeg', t: number): number | null => {
    const points = drawn[channel] ?? [];
    const i = points.findLastIndex(([time]) => time <= t);
    return i < 0 ? null : points[i]![2];
  };
  const here = { latDeg: drawn.latDeg?.at(-1)?.[2] ?? null, lonDeg: drawn.lonDeg?.at(-1)?.[2] ?? null };
  const crossings: Crossing[] = [];
  let side: boolean | null = null;
  for (const [t, , mean] of temperatures) {
    // Within a tenth it is on neither side, so that a reading that hovers does not cross at every wave.
    if (Math.abs(mean - breakC) < 0.1) continue;
    const colder = mean < breakC;
    if (side !== null && colder !== side) {
      const there = { latDeg: at('latDeg', t), lonDeg: at('lonDeg', t) };
      crossings.push({
        atS: t,
        colder,
        way:
          there.latDeg !== null && there.lonDeg !== null && here.latDeg !== null && here.lonDeg !== null
            ? wayTo({ latDeg: here.latDeg, lonDeg: here.lonDeg }, { latDeg: there.latDeg, lonDeg: there.lonDeg })
            : null,
      });
    }
    side = colder;
  }
  return crossings.reverse().slice(0, MOST_CROSSINGS);
}
