'use client';

import { useState, type ReactNode } from 'react';
import { VERDICT_NAMES } from '@/core/judge';
import type { House } from '@/domain/house';
import type { Part } from '@/domain/parts';
import type { RigId } from '@/domain/rigs';
import type { RigSlot } from '@/domain/rig-slots';
import { DraftBar } from '@/features/fields/draft-bar';
import { PartLine } from '@/features/fields/part-line';
import { MARK_SHAPE } from '@/features/fields/shown-as';
import { useVerdictText } from '@/features/fields/verdict-words';
import { useI18n } from '@/i18n/client';
import { jointText } from '@/i18n/setup-text';
import { Mark } from '@/ui/mark';
import { TextField } from '@/ui/text-field';
import { ChainSketch } from './chain-sketch';
import { StartFrom } from './start-from';
import { useSetupStart } from './use-setup-start';

export interface SetupStartProps {
  readonly box: readonly Part[];
  readonly house: House;
  readonly sketches: Readonly<Record<RigId, ReactNode>>;
  readonly setups: readonly { readonly id: string; readonly name: string }[];
}

/** A setup from an empty sheet: first the rig, then place by place what is there and what is still missing. */
export function SetupStart({ box, house, sketches, setups }: SetupStartProps) {
  const i18n = useI18n();
  const { t } = i18n;
  const start = useSetupStart(box, house, t('start.firstReason'));
  const [asked, setAsked] = useState(false);
  const { rig, slots, chosen, missing, evaluation } = start;
  const verdictName = useVerdictText(evaluation?.figures.tow ? 'towed' : 'cast');
  const slotName = ({ id, seed, form }: RigSlot) => {
    const what = form ? t(`word.${form}`).toLocaleLowerCase() : jointText(i18n, { id, kind: seed.kind });
    const place = PLACES.find((each) => id.startsWith(`${each}-`));
    return place ? t(`start.place.${place}`, { what }) : what;
  };
  return (
    <main id="main" tabIndex={-1} className="mx-auto max-w-5xl px-3 py-4 outline-none">
      <h1 className="narrow mb-2 text-[20px] font-semibold">
        {t('start.title')}
        {rig ? `: ${t(`rig.${rig}.name`)}` : ''}
      </h1>
      <DraftBar offer={start.draft.offer} onTakeUp={start.takeUpDraft} onThrowAway={start.draft.throwAway} />
      {!rig ? (
        <StartFrom start={start} sketches={sketches} setups={setups} />
      ) : (
        <>
          <div className="mb-2 grid items-end gap-3 border border-ink bg-sheet p-2 sm:grid-cols-[minmax(0,1fr)_260px]">
            {sketches[rig]}
            <div>
              <TextField
                label={t('start.ownWords')}
                value={start.words[rig] ?? ''}
                maxLength={200}
                onValueChange={start.call}
                onBlur={start.keepWords}
              />
              <button
                type="button"
                onClick={() => start.take(null)}
                className="narrow mt-2 min-h-8 border border-faint px-2 hover:border-ink"
              >
                {t('start.otherRig')}
              </button>
            </div>
          </div>
          <ChainSketch
            slots={slots.map((slot) => ({ id: slot.id, name: slotName(slot), isThere: chosen[slot.id] !== undefined }))}
            label={t('start.sketch')}
          />
          <form
            className="mt-3 grid gap-4 lg:grid-cols-[minmax(0,1fr)_300px]"
            onSubmit={(event) => {
              event.preventDefault();
              setAsked(true);
              start.save();
            }}
          >
            <ol className="border border-ink bg-sheet p-3">
              {slots.map((slot, i) => (
                <li
                  key={slot.id}
                  className="grid grid-cols-[24px_minmax(0,1fr)] items-end border-t border-faint py-1.5 first:border-0"
                >
                  <span className="pb-1 text-[12px] font-semibold">{i + 1}</span>
                  <PartLine
                    label={slotName(slot)}
                    chosen={start.parts.find(({ id }) => id === chosen[slot.id]) ?? null}
                    isNew={start.isMade(start.parts.find(({ id }) => id === chosen[slot.id]) ?? null)}
                    parts={slot.parts}
                    kinds={slot.kinds}
                    usual={slot.usual}
                    needs={slot.with}
                    onChoose={(part) => start.choose(slot.id, part.id)}
                    onMake={(part) => start.choose(slot.id, start.make(part).id)}
                    onClear={() => start.choose(slot.id, undefined)}
                  />
                </li>
              ))}
            </ol>
            <div>
              <div className="border border-ink bg-sheet p-3" role="status">
                {missing.length > 0 ? (
                  <p>{t('start.missing', { names: missing.map(slotName).join(', ') })}</p>
                ) : evaluation ? (
                  <ul>
                    {VERDICT_NAMES.map((verdict) => (
                      <li key={verdict} className="flex min-h-7 items-center gap-2">
                        <Mark shape={MARK_SHAPE[evaluation.verdicts[verdict].mark]} size={13} /> {verdictName(verdict)}{' '}
                        <span className="narrow ml-auto text-[13px] text-dim">
                          {t(`mark.${evaluation.verdicts[verdict].mark}`)}
                        </span>
                      </li>
                    ))}
                  </ul>
                ) : start.isWorking ? (
                  <p>{t('start.working')}</p>
                ) : (
                  <p>{t('start.noAnswer')}</p>
                )}
              </div>
              <TextField
                className="mt-3"
                label={t('start.name')}
                value={start.name}
                maxLength={120}
                onValueChange={start.setName}
                error={asked && start.name.trim() === '' ? t('start.nameDue') : null}
              />
              {start.failure && (
                <p role="alert" className="mt-2 border-l-2 border-ink pl-2 text-[14px]">
                  {t(`failure.${start.failure}`)}
                </p>
              )}
              <button
                type="submit"
                disabled={missing.length > 0 || start.busy}
                className="narrow mt-3 min-h-10 w-full border border-ink font-semibold enabled:bg-hi enabled:text-on-hi disabled:border-faint disabled:text-dim"
              >
                {t('start.save')}
              </button>
              <p className="semi-narrow mt-2 text-[13px] text-dim">{t('start.hint')}</p>
            </div>
          </form>
        </>
      )}
    </main>
  );
}

/** Where two of a kind stand in one rig. */
const PLACES = ['front', 'rear', 'short'] as const;
