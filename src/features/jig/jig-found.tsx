import type { Filing } from '@/core/make';
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
  const { t } = useI18n();
  if (!found) return null;
  return (
    <div
      className="semi-narrow mt-1 text-[14px]"
      data-testid="best-cut"
      data-good={(found.one?.after ?? found.before).goodShare}
    >
      {found.one ? (
        <>
          <FilingText filing={found.one} of="one" />
          {found.two ? <FilingText filing={found.two} of="two" /> : <p>{t('jig.noSecond')}</p>}
        </>
      ) : (
        <p>{t('jig.noneBetter')}</p>
      )}
      <p className="text-dim">{t('jig.tried', { tried: found.tried })}</p>
    </div>
  );
}

function FilingText({ filing, of }: { readonly filing: Filing; readonly of: 'one' | 'two' }) {
  const { t, format } = useI18n();
  return (
    <p>
      {t(`jig.best.${of}`, {
        angle: filing.cuts.map(({ normalRad }) => format(normalRad, 'angle')).join(', '),
        good: format(filing.after.goodShare, 'share'),
        mass: format(filing.after.standing.filedKg, 'mass'),
      })}{' '}
      {filing.tooSmall && t(`jig.tooSmall.${filing.tooSmall}`)}
    </p>
  );
}
