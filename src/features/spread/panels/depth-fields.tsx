'use client';

import { PRESENTATION_LIMITS as P } from '@/domain/presentation-limits';
import { SPREAD_DOCUMENT_LIMITS as L } from '@/domain/spread/spread-limits';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import type { SpreadInHand } from '../use-spread';

/** The depths of temperature break and bottom, where they are known. */
export function DepthFields({ inHand: { spread, change } }: { readonly inHand: SpreadInHand }) {
  const { t } = useI18n();
  return (
    <>
      <QuantityField
        label={t('spread.break')}
        measure="depth"
        value={spread.breakM ?? null}
        limits={L.breakM}
        emptyMeans={t('spread.unknown')}
        onValueChange={(breakM) => change({ breakM: breakM ?? undefined })}
      />
      <QuantityField
        label={t('spread.bottom')}
        measure="depth"
        value={spread.bottomM ?? null}
        limits={P.bottomM}
        emptyMeans={t('spread.unknown')}
        onValueChange={(bottomM) => change({ bottomM: bottomM ?? undefined })}
      />
    </>
  );
}
