'use client';

import { useMemo, useState } from 'react';
import type { BodyMaterial } from '@/core/tackle/defaults/sink-classes';
import { useAnswer } from '@/features/fields/use-answer';
import { useI18n } from '@/i18n/client';
import { ChoiceField } from '@/ui/choice-field';
import type { QuestionOf } from '@/workers/protocol';
import { Answers, Fields, Figure, Note } from '@/features/fields/sheet';
import type { ToolProps } from './parts';

const DEGREE = Math.PI / 180;

/** Vertical fishing from a drift: what wind and water do, and the weight that keeps the line near the plumb. */
export function DriftTool({ main }: ToolProps) {
  const { t, format } = useI18n();
  const { presentation } = main.setup;
  const [ask, setAsk] = useState({
    windMps: 4,
    windAgainstRad: 0,
    surfaceMps: 0.2,
    bottomMps: 0,
    depthM: presentation.depthM,
    offPlumbRad: 15 * DEGREE,
    material: 'lead' as BodyMaterial,
  });
  const put = (change: Partial<typeof ask>) => setAsk((held) => ({ ...held, ...change }));
  const question = useMemo(
    (): QuestionOf<'drift-weight'> | null =>
      presentation.kind === 'towed' ? { kind: 'drift-weight', setup: main.setup, ask } : null,
    [main.setup, presentation, ask],
  );
  const { last } = useAnswer(question);
  if (presentation.kind !== 'towed') return <p>{t('water.card.onlyTowed')}</p>;
  const found = last?.answer ?? null;
  return (
    <>
      <Fields>
        <Figure
          label={t('water.drift.wind')}
          measure="speed"
          value={ask.windMps}
          limits={{ min: 0, max: 30 }}
          onValue={(windMps) => put({ windMps })}
        />
        <ChoiceField
          label={t('water.drift.way')}
          value={ask.windAgainstRad === 0 ? 'with' : ask.windAgainstRad > 2 ? 'against' : 'across'}
          options={(['with', 'across', 'against'] as const).map((value) => ({
            value,
            label: t(`water.drift.${value}`),
          }))}
          onValueChange={(way) => put({ windAgainstRad: { with: 0, across: Math.PI / 2, against: Math.PI }[way] })}
        />
        <Figure
          label={t('water.depth')}
          measure="depth"
          value={ask.depthM}
          limits={{ min: 0.5, max: 200 }}
          onValue={(depthM) => put({ depthM })}
        />
        <Figure
          label={t('water.drift.surface')}
          measure="speed"
          value={ask.surfaceMps}
          limits={{ min: -3, max: 3 }}
          onValue={(surfaceMps) => put({ surfaceMps })}
        />
        <Figure
          label={t('water.drift.atBottom')}
          measure="speed"
          value={ask.bottomMps}
          limits={{ min: -3, max: 3 }}
          onValue={(bottomMps) => put({ bottomMps })}
        />
        <Figure
          label={t('water.drift.offPlumb')}
          measure="angle"
          value={ask.offPlumbRad}
          limits={{ min: 2 * DEGREE, max: 80 * DEGREE }}
          onValue={(offPlumbRad) => put({ offPlumbRad })}
        />
      </Fields>
      {found && found.outcome !== 'ok' && <p className="font-semibold">{t(`water.outcome.${found.outcome}`)}</p>}
      {found && (
        <Answers
          rows={[
            [t('water.drift.through'), format(found.throughMps, 'speed')],
            [t('water.drift.ground'), format(found.overGroundMps, 'speed')],
            ...(found.outcome === 'ok'
              ? [
                  [
                    t('water.drift.answer'),
                    found.massKg === 0 ? t('water.drift.any') : format(found.massKg, 'mass'),
                    'drift-mass',
                  ] as const,
                  [t('water.weight.lineOut'), format(found.lineOutM, 'distance')] as const,
                ]
              : []),
          ]}
        />
      )}
      <Note>{t('water.drift.note')}</Note>
    </>
  );
}
