'use client';

import Link from 'next/link';
import { useState } from 'react';
import { VERDICT_NAMES } from '@/core/evaluate';
import type { Part } from '@/domain/parts';
import { MARK_SHAPE } from '@/features/fields/shown-as';
import { useI18n } from '@/i18n/client';
import { partDetail, partTitle } from '@/i18n/part-text';
import type { Catalogue } from '@/i18n/catalogue';
import { ChoiceField } from '@/ui/choice-field';
import { Mark } from '@/ui/mark';
import { TextField } from '@/ui/text-field';
import { ChainSketch } from './chain-sketch';
import { useSetupStart } from './use-setup-start';

type JointName = keyof Catalogue['joint'];

/** A setup from an empty sheet: at each step what is there, and what is still missing. */
export function SetupStart({ box }: { readonly box: readonly Part[] }) {
  const i18n = useI18n();
  const { t } = i18n;
  const start = useSetupStart(box, t('start.firstReason'));
  const [asked, setAsked] = useState(false);
  const { choice, slots, chosen, missing, evaluation } = start;
  const slotName = (id: string, kind: string) => t(`joint.${(id === 'leader-knot' || id === 'hook-knot' ? id : kind) as Extract<JointName, 'rod'>}`);
  const flag = (key: 'leader' | 'weight') => (
    <label className="flex min-h-8 items-center gap-1.5"><input type="checkbox" checked={choice[key]} onChange={(event) => start.setChoice({ ...choice, [key]: event.target.checked })} /> {t(`joint.${key}`)}</label>
  );
  return (
    <main id="main" tabIndex={-1} className="mx-auto max-w-5xl px-3 py-4 outline-none">
      <h1 className="narrow mb-2 text-[20px] font-semibold">{t('start.title')}</h1>
      <ChainSketch slots={slots.map(({ id, kind }) => ({ id, name: slotName(id, kind), isThere: chosen[id] !== undefined }))} label={t('start.sketch')} />
      <form
        className="mt-3 grid gap-4 lg:grid-cols-[minmax(0,1fr)_300px]"
        onSubmit={(event) => {
          event.preventDefault();
          setAsked(true);
          start.save();
        }}
      >
        <div className="border border-ink bg-sheet p-3">
          <div className="mb-3 flex flex-wrap items-end gap-x-6 gap-y-1">
            <ChoiceField label={t('start.end')} value={choice.end} options={[{ value: 'hook', label: t('start.onHook') }, { value: 'jig-head', label: t('start.onHead') }]} onValueChange={(end) => start.setChoice({ ...choice, end })} className="w-56" />
            {flag('leader')}
            {choice.end === 'hook' && flag('weight')}
          </div>
          <ol>
            {slots.map(({ id, kind, parts }, i) => (
              <li key={id} className="grid grid-cols-[24px_minmax(0,1fr)] items-end border-t border-faint py-1.5">
                <span className="pb-1 text-[12px] font-semibold">{i + 1}</span>
                {parts.length === 0 ? (
                  <p className="semi-narrow py-1 text-[14px]">{slotName(id, kind)}: {t('start.noneInBox')} <Link href="/box" className="underline">{t('start.toBox')}</Link></p>
                ) : (
                  <ChoiceField label={slotName(id, kind)} value={chosen[id] ?? ''} options={[{ value: '', label: t('start.choose') }, ...parts.map((part) => ({ value: part.id as string, label: `${partTitle(i18n, part)} · ${partDetail(i18n, part, null)}` }))]} onValueChange={(partId) => start.choose(id, partId)} />
                )}
              </li>
            ))}
          </ol>
        </div>
        <div>
          <div className="border border-ink bg-sheet p-3" role="status">
            {missing.length > 0 ? (
              <p>{t('start.missing', { names: missing.map(({ id, kind }) => slotName(id, kind)).join(', ') })}</p>
            ) : evaluation ? (
              <ul>
                {VERDICT_NAMES.map((verdict) => (
                  <li key={verdict} className="flex min-h-7 items-center gap-2"><Mark shape={MARK_SHAPE[evaluation.verdicts[verdict].mark]} size={13} /> {t(`verdict.${verdict}`)} <span className="narrow ml-auto text-[13px] text-dim">{t(`mark.${evaluation.verdicts[verdict].mark}`)}</span></li>
                ))}
              </ul>
            ) : (
              <p>{t('start.noAnswer')}</p>
            )}
          </div>
          <TextField className="mt-3" label={t('start.name')} value={start.name} maxLength={120} onValueChange={start.setName} error={asked && start.name.trim() === '' ? t('start.nameDue') : null} />
          {start.failure && <p role="alert" className="mt-2 border-l-2 border-ink pl-2 text-[14px]">{t(`box.failure.${start.failure}`)}</p>}
          <button type="submit" disabled={missing.length > 0 || start.busy} className="narrow mt-3 min-h-10 w-full border border-ink font-semibold enabled:bg-hi enabled:text-on-hi disabled:border-faint disabled:text-dim">{t('start.save')}</button>
          <p className="semi-narrow mt-2 text-[13px] text-dim">{t('start.hint')}</p>
        </div>
      </form>
    </main>
  );
}
