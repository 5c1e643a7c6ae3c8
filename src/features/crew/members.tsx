'use client';

import { ROLES } from '@/domain/crew/roles';
import { useI18n } from '@/i18n/client';
import { setRoleAction } from '@/server/actions/crew';
import type { CrewMember } from '@/server/queries/crew-page';
import { BUTTON, ROW, Section } from './section';
import { useDo } from './use-do';

/** Who belongs to the bench, and as what. */
export function Members({
  members,
  mayManage,
}: {
  readonly members: readonly CrewMember[];
  readonly mayManage: boolean;
}) {
  const { t, date } = useI18n();
  const { busy, failure, run } = useDo();
  return (
    <Section title={t('crew.members.title')}>
      {failure}
      <ul>
        {members.map(({ userId, name, role, since, isMe }) => (
          <li key={userId} className={ROW} data-member={name}>
            <span>
              <span className="font-semibold">{name}</span>
              {isMe && <span> ({t('crew.members.you')})</span>}{' '}
              <span className="text-dim">{t('crew.members.since', { date: date(new Date(since), 'full') })}</span>
            </span>
            {mayManage ? (
              <span className="flex items-center gap-3">
                <select
                  aria-label={t('crew.members.role', { name })}
                  value={role}
                  disabled={busy}
                  onChange={(event) => run('set-role', setRoleAction, { userId, role: event.target.value })}
                  className="min-h-9 border-b border-faint bg-sheet"
                >
                  {ROLES.map((each) => (
                    <option key={each} value={each}>
                      {t(`crew.role.${each}`)}
                    </option>
                  ))}
                </select>
                <button
                  type="button"
                  disabled={busy}
                  aria-label={t('crew.members.removeWhom', { name })}
                  className={BUTTON}
                  onClick={() => run('set-role', setRoleAction, { userId, role: null })}
                >
                  {t('crew.members.remove')}
                </button>
              </span>
            ) : (
              <span>{t(`crew.role.${role}`)}</span>
            )}
          </li>
        ))}
      </ul>
      <dl className="semi-narrow grid grid-cols-[auto_1fr] gap-x-3 text-[13px] text-dim">
        {ROLES.map((each) => (
          <div key={each} className="contents">
            <dt>{t(`crew.role.${each}`)}</dt>
            <dd>{t(`crew.roleIs.${each}`)}</dd>
          </div>
        ))}
      </dl>
    </Section>
  );
}
