'use client';

import { useEffect, useRef, useState, type RefObject } from 'react';
import type { Evaluation } from '@/core/evaluate';
import { VERDICT_NAMES } from '@/core/evaluate';
import type { PartId } from '@/domain/ids';
import type { Part } from '@/domain/parts';
import { useI18n } from '@/i18n/client';
import { foundAs } from '@/i18n/find-part';
import { partDetail, partTitle } from '@/i18n/part-text';
import { keepInView } from '@/ui/keep-in-view';
import { Mark } from '@/ui/mark';
import type { CandidateEffect } from '@/workers/protocol';
import { MARK_SHAPE } from '@/features/fields/shown-as';

export interface CandidatesProps {
  readonly number: number;
  readonly candidates: readonly Part[];
  readonly fitted: PartId;
  readonly tried: PartId | null;
  /** what the fitted setup gives, to compare with */
  readonly base: Pick<Evaluation, 'verdicts' | 'castMassKg'>;
  readonly effects: readonly CandidateEffect[];
  readonly find: string;
  readonly onFind: (text: string) => void;
  readonly findRef: RefObject<HTMLInputElement | null>;
  readonly onTry: (partId: PartId) => void;
  readonly onFit: () => void;
}

const BADNESS = { fails: 3, 'cant-tell': 2, edge: 1, sound: 0 } as const;

/** What else could stand in the joint, each with what it would change. */
export function Candidates({ number, candidates, fitted, tried, base, effects, find, onFind, findRef, onTry, onFit }: CandidatesProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const on = tried ?? fitted;
  return (
    <section aria-labelledby="candidates-title" className="flex min-h-0 flex-col border border-ink bg-sheet px-2 pb-1 pt-1.5">
      <div className="mb-0.5 flex items-baseline gap-2">
        <h2 id="candidates-title" className="narrow text-[12px] font-semibold">{t('candidates.title', { n: number })}</h2>
        <input
          ref={findRef}
          type="search"
          value={find}
          aria-label={t('candidates.find')}
          placeholder={t('candidates.findHint')}
          onChange={(event) => onFind(event.target.value)}
          className="narrow ml-auto w-24 min-w-0 border-b border-faint bg-transparent text-[12px] placeholder:text-dim"
        />
      </div>
      <div className="narrow grid grid-cols-[1fr_44px_40px_18px] text-right text-[11px] text-dim" aria-hidden="true">
        <span />
        <span>{t('candidates.weight')}</span>
        <span>{t('candidates.set')}</span>
        <span />
      </div>
      {candidates.length === 0 && <p className="semi-narrow py-2 text-[12.5px]">{t('candidates.none')}</p>}
      <div role="listbox" aria-labelledby="candidates-title" tabIndex={0} aria-activedescendant={`candidate-${on}`} className="min-h-0 flex-1 overflow-y-auto max-lg:max-h-72">
        {candidates.map((part) => (
          <Candidate
            key={part.id}
            part={part}
            isOn={part.id === on}
            isFitted={part.id === fitted}
            base={base}
            effect={effects.find((each) => each.partId === part.id)?.evaluation ?? null}
            onTry={() => onTry(part.id)}
            onFit={onFit}
          />
        ))}
      </div>
    </section>
  );
}

interface CandidateProps {
  readonly part: Part;
  readonly isOn: boolean;
  readonly isFitted: boolean;
  readonly base: CandidatesProps['base'];
  readonly effect: CandidateEffect['evaluation'];
  readonly onTry: () => void;
  readonly onFit: () => void;
}

function Candidate({ part, isOn, isFitted, base, effect, onTry, onFit }: CandidateProps) {
  const i18n = useI18n();
  const { t, format, number } = i18n;
  const row = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (isOn && row.current) keepInView(row.current);
  }, [isOn]);
  // What waits for a model on either side says nothing of the part.
  const told = effect ? VERDICT_NAMES.filter((name) => effect.verdicts[name].mark !== 'cant-tell' || base.verdicts[name].mark !== 'cant-tell') : [];
  const worst = effect && told.length > 0 ? told.map((name) => effect.verdicts[name].mark).reduce((a, b) => (BADNESS[b] > BADNESS[a] ? b : a)) : null;
  const delta = effect ? effect.castMassKg - base.castMassKg : 0;
  const setMargin = effect?.verdicts.set.value ?? null;
  return (
    <div
      ref={row}
      id={`candidate-${part.id}`}
      role="option"
      aria-selected={isOn}
      data-part={part.id}
      tabIndex={-1}
      onClick={onTry}
      onDoubleClick={onFit}
      onKeyDown={(event) => event.key === ' ' && onTry()}
      title={partDetail(i18n, part, null)}
      className={`narrower grid min-h-8 w-full grid-cols-[1fr_44px_40px_18px] items-center border-t border-faint text-[12.5px] lg:min-h-[21px] ${isOn ? 'bg-hi text-on-hi' : ''}`}
    >
      <span className="truncate px-0.5">
        {partTitle(i18n, part)} <span className={isOn ? '' : 'text-dim'}>{partDetail(i18n, part, null)}</span>
        {isFitted ? ` (${t('candidates.on')})` : ''}
      </span>
      <span className="text-right">{effect && Math.abs(delta) >= 5e-5 ? signed(format(Math.abs(delta), 'mass'), delta) : ''}</span>
      <span className="text-right">{setMargin === null ? '' : `${number(setMargin, 2)}×`}</span>
      <span className="flex justify-end pr-0.5">
        {worst && (
          <>
            <Mark shape={MARK_SHAPE[worst]} size={12} />
            <span className="sr-only">{t(`mark.${worst}`)}</span>
          </>
        )}
      </span>
    </div>
  );
}

const signed = (text: string, value: number) => `${value < 0 ? '−' : '+'}${text}`;

/** What is typed into the search, and whether a part answers it. */
export function useFind() {
  const i18n = useI18n();
  const [find, setFind] = useState('');
  return { find, setFind, found: (part: Part) => foundAs(i18n, part, find) > 0 };
}
