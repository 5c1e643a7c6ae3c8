'use client';

import { useState } from 'react';
import { translate } from '@/core/afloat';
import type { CurrentKnown } from '@/domain/helm/current-here';
import type { Helm } from '@/domain/helm/helm';
import { HELM_LIMITS as L } from '@/domain/helm/helm-limits';
import { freshValue, type Standing } from '@/domain/helm/standing';
import { calibrationOf } from '@/domain/helm/usual-helm';
import type { ChannelName } from '@/domain/instruments/channels';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { readout } from '@/features/fields/readout';

type Way = 'match' | 'scales' | 'ground';
const SPEED = { min: 0, max: 30 } as const;

/** Another boat's figure as mine: match their ground speed and read one's own probe, or reckon where both scales are known. */
export function OtherPanel({
  helm,
  standing,
  known,
}: {
  readonly helm: Helm;
  readonly standing: Readonly<Record<ChannelName, Standing>>;
  readonly known: CurrentKnown | null;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  const [way, setWay] = useState<Way>('match');
  const [sogMps, setSog] = useState(standing.sogMps.value ?? 1.2);
  const [cogRad, setCog] = useState(standing.cogRad.value ?? 0);
  const [readingMps, setReading] = useState(1.2);
  const [scale, setScale] = useState(1);
  const [offsetMps, setOffset] = useState(0);
  const own = calibrationOf(helm, 'probeMps');
  const mine = { scale: own?.scale ?? 1, offsetMps: own?.offsetMps ?? 0 };
  const mySog = freshValue(standing.sogMps);
  const myCog = freshValue(standing.cogRad);
  const answer =
    way === 'scales'
      ? translate({ theirs: { readingMps, scale, offsetMps }, mine })
      : way === 'ground' && known?.kind === 'whole'
        ? translate({
            theirs: { sogMps, cogRad },
            layer: { speedMps: known.speedMps, towardRad: known.towardRad },
            mine: { ...mine, cogRad: myCog ?? cogRad },
          })
        : null;
  return (
    <div className="flex flex-col gap-3" data-testid="other">
      <ChoiceField
        label={t('helm.other.way')}
        value={way}
        options={(['match', 'scales', 'ground'] as const).map((value) => ({
          value,
          label: t(`helm.other.${value}.title`),
        }))}
        onValueChange={setWay}
      />
      <p className="semi-narrow text-[14px] text-dim">{t(`helm.other.${way}.hint`)}</p>
      {way !== 'scales' && (
        <QuantityField
          label={t('helm.other.theirSog')}
          measure="speed"
          value={sogMps}
          limits={SPEED}
          onValueChange={(value) => value !== null && setSog(value)}
        />
      )}
      {way === 'match' && (
        <ol className="semi-narrow list-decimal pl-5 text-[15px] leading-snug">
          <li>{t('helm.other.step1')}</li>
          <li>
            {t('helm.other.step2', { speed: readout(i18n, 'sogMps', sogMps) })}{' '}
            {mySog !== null && (
              <b className="font-semibold">
                {Math.abs(mySog - sogMps) < 0.05
                  ? t('helm.other.matched')
                  : t(mySog < sogMps ? 'helm.other.faster' : 'helm.other.slower', {
                      by: readout(i18n, 'sogMps', Math.abs(mySog - sogMps)),
                    })}
              </b>
            )}
          </li>
          <li>
            {t('helm.other.step3')}{' '}
            <b className="font-semibold">{readout(i18n, 'probeMps', freshValue(standing.probeMps))}</b>
          </li>
        </ol>
      )}
      {way === 'ground' && (
        <QuantityField
          label={t('helm.other.theirCog')}
          measure="angle"
          value={cogRad}
          limits={{ min: 0, max: 2 * Math.PI }}
          onValueChange={(value) => value !== null && setCog(value)}
        />
      )}
      {way === 'scales' && (
        <>
          <QuantityField
            label={t('helm.other.reading')}
            measure="speed"
            value={readingMps}
            limits={SPEED}
            onValueChange={(value) => value !== null && setReading(value)}
          />
          <QuantityField
            label={t('helm.other.scale')}
            measure="ratio"
            value={scale}
            limits={L.scale}
            onValueChange={(value) => value !== null && setScale(value)}
          />
          <QuantityField
            label={t('helm.other.offset')}
            measure="speed"
            value={offsetMps}
            limits={L.offsetMps}
            onValueChange={(value) => value !== null && setOffset(value)}
          />
        </>
      )}
      {way === 'ground' && known?.kind !== 'whole' && (
        <p className="semi-narrow text-[15px]">{t('helm.other.noCurrent')}</p>
      )}
      {answer && (
        <p className="semi-narrow text-[17px] font-semibold" data-testid="translated">
          {t('helm.other.answer', {
            water: readout(i18n, 'waterMps', answer.waterMps),
            mine: readout(i18n, 'probeMps', answer.myReadingMps),
          })}{' '}
          {answer.mySogMps !== null && t('helm.other.myGround', { ground: readout(i18n, 'sogMps', answer.mySogMps) })}
          {answer.outcome === 'not-possible' && t('helm.other.notPossible')}
        </p>
      )}
    </div>
  );
}
