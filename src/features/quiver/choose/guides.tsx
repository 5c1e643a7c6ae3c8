import { useMemo } from 'react';
import { evaluate } from '@/core/judge';
import type { Setup } from '@/core/tackle';
import { useI18n } from '@/i18n/client';
import { findingText } from '@/i18n/setup-text';
import type { Part } from '@/domain/parts';
import type { Joint } from '@/domain/joint';

/** Remarks of the checks that are about rings, tip and seat. */
const ABOUT_GUIDES: ReadonlySet<string> = new Set([
  'guide-material',
  'through-rings',
  'wound-into-tip',
  'reel-seat',
  'line-class',
  'rod-in-holder',
  'boatside-turn',
  'room-in-craft',
  'tip-clearance',
  'rod-length',
]);

export function Guides({ setup }: { readonly setup: Setup }) {
  const i18n = useI18n();
  const { t } = i18n;
  const found = useMemo(() => evaluate(setup).checks.filter(({ id }) => ABOUT_GUIDES.has(id)), [setup]);
  return (
    <section aria-label={t('quiver.choose.guides')}>
      <h3 className="narrow mt-2 text-[14px] font-semibold">{t('quiver.choose.guides')}</h3>
      {found.length === 0 ? (
        <p className="semi-narrow text-[14px]">{t('quiver.choose.guidesFine')}</p>
      ) : (
        <ul className="semi-narrow text-[14px]">
          {found.map((finding, i) => {
            const {
              title,
              found: says,
              todo,
            } = findingText(i18n, finding, {
              chain: setup.chain as readonly Joint[],
              parts: setup.parts as readonly Part[],
            });
            return (
              <li key={i}>
                <strong className="font-semibold">{title}</strong> · {t(`checks.severity.${finding.severity}`)}: {says}{' '}
                {todo}
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
}
