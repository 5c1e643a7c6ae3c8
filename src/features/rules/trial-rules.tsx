'use client';

import type { TrialRule } from '@/domain/trials/trial-document';
import { useI18n } from '@/i18n/client';
import { Link } from '@/ui/link';

/** Rules that settled trials made, each with the trial that it rests on. */
export function TrialRules({ rules }: { readonly rules: readonly TrialRule[] }) {
  const { t } = useI18n();
  if (rules.length === 0) return null;
  return (
    <section aria-label={t('rules.fromTrials')} data-testid="trial-rules" className="mb-3 border-b border-ink pb-2">
      <h2 className="narrow text-[15px] font-semibold">{t('rules.fromTrials')}</h2>
      <ul>
        {rules.map(({ id, name, rule, school }) => (
          <li key={id} className="semi-narrow border-t border-faint py-1 text-[15px] first:border-0">
            {[
              rule,
              school &&
                `${t(`school.${school.school}.title`)}: ${t(`school.${school.school}.${school.side}` as 'school.strike.at-once')}`,
            ]
              .filter(Boolean)
              .join(' · ')}{' '}
            <Link href={`/trials?trial=${encodeURIComponent(id)}`} className="narrow text-[14px] text-dim underline">
              {name}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
