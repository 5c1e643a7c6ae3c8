'use client';

import { useI18n } from '@/i18n/client';
import { Link } from '@/ui/link';
import { leave } from './enter';
import { OTHER, WayIn } from './way-in';

/** Signed in, and not for one's role or no longer a member: the ways on. */
export function Refused() {
  const { t } = useI18n();
  return (
    <WayIn title={t('crew.refused.title')}>
      <p>{t('crew.refused.why')}</p>
      <Link href="/" className={OTHER}>
        {t('crew.refused.home')}
      </Link>
      <button type="button" className={OTHER} onClick={() => void leave()}>
        {t('crew.me.signOut')}
      </button>
    </WayIn>
  );
}
