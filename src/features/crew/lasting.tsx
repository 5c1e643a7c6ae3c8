'use client';

import { LINK_HOURS } from '@/domain/crew/shown';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';

/** How long a link leads in [h]. */
export function Lasting({
  value,
  onValueChange,
}: {
  readonly value: number;
  readonly onValueChange: (hours: number) => void;
}) {
  const { t } = useI18n();
  return (
    <ChoiceField
      label={t('crew.lasting.label')}
      value={String(value)}
      options={LINK_HOURS.map((hours) => ({ value: String(hours), label: t(`crew.lasting.${hours}`) }))}
      onValueChange={(text) => onValueChange(Number(text))}
    />
  );
}
