'use client';

import { useI18n } from '@/i18n/client';
import { KeyCap } from '@/ui/key-cap';
import { Panel } from '@/ui/panel';
import { BENCH_KEYS, capOf } from './keys';

export function KeysPanel({ open, onOpenChange }: { readonly open: boolean; readonly onOpenChange: (open: boolean) => void }) {
  const { t } = useI18n();
  return (
    <Panel open={open} onOpenChange={onOpenChange} title={t('key.title')} closeLabel={t('common.close')}>
      <dl className="grid grid-cols-1 gap-x-8 sm:grid-cols-2">
        {groups().map(({ label, keys }) => (
          <div key={label} className="flex items-baseline gap-2 border-t border-faint py-1">
            <dt className="flex w-20 gap-1">
              {keys.map((key) => (
                <KeyCap key={key}>{capOf(key)}</KeyCap>
              ))}
            </dt>
            <dd className="semi-narrow">{t(`key.${label}`)}</dd>
          </div>
        ))}
      </dl>
    </Panel>
  );
}

/** Keys that share a label stand together. */
export function groups(atFoot = false) {
  const rows: { label: (typeof BENCH_KEYS)[number]['label']; keys: string[]; action: (typeof BENCH_KEYS)[number]['action'] }[] = [];
  for (const { label, keys, action, atFoot: foot } of BENCH_KEYS) {
    if (atFoot && !foot) continue;
    const row = rows.find((each) => each.label === label);
    if (row) row.keys.push(...keys);
    else rows.push({ label, keys: [...keys], action });
  }
  return rows;
}
