'use client';

import { useState, useTransition } from 'react';
import { useI18n } from '@/i18n/client';
import { chooseBenchAction, deleteBenchAction, makeBenchAction } from '@/server/actions/crew';
import type { BenchLine } from '@/server/queries/crew-page';
import { TextField } from '@/ui/text-field';
import { beginAt } from './enter';
import { BUTTON, ROW, Section } from './section';
import { useDo } from './use-do';

export interface BenchesProps {
  readonly benches: readonly BenchLine[];
  readonly here: string;
}

/** One's benches; going to another begins every page anew, and one that is not open can be deleted. */
export function Benches({ benches, here }: BenchesProps) {
  const { t } = useI18n();
  const [name, setName] = useState('');
  const [going, start] = useTransition();
  const [deleting, setDeleting] = useState<string | null>(null);
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
              <span className="flex items-center gap-3">
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
                {bench.mayDelete && (
                  <button
                    type="button"
                    aria-label={t('crew.benches.deleteWhich', { name: bench.name })}
                    aria-expanded={deleting === bench.id}
                    className={BUTTON}
                    onClick={() => setDeleting(bench.id)}
                  >
                    {t('crew.benches.delete')}
                  </button>
                )}
              </span>
            )}
            {deleting === bench.id && (
              <p className="flex w-full flex-wrap items-center gap-3 py-2" role="status">
                {t('crew.benches.deleteSure', { name: bench.name })}
                <button
                  type="button"
                  disabled={busy}
                  className={BUTTON}
                  onClick={() => run('delete-bench', deleteBenchAction, { id: bench.id }, () => setDeleting(null))}
                >
                  {t('crew.benches.deleteNow')}
                </button>
                <button type="button" className={BUTTON} onClick={() => setDeleting(null)}>
                  {t('crew.benches.keep')}
                </button>
              </p>
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
