'use client';

import { useMemo, useState } from 'react';
import { withPart } from '@/core/judge';
import { USUAL_DAY, type Day } from '@/core/decide';
import { Fields, Figure, Note } from '@/features/fields/sheet';
import { useAnswer } from '@/features/fields/use-answer';
import { useI18n } from '@/i18n/client';
import type { QuiverPage } from '@/server/queries/quiver-page';
import type { QuestionOf } from '@/workers/protocol';
import { ChoiceField } from '@/ui/choice-field';
import { ProgressLine } from '@/ui/progress-line';
import type { Presented } from '../job';
import { rowName } from '../names';
import { SCENE_IDS, inScene, type Scene } from '../scenes';
import { PlainField } from './plain-field';
import { Lengths } from './lengths';
import { Powers } from './powers';
import { Actions } from './actions';
import { Load } from './load';
import { Beside } from './beside';
import { Guides } from './guides';

const RANGE = { casts: { min: 0, max: 600 }, hours: { min: 0, max: 24 }, wind: { min: -20, max: 20 } } as const;

/** Choosing a rod for a technique: what length, power and action would change, the present rod marked. */
export function ChoosePanel({ page, start }: { readonly page: QuiverPage; readonly start: Presented }) {
  const i18n = useI18n();
  const { t, format } = i18n;
  const [scene, setScene] = useState<Scene | ''>('');
  const [rodId, setRodId] = useState<string>(start.file.chain.find(({ kind }) => kind === 'rod')!.partId);
  const [day, setDay] = useState<Day>({ ...USUAL_DAY, windMps: 0 });
  const rods = page.box.filter((part) => part.kind === 'rod');
  const setup = useMemo(() => {
    const rod = page.box.find(({ id }) => id === rodId);
    const joint = start.file.chain.find(({ kind }) => kind === 'rod')!;
    const on = rod ? withPart(start.file, joint.id, rod) : start.file;
    return { ...on, presentation: inScene(on.presentation, scene) };
  }, [page.box, rodId, start, scene]);
  const question = useMemo((): QuestionOf<'rod-trade'> => ({ kind: 'rod-trade', setup, day }), [setup, day]);
  const { last, waiting, progress, failed } = useAnswer(question, 150);
  const trade = last?.answer ?? null;
  return (
    <>
      <div className="grid gap-x-5 gap-y-1 sm:grid-cols-3">
        <p className="semi-narrow self-end text-[14px]">{rowName(i18n, start)}</p>
        <ChoiceField
          label={t('word.rod')}
          value={rodId}
          options={rods.map((rod) => ({ value: rod.id as string, label: rod.name ?? rod.id }))}
          onValueChange={setRodId}
        />
        <ChoiceField
          label={t('quiver.choose.scene')}
          value={scene}
          options={[
            { value: '' as const, label: t('quiver.choose.asIs') },
            ...SCENE_IDS.map((id) => ({ value: id, label: t(`quiver.scene.${id}`) })),
          ]}
          onValueChange={setScene}
        />
      </div>
      <Fields>
        <PlainField
          label={t('quiver.choose.casts')}
          value={day.castsPerHour}
          limits={RANGE.casts}
          onValue={(castsPerHour) => setDay({ ...day, castsPerHour })}
        />
        <PlainField
          label={t('quiver.choose.hours')}
          value={day.hours}
          limits={RANGE.hours}
          onValue={(hours) => setDay({ ...day, hours })}
        />
        <Figure
          label={t('quiver.choose.wind')}
          measure="speed"
          value={day.windMps}
          limits={RANGE.wind}
          onValue={(windMps) => setDay({ ...day, windMps })}
        />
      </Fields>
      {waiting && progress && <ProgressLine label={t('quiver.choose.computing')} share={progress.done / progress.of} />}
      {failed && <p role="alert">{t('error.refused')}</p>}
      {trade && (
        <div className={waiting ? 'opacity-60' : ''} data-testid="trade">
          <Lengths trade={trade} />
          <div className="grid gap-x-6 lg:grid-cols-2">
            <div>
              <Powers trade={trade} cover={setup.presentation.cover} />
            </div>
            <div>
              <Actions trade={trade} />
            </div>
          </div>
          <div className="grid gap-x-6 lg:grid-cols-2">
            <Load own={trade.own} hours={day.hours} limitNm={setup.house?.angler.shoulderLimitNm?.value ?? null} />
            <Beside page={page} rodId={rodId} craftId={setup.presentation.craftId} own={trade.own} />
          </div>
          <Guides setup={setup} />
          <Note>
            {t('quiver.choose.note', {
              range: trade.own.cast
                ? `${format(trade.own.cast.rangeM[0], 'distance')}–${format(trade.own.cast.rangeM[1], 'distance')}`
                : '–',
            })}
          </Note>
        </div>
      )}
    </>
  );
}
