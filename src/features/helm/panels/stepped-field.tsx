'use client';

import { kindOf, type ChannelName } from '@/domain/instruments/channels';
import { QuantityField } from '@/features/fields/quantity-field';
import { useI18n } from '@/i18n/client';
import { measureOf } from '@/features/fields/readout';

/** A figure with a tenth less and a tenth more beside it, large enough for a wet thumb. */
export function SteppedField({
  channel,
  value,
  onValue,
}: {
  readonly channel: ChannelName;
  /** null: nothing was said yet */
  readonly value: number | null;
  readonly onValue: (value: number) => void;
}) {
  const { t, inUnit } = useI18n();
  const measure = measureOf(channel);
  const { limits } = kindOf(channel);
  const tenth = 0.1 / (inUnit(1, measure) - inUnit(0, measure));
  const by = (sign: 1 | -1) => {
    // To whole tenths of the unit that is shown.
    const shown = Math.round(inUnit(value ?? 0, measure) * 10 + sign);
    const next = shown * tenth - inUnit(0, measure) * 10 * tenth;
    onValue(Math.min(limits.max, Math.max(limits.min, next)));
  };
  const label = t(`helm.channel.${channel}`);
  return (
    <div className="grid grid-cols-[56px_minmax(0,1fr)_56px] items-end gap-2">
      {([-1, 1] as const).map((sign) => (
        <button
          key={sign}
          type="button"
          aria-label={t(sign < 0 ? 'helm.type.less' : 'helm.type.more', { what: label })}
          onClick={() => by(sign)}
          className={`min-h-[52px] border border-ink text-[17px] hover:bg-paper ${sign > 0 ? 'order-3' : ''}`}
        >
          {sign < 0 ? '− 0.1' : '+ 0.1'}
        </button>
      ))}
      <div className="order-2">
        <QuantityField
          label={label}
          measure={measure}
          value={value}
          limits={limits}
          emptyMeans={t('helm.type.none')}
          onValueChange={(next) => next !== null && onValue(next)}
        />
      </div>
    </div>
  );
}
