'use client';

import type { Helm } from '@/domain/helm/helm';
import { HELM_LIMITS as L } from '@/domain/helm/helm-limits';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { CheckField } from './check-field';

type Probe = NonNullable<Helm['probe']>;

/** A probe of which nothing was said: a downrigger's ball on its own steel cable, fresh water of ten degrees. */
const USUAL: Probe = {
  cableM: 15,
  ballKg: 4.5,
  cable: 'steel-cable',
  cableDiameterM: 0.9e-3,
  water: { temperatureC: 10, salinity: 0 },
};

/** The probe's cable and weight: they tell how far speed lifts it, so that this is not taken for a probe that was moved. */
export function ProbeCable({
  probe,
  onProbe,
}: {
  readonly probe: Helm['probe'];
  readonly onProbe: (probe: Helm['probe']) => void;
}) {
  const { t } = useI18n();
  return (
    <div className="flex flex-col gap-2" data-testid="probe-cable">
      <CheckField
        label={t('helm.cable.known')}
        checked={probe !== null}
        onChange={(on) => onProbe(on ? USUAL : null)}
      />
      {probe && (
        <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
          <QuantityField
            label={t('helm.cable.length')}
            measure="depth"
            value={probe.cableM}
            limits={L.cableM}
            onValueChange={(value) => value !== null && onProbe({ ...probe, cableM: value })}
          />
          <QuantityField
            label={t('helm.cable.ball')}
            measure="bodyMass"
            value={probe.ballKg}
            limits={L.ballKg}
            onValueChange={(value) => value !== null && onProbe({ ...probe, ballKg: value })}
          />
          <QuantityField
            label={t('helm.cable.diameter')}
            measure="diameter"
            value={probe.cableDiameterM}
            limits={L.cableDiameterM}
            onValueChange={(value) => value !== null && onProbe({ ...probe, cableDiameterM: value })}
          />
          <ChoiceField
            label={t('helm.cable.of')}
            value={probe.cable}
            options={(['steel-cable', 'braid'] as const).map((value) => ({ value, label: t(`helm.cable.${value}`) }))}
            onValueChange={(cable) => onProbe({ ...probe, cable })}
          />
        </div>
      )}
    </div>
  );
}
