'use client';

import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import { TextField } from '@/ui/text-field';
import type { SpreadInHand } from '../use-spread';
import { NEW_SPREAD } from '@/domain/spread/usual-spread';

/** The drawing's title block: which spread, which craft, how far apart, in which pattern, and whether it is kept. */
export function Title({
  inHand,
  usualName,
  onKeep,
}: {
  readonly inHand: SpreadInHand;
  readonly usualName: string;
  readonly onKeep: () => void;
}) {
  const { t, format } = useI18n();
  const { spread, spreads, version, craft, crafts, changed, busy, failure } = inHand;
  return (
    <section
      aria-label={t('spread.title.label')}
      className="grid grid-cols-2 border border-ink bg-sheet [&>*]:border-faint"
      data-testid="title"
      data-state={busy ? 'saving' : changed ? 'changed' : 'kept'}
    >
      <div className="col-span-2 grid grid-cols-[1fr_auto] items-end gap-2 px-2 pb-1 [&_label]:-mb-1">
        <TextField
          label={t('spread.title.name')}
          value={spread.name}
          placeholder={usualName}
          maxLength={120}
          onValueChange={(name) => inHand.change({ name }, 'name')}
        />
        <button
          type="button"
          disabled={!changed || busy}
          onClick={onKeep}
          className="narrow min-h-8 border border-ink px-2.5 text-[14px] disabled:border-faint disabled:text-dim"
        >
          {t('spread.key.keep')}
        </button>
      </div>
      {failure && (
        <p role="alert" className="semi-narrow col-span-2 border-t px-2 py-1 text-[13.5px]">
          {failure === 'stale' ? t('spread.stale') : t(`failure.${failure}`)}{' '}
          {failure === 'stale' && (
            <button type="button" onClick={inHand.keepAsAnother} className="underline underline-offset-2">
              {t('spread.keepAsAnother')}
            </button>
          )}
        </p>
      )}
      <div className="border-t px-2">
        <ChoiceField
          label={t('spread.title.spreads')}
          value={version === null ? NEW_SPREAD : (spread.id as string)}
          options={[
            ...spreads.map((each) => ({ value: each.spread.id as string, label: each.spread.name })),
            { value: NEW_SPREAD as string, label: t('spread.title.new') },
          ]}
          onValueChange={inHand.open}
        />
      </div>
      <div className="border-l border-t px-2">
        <ChoiceField
          label={t('spread.title.craft')}
          value={craft?.id ?? ''}
          options={crafts.map(({ id, name, lengthM }) => ({
            value: id,
            label: `${name}, ${format(lengthM, 'rodLength')}`,
          }))}
          onValueChange={(craftId) => inHand.change({ craftId })}
        />
      </div>
      <p className="narrow border-t px-2 py-0.5 text-[14px]">
        <span className="block text-[12px] text-dim">{t('spread.title.apart')}</span>
        {t('spread.title.apartIs', { clear: format(spread.clearM, 'distance') })}
      </p>
      <p className="narrow border-l border-t px-2 py-0.5 text-[14px]">
        <span className="block text-[12px] text-dim">{t('spread.title.pattern')}</span>
        {spread.pattern?.name ?? t('spread.title.noPattern')}
      </p>
    </section>
  );
}
