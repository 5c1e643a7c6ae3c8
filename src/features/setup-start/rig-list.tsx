'use client';

import { useState, type ReactNode } from 'react';
import { RIGS, type RigId } from '@/domain/rigs';
import { useI18n } from '@/i18n/client';
import { TextField } from '@/ui/text-field';

export interface RigListProps {
  /** which of them, in what order */
  readonly rigs: readonly RigId[];
  readonly sketches: Readonly<Record<RigId, ReactNode>>;
  /** the user's own words, by rig */
  readonly words: Readonly<Record<string, string>>;
  readonly onRig: (rig: RigId) => void;
}

/** Every built-in rig with its drawing; found by its name, what it does, or the user's own words for it. */
export function RigList({ rigs, sketches, words, onRig }: RigListProps) {
  const { t } = useI18n();
  const [find, setFind] = useState('');
  const plain = (text: string) => text.toLocaleLowerCase().normalize('NFD').replace(/\p{M}/gu, '');
  const asked = plain(find).split(/\s+/).filter(Boolean);
  const shown = rigs.filter((rig) =>
    asked.every((each) => plain(`${t(`rig.${rig}.name`)} ${t(`rig.${rig}.what`)} ${words[rig] ?? ''}`).includes(each)),
  );
  return (
    <>
      <TextField className="mb-2 max-w-xs" label={t('start.findRig')} value={find} onValueChange={setFind} />
      {shown.length === 0 && <p>{t('start.noRig')}</p>}
      <ul className="grid border-l border-t border-faint sm:grid-cols-2 lg:grid-cols-3">
        {shown.map((rig) => (
          <li key={rig} className="border-b border-r border-faint">
            <button
              type="button"
              data-rig={rig}
              onClick={() => onRig(rig)}
              className="block h-full w-full bg-sheet px-2 pb-1.5 text-left hover:bg-paper"
            >
              {sketches[rig]}
              <span className="narrow block text-[15px] font-semibold leading-tight">{t(`rig.${rig}.name`)}</span>
              <span className="semi-narrow block text-[13px] leading-tight text-dim">
                {t(`rig.${rig}.what`)}
                {words[rig] ? ` · ${words[rig]}` : ''}
              </span>
              <span className="narrow text-[12px] text-dim">
                {t('start.places', { count: RIGS[rig].slots.length })}
              </span>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
