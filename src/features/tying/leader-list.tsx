'use client';

import { useState, useTransition } from 'react';
import type { Leader } from '@/domain/leader';
import { LEADER_STATES } from '@/domain/leader-states';
import type { Part } from '@/domain/parts';
import { revisionLetter } from '@/domain/revision-letter';
import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { send } from '@/features/fields/send';
import { BrokenRows } from '@/features/fields/broken-rows';
import { removeLeaderAction, setLeaderStateAction } from '@/server/actions/tying';
import type { BrokenRow } from '@/server/queries/tying-page';
import { ChoiceField } from '@/ui/choice-field';

/** Every leader that was tied and what has become of it. */
export function LeaderList({
  leaders,
  broken,
  box,
}: {
  readonly leaders: readonly Leader[];
  readonly broken: readonly BrokenRow[];
  readonly box: readonly Part[];
}) {
  const i18n = useI18n();
  const { t, format, date } = i18n;
  const [failed, setFailed] = useState(false);
  const [busy, start] = useTransition();
  const change = (leaderId: string, state: Leader['state']) =>
    start(async () => {
      const reply = await send('set-leader-state', setLeaderStateAction, { leaderId, state });
      setFailed(!reply.ok);
    });
  const line = (id: string) => {
    const part = box.find((each) => each.id === id);
    return part ? partTitle(i18n, part) : t('reading.gone');
  };
  const shown = [...leaders].sort(
    (a, b) => b.tiedAt.localeCompare(a.tiedAt) || a.name.localeCompare(b.name) || a.id.localeCompare(b.id),
  );
  return (
    <section aria-label={t('tying.leaders')} className="border border-ink bg-sheet px-2.5 py-1.5" aria-busy={busy}>
      <h2 className="narrow text-[15px] font-semibold">
        {t('tying.leaders')}{' '}
        <span className="font-normal text-dim">
          {LEADER_STATES.map(
            (state) => `${leaders.filter((each) => each.state === state).length} ${t(`tying.state.${state}`)}`,
          ).join(' · ')}
        </span>
      </h2>
      {failed && <p role="alert">{t('failure.unreachable')}</p>}
      <BrokenRows
        title={t('broken.leaders', { count: broken.length })}
        rows={broken}
        busy={busy}
        onRemove={(leaderId) =>
          start(async () => {
            const reply = await send('remove-leader', removeLeaderAction, { leaderId });
            setFailed(!reply.ok);
          })
        }
      />
      {leaders.length === 0 && <p className="semi-narrow text-[14px] text-dim">{t('tying.noLeaders')}</p>}
      <ul>
        {shown.map((leader) => (
          <li
            key={leader.id}
            data-leader={leader.state}
            className="grid grid-cols-[minmax(0,1fr)_8.5rem] items-end gap-x-3 border-t border-faint py-0.5"
          >
            <span className="semi-narrow text-[14px]">
              {leader.name} {revisionLetter(leader.number)}{' '}
              <span className="text-dim">
                · {line(leader.linePartId)} · {format(leader.lengthM, 'distance')} ·{' '}
                {t('tying.breaks', { pull: format(leader.breaksN, 'force') })} · {date(new Date(leader.tiedAt))}
              </span>
            </span>
            <ChoiceField
              label={t('tying.stateOf')}
              value={leader.state}
              options={LEADER_STATES.map((state) => ({ value: state, label: t(`tying.state.${state}`) }))}
              onValueChange={(state) => change(leader.id, state)}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
