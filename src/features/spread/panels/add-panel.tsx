'use client';

import { useState } from 'react';
import { useI18n } from '@/i18n/client';
import type { NamedSetup } from '@/domain/packed-setups';
import { Link } from '@/ui/link';
import { TextField } from '@/ui/text-field';
import { rodName } from '../words';

/** Every setup that is towed; a press puts it on its rod in the first free place. */
export function AddPanel({
  setups,
  room,
  onAdd,
}: {
  readonly setups: readonly NamedSetup[];
  /** whether the boat has a place left */
  readonly room: boolean;
  readonly onAdd: (setup: NamedSetup) => void;
}) {
  const i18n = useI18n();
  const { t } = i18n;
  const [sought, setSought] = useState('');
  const found = setups.filter(({ name }) => name.toLowerCase().includes(sought.trim().toLowerCase()));
  if (setups.length === 0)
    return (
      <p className="semi-narrow">
        {t('spread.add.none')}{' '}
        <Link className="underline" href="/bench/new">
          {t('spread.add.newSetup')}
        </Link>
      </p>
    );
  return (
    <>
      <TextField label={t('spread.add.search')} value={sought} onValueChange={setSought} />
      {!room && <p role="alert">{t('spread.add.full')}</p>}
      <ul className="mt-2 border-t border-ink">
        {found.map((setup) => (
          <li key={setup.id} className="border-b border-faint">
            <button
              type="button"
              disabled={!room}
              onClick={() => onAdd(setup)}
              className="semi-narrow flex min-h-10 w-full items-baseline justify-between gap-3 text-left hover:bg-paper disabled:text-dim"
            >
              <span>{setup.name}</span>
              <span className="narrow text-[13px] text-dim">{rodName(i18n, setup.file)}</span>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
