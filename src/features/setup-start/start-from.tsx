'use client';

import { useMemo, useState, useTransition, type ReactNode } from 'react';
import { useRouter } from 'next/navigation';
import type { Part } from '@/domain/parts';
import type { PartKind } from '@/domain/parts/kinds';
import { PRESENTATION_LIMITS as L } from '@/domain/presentation-limits';
import { RIG_IDS, rigPattern, type RigId } from '@/domain/rigs';
import { LURE_KINDS, rigsFor, WAYS_FISHED, type Question } from '@/domain/start-from';
import { PartLine } from '@/features/fields/part-line';
import { QuantityField } from '@/features/fields/quantity-field';
import { send } from '@/features/fields/send';
import { useI18n } from '@/i18n/client';
import { failureText } from '@/i18n/problem-text';
import { copySetupAction } from '@/server/actions/setups';
import { ChoiceField } from '@/ui/choice-field';
import { RigList } from './rig-list';
import type { SetupStartState } from './use-setup-start';

const STARTS = ['rig', 'lure', 'question', 'copy'] as const;

export interface StartFromProps {
  readonly start: SetupStartState;
  readonly sketches: Readonly<Record<RigId, ReactNode>>;
  readonly setups: readonly { readonly id: string; readonly name: string }[];
}

/** Where a new setup starts from: a rig, a lure or bait that is there, what is asked of it, or a setup that stands. */
export function StartFrom({ start, sketches, setups }: StartFromProps) {
  const { t } = useI18n();
  const { from, setFrom, about, question } = start;
  const rigs = useMemo(() => {
    const fit = from === 'lure' ? (about ? rigsFor(about) : []) : RIG_IDS;
    return from === 'question' && question.fished
      ? fit.filter((rig) => rigPattern(rig).fished === question.fished && (!about || rigsFor(about).includes(rig)))
      : fit;
  }, [from, about, question.fished]);
  return (
    <>
      <div role="radiogroup" aria-label={t('start.from')} className="narrow mb-3 flex flex-wrap gap-1">
        {STARTS.map((each) => (
          <button
            key={each}
            type="button"
            role="radio"
            aria-checked={from === each}
            onClick={() => setFrom(each)}
            className="min-h-9 border border-faint bg-sheet px-3 text-[14px] hover:border-ink aria-checked:border-ink aria-checked:bg-hi aria-checked:text-on-hi"
          >
            {t(`start.by.${each}`)}
          </button>
        ))}
      </div>
      {from === 'lure' && (
        <div className="mb-3 border border-ink bg-sheet p-3">
          <TakenLine start={start} />
        </div>
      )}
      {from === 'question' && <Asked start={start} />}
      {from === 'copy' ? (
        <Copy setups={setups} />
      ) : from === 'lure' && !about ? (
        <p className="semi-narrow text-dim">{t('start.lureFirst')}</p>
      ) : (
        <RigList
          rigs={rigs}
          sketches={sketches}
          words={start.words}
          onRig={(rig) => {
            start.take(rig);
            window.scrollTo(0, 0);
          }}
        />
      )}
    </>
  );
}

function TakenLine({ start }: { readonly start: SetupStartState }) {
  const { t } = useI18n();
  const parts = useMemo(
    () => start.parts.filter(({ kind }) => (LURE_KINDS as readonly PartKind[]).includes(kind)),
    [start.parts],
  );
  return (
    <PartLine
      label={t('start.lureOrBait')}
      chosen={start.about}
      isNew={start.isMade(start.about)}
      parts={parts}
      kinds={LURE_KINDS}
      onChoose={start.setAbout}
      onMake={(part: Part) => start.setAbout(start.make(part))}
      onClear={() => start.setAbout(null)}
    />
  );
}

function Asked({ start }: { readonly start: SetupStartState }) {
  const { t } = useI18n();
  const { question, ask } = start;
  const set = (change: Partial<Question>) => ask({ ...question, ...change });
  return (
    <div className="mb-3 grid gap-x-4 gap-y-2 border border-ink bg-sheet p-3 sm:grid-cols-2 lg:grid-cols-4">
      <ChoiceField
        label={t('start.fished')}
        value={question.fished ?? ''}
        options={[
          { value: '' as const, label: t('start.anyWay') },
          ...WAYS_FISHED.map((value) => ({ value, label: t(`start.way.${value}`) })),
        ]}
        onValueChange={(fished) => set({ fished: fished === '' ? null : fished })}
      />
      <QuantityField
        label={t('start.depth')}
        measure="depth"
        value={question.depthM}
        limits={L.depthM}
        emptyMeans={t('start.asUsual')}
        onValueChange={(depthM) => set({ depthM })}
      />
      <QuantityField
        label={t('start.speed')}
        measure="speed"
        value={question.speedMps}
        limits={L.speedMps}
        emptyMeans={t('start.asUsual')}
        onValueChange={(speedMps) => set({ speedMps })}
      />
      <QuantityField
        label={t('start.fish')}
        measure="bodyMass"
        value={question.fishKg}
        limits={{ ...L.fishKg, min: 0.01 }}
        emptyMeans={t('start.asUsual')}
        onValueChange={(fishKg) => set({ fishKg })}
      />
      <div className="sm:col-span-2 lg:col-span-4">
        <TakenLine start={start} />
      </div>
    </div>
  );
}

function Copy({ setups }: Pick<StartFromProps, 'setups'>) {
  const { t } = useI18n();
  const router = useRouter();
  const [failure, setFailure] = useState<string | null>(null);
  const [busy, begin] = useTransition();
  const copy = (setupId: string, name: string) =>
    begin(async () => {
      setFailure(null);
      const input = { setupId, name: t('list.copyOf', { name }), reason: t('list.copiedFrom', { name }) };
      const reply = await send('copy-setup', copySetupAction, input);
      if (reply.ok) router.push(`/bench/${reply.data.setupId}`);
      else setFailure(failureText(t, reply.code));
    });
  return (
    <>
      {failure && (
        <p role="alert" className="mb-2 border-l-2 border-ink pl-2">
          {failure}
        </p>
      )}
      {setups.length === 0 && <p className="semi-narrow text-dim">{t('start.noSetups')}</p>}
      <ul className="border-t border-faint">
        {setups.map(({ id, name }) => (
          <li key={id} className="flex items-center justify-between gap-3 border-b border-faint bg-sheet px-2">
            <span className="semi-narrow">{name}</span>
            <button
              type="button"
              disabled={busy}
              aria-label={t('list.copyNamed', { name })}
              onClick={() => copy(id, name)}
              className="narrow min-h-9 px-2 text-[14px] underline underline-offset-2 disabled:text-dim"
            >
              {t('list.copy')}
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
