import type { PartKind } from '@/domain/parts';
import type { Catalogue } from '@/i18n/catalogue';
import { useI18n } from '@/i18n/client';
import { fieldLabel } from '@/i18n/field-text';
import { ChoiceField } from '@/ui/choice-field';
import { TextField } from '@/ui/text-field';
import type { useGuide } from './use-guide';

type Name = keyof Catalogue['guide']['asks'];

/** What a guide asks once, above its readings. */
export function GuideAsks({ work, kind }: { readonly work: ReturnType<typeof useGuide>; readonly kind: PartKind }) {
  const i18n = useI18n();
  const { t, unitLabel } = i18n;
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-2">
      {work.asks.map((ask) =>
        ask.kind === 'choice' ? (
          <ChoiceField
            key={ask.name}
            label={t(`guide.asks.${ask.name as Name}`)}
            value={work.answers[ask.name] ?? ''}
            options={ask.options.map((value) => ({
              value,
              label: optionText(i18n, kind, ask.name, value),
            }))}
            onValueChange={(text) => work.setAnswer(ask.name, text)}
          />
        ) : (
          <TextField
            key={ask.name}
            label={t(`guide.asks.${ask.name as Name}`)}
            value={work.answers[ask.name] ?? ''}
            autoComplete="off"
            onValueChange={(text) => work.setAnswer(ask.name, text)}
            {...(ask.kind === 'figure' ? { suffix: unitLabel(ask.measure) } : {})}
          />
        ),
      )}
    </div>
  );
}

function optionText(i18n: ReturnType<typeof useI18n>, kind: PartKind, name: string, value: string): string {
  return name === 'path' ? fieldLabel(i18n, kind, value) : i18n.t(`word.${value as keyof Catalogue['word']}`);
}
