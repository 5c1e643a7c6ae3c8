'use client';

import { useState, useTransition } from 'react';
import { useI18n } from '@/i18n/client';
import { chooseBenchAction, makeBenchAction } from '@/server/actions/crew';
import { TextField } from '@/ui/text-field';
import { beginAt } from './enter';
import { BUTTON, ROW, Section } from './section';
import { useDo } from './use-do';

export interface BenchesProps {
  readonly benches: readonly { readonly id: string; readonly name: string }[];
  readonly here: string;
}

/** One's benches; going to another begins every page anew. */
export function Benches({ benches, here }: BenchesProps) {
  const { t } = useI18n();
  const [name, setName] = useState('');
  const [going, start] = useTransition();
  const { busy, failure, run } = useDo();
  return (
    <Section title={t('crew.benches.title')}>
      <ul>
        {benches.map((bench) => (
          <li key={bench.id} className={ROW}>
            <span className="font-semibold">{bench.name}</span>
            {bench.id === here ? (
              <span className="text-dim">{t('crew.benches.here')}</span>
            ) : (
              <button
                type="button"
                disabled={going}
                aria-label={t('crew.benches.goTo', { name: bench.name })}
                className={BUTTON}
                onClick={() =>
                  start(async () => {
                    if ((await chooseBenchAction(bench.id)).ok) beginAt('/');
                  })
                }
              >
                {t('crew.benches.go')}
              </button>
            )}
          </li>
        ))}
      </ul>
      <form
        className="flex flex-wrap items-end gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          run('make-bench', makeBenchAction, { name }, () => beginAt('/'));
        }}
      >
        <TextField label={t('crew.benches.new')} value={name} maxLength={120} onValueChange={setName} />
        <button type="submit" disabled={busy || name.trim() === ''} className={BUTTON}>
          {t('crew.benches.make')}
        </button>
      </form>
      {failure}
    </Section>
  );
}
