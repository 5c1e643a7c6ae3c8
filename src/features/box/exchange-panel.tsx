'use client';

import { useI18n } from '@/i18n/client';
import { Panel } from '@/ui/panel';

/** Files in and out. */
export function ExchangePanel({ onClose }: { readonly onClose: () => void }) {
  const { t } = useI18n();
  return <Panel open onOpenChange={(open) => !open && onClose()} title={t('box.key.exchange')} closeLabel={t('common.close')}>{null}</Panel>;
}
