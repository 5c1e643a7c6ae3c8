import { useI18n } from '@/i18n/client';
import type { Jig } from './use-jig';

export function Filed({ jig: { after, before, flat } }: { readonly jig: Jig }) {
  const { t, format } = useI18n();
  return (
    <>
      <span>{t('jig.flatIs', { angle: format(flat.normalRad, 'angle'), depth: format(flat.depth, 'share') })}</span>
      <strong className="font-semibold" data-testid="filed">
        {t('jig.filed', { mass: format(after.standing.filedKg, 'mass') })}
      </strong>
      <span>{t('jig.good', { from: format(before.goodShare, 'share'), to: format(after.goodShare, 'share') })}</span>
    </>
  );
}

export function Found({ jig: { found } }: { readonly jig: Jig }) {
  const { t, format } = useI18n();
  if (!found) return null;
  return (
    <p className="semi-narrow text-[14px]" data-testid="best-cut" data-good={found.after.goodShare}>
      {found.cut
        ? t('jig.best', {
            angle: format(found.cut.normalRad, 'angle'),
            good: format(found.after.goodShare, 'share'),
            mass: format(found.after.standing.filedKg, 'mass'),
            tried: found.tried,
          })
        : t('jig.noneBetter', { tried: found.tried })}
    </p>
  );
}
