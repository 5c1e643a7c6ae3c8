'use client';

import { useI18n } from '@/i18n/client';
import { endLinkAction } from '@/server/actions/crew';
import type { CrewLink } from '@/server/queries/crew-page';
import { BUTTON, ROW, Section } from './section';
import { useDo } from './use-do';

/** Invitations and guests' links that have not ended. */
export function Links({ links }: { readonly links: readonly CrewLink[] }) {
  const { t, date, time } = useI18n();
  const { busy, failure, run } = useDo();
  return (
    <Section title={t('crew.links.title')}>
      {failure}
      {links.length === 0 && <p className="semi-narrow text-dim">{t('crew.links.none')}</p>}
      <ul>
        {links.map(({ id, to, thing, name, madeBy, until }) => {
          const at = new Date(until);
          const label = name || t('crew.links.unnamed');
          return (
            <li key={id} className={ROW}>
              <span>
                <span className="font-semibold">{label}</span>
                {': '}
                {to.kind === 'invitation'
                  ? t('crew.links.invitation', { role: t(`crew.role.${to.role}`) })
                  : [t(`crew.share.${to.shown.kind}`), thing].filter(Boolean).join(', ')}
                {', '}
                <span className="text-dim">
                  {t('crew.links.until', { date: date(at, 'full'), time: time(at) })}
                  {madeBy && <>, {t('crew.links.by', { name: madeBy })}</>}
                </span>
              </span>
              <button
                type="button"
                disabled={busy}
                aria-label={t('crew.links.endWhich', { name: label })}
                className={BUTTON}
                onClick={() => run('end-link', endLinkAction, { id })}
              >
                {t('crew.links.end')}
              </button>
            </li>
          );
        })}
      </ul>
    </Section>
  );
}
