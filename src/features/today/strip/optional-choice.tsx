'use client';

import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';

const NOT_SAID = '';

/** One of a few words, or nothing said. */
export function OptionalChoice<T extends string>({
  label,
  value,
  values,
  word,
  unsaid,
  onValue,
}: {
  readonly label: string;
  readonly value: T | undefined;
  readonly values: readonly T[];
  readonly word: (value: T) => string;
  /** what it is called where nothing is said */
  readonly unsaid?: string;
  readonly onValue: (value: T | undefined) => void;
}) {
  const { t } = useI18n();
  return (
    <ChoiceField<string>
      label={label}
      value={value ?? NOT_SAID}
      options={[
        { value: NOT_SAID, label: unsaid ?? t('today.notSaid') },
        ...values.map((each) => ({ value: each as string, label: word(each) })),
      ]}
      onValueChange={(next) => onValue(values.find((each) => each === next))}
    />
  );
}
