'use client';

import { useState } from 'react';
import { useI18n } from '@/i18n/client';
import { QrCode } from './qr-code';
import { BUTTON } from './section';

/** A link that was just made, the once that it is shown. */
export function MadeLink({ address }: { readonly address: string }) {
  const { t } = useI18n();
  const [copied, setCopied] = useState(false);
  return (
    <div className="flex flex-wrap items-center gap-4 border border-ink p-3" role="status" data-testid="made-link">
      <div className="flex min-w-0 flex-1 flex-col gap-2">
        <p className="semi-narrow font-semibold">{t('crew.link.made')}</p>
        <a href={address} className="break-all underline underline-offset-2">
          {address}
        </a>
        <div className="flex items-center gap-3">
          {/* Browsers let pages copy only where nobody can listen in between. */}
          {'clipboard' in navigator && (
            <button
              type="button"
              className={BUTTON}
              onClick={() => void navigator.clipboard.writeText(address).then(() => setCopied(true))}
            >
              {copied ? t('crew.link.copied') : t('crew.link.copy')}
            </button>
          )}
          <span className="semi-narrow text-dim">{t('crew.link.scan')}</span>
        </div>
      </div>
      <QrCode text={address} />
    </div>
  );
}
