'use client';

import { laybackOn, wake } from '@/core/afloat';
import type { Craft } from '@/domain/house';
import type { SpreadDocument } from '@/domain/spread/spread';
import { useI18n } from '@/i18n/client';
import { numberOf } from '../words';
import type { Geometry } from './geometry';
import { linear } from '@/ui/scale';

/** Deeper than this a lure is not on the wake [m]. */
const ON_WAKE_M = 2.5;
/** What the boat might go faster by; the list says what then keeps a lure on its place. */
const FASTER = 1.1;

/** The wake of a craft at a speed, as it was seen on it once. */
export const wakeOf = (craft: Craft, speedMps: number, laybacksM: readonly number[] = []) =>
  wake({ speedMps, lengthM: craft.lengthM, laybacksM, ...(craft.firstCrest ? { firstCrest: craft.firstCrest } : {}) });

/** Crests behind the transom, and where the lures near the surface stand on them. */
export function WakeDrawing({
  spread,
  craft,
  geometry,
  width,
  chosen,
}: {
  readonly spread: SpreadDocument;
  readonly craft: Craft;
  readonly geometry: Geometry;
  readonly width: number;
  readonly chosen: string | null;
}) {
  const { t, format } = useI18n();
  const crests = wakeOf(craft, spread.speedMps);
  const fadesM = crests.crestsM.at(-1)! + crests.waveLengthM;
  const near = geometry.filter(({ lureM: [, y, z] }) => z <= ON_WAKE_M && y >= 0 && y <= fadesM);
  const made = wakeOf(
    craft,
    spread.speedMps,
    near.map(({ lureM }) => lureM[1]),
  );
  const { crestsM, waveLengthM } = made;
  const lengthM = fadesM;
  const x = linear([0, lengthM], [26, width - 14]);
  const sea = 74;
  const rise = 9;
  const wave = Array.from({ length: 241 }, (_, i) => {
    const m = (lengthM * i) / 240;
    const fade = Math.max(0.15, 1 - m / (1.4 * lengthM));
    return `${i === 0 ? 'M' : 'L'}${x(m).toFixed(1)},${(sea - rise * fade * Math.cos((2 * Math.PI * (m - crestsM[0]!)) / waveLengthM)).toFixed(1)}`;
  });
  const shown = near.findIndex(({ id }) => id === chosen);
  const at = shown >= 0 ? shown : near.length > 0 ? 0 : -1;
  const on = made.at[at];
  const line = near[at];
  const faster = FASTER * spread.speedMps;
  const keep = on && line ? laybackOn(wakeOf(craft, faster), on) : null;
  return (
    <div className="relative h-full overflow-hidden" data-testid="wake">
      <svg width={width} height={112} className="column block" role="img" aria-label={t('spread.wake.title')}>
        <text x={10} y={18} className="title">
          {t('spread.wake.title')}
        </text>
        <g className="axes">
          {crestsM.map((crest, k) => (
            <g key={k}>
              <path d={`M${x(crest)},40V${sea - 12}`} className="grid" />
              <text x={x(crest)} y={36} textAnchor="middle">
                {k + 1}
              </text>
            </g>
          ))}
        </g>
        <path d={`M0,${sea - 26}H24V${sea + 20}H0z`} className="pen-hull" />
        <path d={wave.join('')} className="pen-surface" />
        {near.map(({ id, lureM }) => (
          <g key={id}>
            <path d={`M${x(lureM[1])},${sea + 6}l8,-3v6z`} className="pen-lure" />
            <text x={x(lureM[1]) + 4} y={sea + 24} textAnchor="middle" className={id === line?.id ? 'wanted' : ''}>
              {numberOf(spread, id)}
            </text>
          </g>
        ))}
      </svg>
      <div className="semi-narrow px-2.5 text-[13px] leading-snug">
        {on && line ? (
          <>
            <p>
              {on.phase === null
                ? t('spread.wake.before', { number: numberOf(spread, line.id) })
                : t(`spread.wake.on.${on.place as 'crest'}`, { number: numberOf(spread, line.id), wave: waveOf(on) })}
            </p>
            {keep !== null && (
              <p>
                {t(keep >= line.lureM[1] ? 'spread.wake.letOut' : 'spread.wake.windIn', {
                  speed: format(faster, 'speed'),
                  by: format(Math.abs(keep - line.lureM[1]), 'distance'),
                })}
              </p>
            )}
          </>
        ) : (
          <p>{t('spread.wake.nobody')}</p>
        )}
        <p className="text-dim">
          {t('spread.wake.apart', { length: format(waveLengthM, 'distance') })}{' '}
          {made.outcome === 'planing' ? t('spread.wake.planing') : ''}{' '}
          {t(craft.firstCrest ? 'spread.wake.seen' : 'spread.wake.guessed')}
        </p>
      </div>
    </div>
  );
}

/** The crest that a lure is said to be on: the last passed, or the next from seven eighths of the way on. The face is that of the next wave. */
const waveOf = ({ wave, phase }: { readonly wave: number; readonly phase: number | null }): number =>
  phase !== null && phase >= 5 / 8 ? wave + 1 : wave;
