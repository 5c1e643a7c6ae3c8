'use client';

import { useI18n } from '@/i18n/client';
import type { Catalogue } from '@/i18n/catalogue';
import { KeyCap } from '@/ui/key-cap';
import { capOf } from '@/ui/keys';
import { Panel } from '@/ui/panel';

/** Views that explain themselves. */
export type HelpedView = keyof Catalogue['help']['view'];

export interface HelpPanelProps {
  readonly view: HelpedView;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly groups: readonly { readonly label: string; readonly keys: readonly string[] }[];
  /** starts the tour of the view, where it has one */
  readonly onTour?: (() => void) | undefined;
}

/** The `?` sheet of a view: what it answers, an example to try, its keys. */
export function HelpPanel({ view, groups, onTour, ...panel }: HelpPanelProps) {
  const { t } = useI18n();
  return (
    <Panel {...panel} title={`${t('help.title')}: ${t(`nav.${view}`)}`} closeLabel={t('common.close')}>
      <p>{t(`help.view.${view}.answers`)}</p>
      <p className="mt-1 border-l-2 border-ink pl-2">
        <strong>{t('help.try')}</strong> {t(`help.view.${view}.example`)}
      </p>
      {onTour && (
        <button type="button" onClick={onTour} className="narrow mt-2 min-h-9 border border-ink px-3 hover:bg-hi">
          {t('help.tour')}
        </button>
      )}
      {groups.length > 0 && <h3 className="narrow mt-3 text-[13px] text-dim">{t('help.keys')}</h3>}
      <dl className="grid grid-cols-1 gap-x-8 sm:grid-cols-2">
        {groups.map(({ label, keys }) => (
          <div key={label} className="flex items-baseline gap-2 border-t border-faint py-1">
            <dt className="flex w-28 shrink-0 gap-1">
              {keys.map((key) => (
                <KeyCap key={key}>{capOf(key)}</KeyCap>
              ))}
            </dt>
            <dd className="semi-narrow">{label}</dd>
          </div>
        ))}
      </dl>
    </Panel>
  );
}
