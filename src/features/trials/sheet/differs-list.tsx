'use client';

import type { ElseDiffers } from '@/domain/trials/else-differs';
import type { Part } from '@/domain/parts';
import { chainChangeText } from '@/i18n/chain-change-text';
import { useI18n } from '@/i18n/client';
import { fishedName, fishedText } from './fished-text';

/** Everything that differs between the setups of both versions: one thing is a trial, two are a guess. */
export function DiffersList({
  differs,
  parts,
}: {
  readonly differs: readonly ElseDiffers[];
  readonly parts: readonly Part[];
}) {
  const i18n = useI18n();
  const { t } = i18n;
  return (
    <section data-testid="differs">
      <h2 className="narrow mb-1 border-b border-ink text-[15px] font-semibold">{t('trials.differs.title')}</h2>
      <p className="semi-narrow text-[15px]">{t('trials.differs.count', { count: differs.length })}</p>
      <ul className="narrow text-[14px] sm:columns-2">
        {differs.map((each, i) => (
          <li key={i} className="border-t border-faint py-0.5">
            {each.kind === 'chain'
              ? chainChangeText(i18n, each.change, parts)
              : t('chainChange.swapped', {
                  joint: fishedName(i18n, each.path),
                  was: fishedText(i18n, each.path, each.was),
                  is: fishedText(i18n, each.path, each.is),
                })}
          </li>
        ))}
      </ul>
    </section>
  );
}
