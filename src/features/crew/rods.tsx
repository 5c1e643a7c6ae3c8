'use client';

import { useI18n } from '@/i18n/client';
import { partTitle } from '@/i18n/part-text';
import { handRodAction } from '@/server/actions/rods';
import type { CrewPage } from '@/server/queries/crew-page';
import { BUTTON, ROW, Section } from './section';
import { useDo } from './use-do';

/** Who has which rod: one touch takes it or puts it down. */
export function Rods({ rods, anglers, myAnglerId }: Pick<CrewPage, 'rods' | 'anglers' | 'myAnglerId'>) {
  const i18n = useI18n();
  const { t } = i18n;
  const { busy, failure, run } = useDo();
  return (
    <Section title={t('crew.rods.title')}>
      {failure}
      <ul className="gap-x-8 sm:grid sm:grid-cols-2">
        {rods.map(({ rod, by }) => {
          const name = partTitle(i18n, rod);
          const isMine = by !== null && by === myAnglerId;
          return (
            <li key={rod.id} className={ROW} data-rod={rod.id}>
              <span className="font-semibold">{name}</span>
              <span className="flex items-center gap-3">
                <select
                  aria-label={t('crew.rods.who', { rod: name })}
                  value={by ?? ''}
                  disabled={busy}
                  onChange={(event) =>
                    run('hand-rod', handRodAction, { partId: rod.id, anglerId: event.target.value || null })
                  }
                  className="min-h-9 border-b border-faint bg-sheet"
                >
                  <option value="">{t('crew.rods.nobody')}</option>
                  {anglers.map((angler) => (
                    <option key={angler.id} value={angler.id}>
                      {angler.name || angler.id}
                    </option>
                  ))}
                </select>
                <button
                  type="button"
                  disabled={busy || myAnglerId === null}
                  aria-label={t(isMine ? 'crew.rods.putDownWhich' : 'crew.rods.takeWhich', { rod: name })}
                  className={BUTTON}
                  onClick={() => run('hand-rod', handRodAction, { partId: rod.id, ...(isMine && { anglerId: null }) })}
                >
                  {t(isMine ? 'crew.rods.putDown' : 'crew.rods.take')}
                </button>
              </span>
            </li>
          );
        })}
      </ul>
    </Section>
  );
}
